package silentotter.app.standin;

import java.io.IOException;
import java.io.PrintStream;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import silentotter.core.quantity.LeakArea;
import silentotter.core.standin.Mischief;
import silentotter.core.standin.StandIn.StandInKind;
import silentotter.core.standin.StandInEngine;

/** The command {@code simulate}: a bench of four stand-ins on a four-cylinder engine whose faults the caller sets. */
public final class Simulate {
    public static final String COMMAND = "simulate";

    static final int USUAL_PORT = 5025;
    private static final int CYLINDERS = 4;
    private static final List<Integer> FIRING_ORDER = List.of(1, 3, 4, 2);
    private static final double SOUND_MM2 = .3;
    private static final double MOST_MM2 = 500;

    static final String USAGE = """
            ./otter simulate [--port N] [--leak CYLINDER=MM2]... [--noise SHARE] [--valve-leaks SECONDS]
                             [--droop SHARE] [--slipped-unit]
              A pressure transducer, a leak-down tester, a manometer and a current clamp on four ports from N on
              (5025 where nothing is said), on an engine of four cylinders that all leak 0.3 mm2 where nothing else is said.""";

    private Simulate() {}

    /** What was asked for. */
    record Asked(int port, List<Double> leaks, Mischief mischief) {
        /** @throws IllegalArgumentException in words for whoever typed it */
        static Asked of(List<String> arguments) {
            int port = USUAL_PORT;
            List<Double> leaks = new ArrayList<>(Collections.nCopies(CYLINDERS, SOUND_MM2));
            double noise = Mischief.USUAL.noise();
            double valve = Mischief.USUAL.valveSeconds();
            double droop = 0;
            boolean slipped = false;
            for (int i = 0; i < arguments.size(); i++) {
                String option = arguments.get(i);
                if (option.equals("--slipped-unit")) {
                    slipped = true;
                    continue;
                }
                String value = i + 1 < arguments.size() ? arguments.get(++i) : "";
                switch (option) {
                    case "--port" -> port = (int) number(option, value, 1024, 65_000);
                    case "--leak" -> {
                        String[] parts = value.split("=", 2);
                        int cylinder = (int) number(option, parts[0], 1, CYLINDERS);
                        leaks.set(cylinder - 1, number(option, parts.length > 1 ? parts[1] : "", 0, MOST_MM2));
                    }
                    case "--noise" -> noise = number(option, value, 0, .1);
                    case "--valve-leaks" -> valve = number(option, value, .05, 3600);
                    case "--droop" -> droop = number(option, value, 0, .5);
                    default -> throw new IllegalArgumentException("There is no option " + option + ".");
                }
            }
            return new Asked(port, List.copyOf(leaks), new Mischief(noise, valve, droop, slipped));
        }

        private static double number(String option, String text, double least, double most) {
            try {
                double value = Double.parseDouble(text);
                if (value >= least && value <= most) {
                    return value;
                }
            } catch (NumberFormatException e) {
                // Said below.
            }
            throw new IllegalArgumentException(
                    option + " needs a number from " + least + " to " + most + ", and not \"" + text + "\".");
        }

        StandInEngine engine() {
            return StandInEngine.usual(leaks.stream().map(LeakArea::ofSquareMm).toList(), FIRING_ORDER);
        }
    }

    /** Serves until it is stopped. @return what the process ends with where it cannot begin */
    public static int run(List<String> arguments, PrintStream out, PrintStream err) {
        try {
            Asked asked = Asked.of(arguments);
            try (StandInBench bench = new StandInBench(asked.engine(), asked.mischief(), asked.port())) {
                for (StandInKind kind : StandInKind.values()) {
                    out.println("127.0.0.1:" + bench.port(kind) + "  " + kind.words());
                }
                out.println("Ctrl-C stops them. By hand: nc 127.0.0.1 " + asked.port() + ", then *IDN?");
                Thread.currentThread().join();
            }
            return 0;
        } catch (IllegalArgumentException e) {
            err.println(e.getMessage());
            err.println(USAGE);
        } catch (IOException e) {
            err.println("A port is taken already: choose others with --port.");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        return 2;
    }
}
