package silentotter.core.standin;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import silentotter.core.scpi.ScpiCommand;
import silentotter.core.scpi.ScpiError;
import silentotter.core.scpi.ScpiNumber;

/**
 * An instrument that answers as a real one does and reads a computed engine. It keeps no time of its own: who asks says how
 * late it is, so that the same questions have the same answers.
 */
public final class StandIn {
    private static final int MOST_ERRORS = 16;
    private static final int LONGEST_LINE = 512;
    private static final double SLOWEST = 1;
    private static final double FASTEST = 2000;
    private static final double USUAL_RATE = 1000;
    private static final double KPA_IN_A_BAR = 100;

    /** What it is an instrument of. */
    public enum StandInKind {
        COMPRESSION("pressure transducer", "MEASure:PRESsure"),
        LEAKDOWN("leak-down tester", "MEASure:PRESsure"),
        CRANKCASE("manometer", "MEASure:PRESsure"),
        STARTER("current clamp", "MEASure:CURRent");

        private final String words;
        private final String measures;

        StandInKind(String words, String measures) {
            this.words = words;
            this.measures = measures;
        }

        /** What people call it. */
        public String words() {
            return words;
        }
    }

    private final StandInKind kind;
    private final StandInEngine engine;
    private final Mischief mischief;
    private final Random random;
    private final Deque<ScpiError> errors = new ArrayDeque<>();
    private int cylinder = 1;
    private Signal signal;
    private double begun = Double.NaN;
    private double rate = USUAL_RATE;
    /** Number of the next sample of the stream; below 0 while there is none. */
    private long next = -1;

    private double streamFrom;
    private int streams;

    public StandIn(StandInKind kind, StandInEngine engine, Mischief mischief, long seed) {
        this.kind = kind;
        this.engine = engine;
        this.mischief = mischief;
        this.random = new Random(seed);
        this.signal = signal();
    }

    private Signal signal() {
        return switch (kind) {
            case COMPRESSION -> Signals.compression(engine, cylinder, mischief);
            case LEAKDOWN -> Signals.leakdown(engine, cylinder, mischief);
            case CRANKCASE -> Signals.crankcase(engine, mischief);
            case STARTER -> Signals.starter(engine);
        };
    }

    /**
     * @param line as it came, without its end
     * @param now seconds, never falling
     * @return one line for each query of it, in order
     */
    public List<String> answer(String line, double now) {
        List<String> answers = new ArrayList<>();
        if (line.length() > LONGEST_LINE) {
            error(ScpiError.INPUT_BUFFER_OVERRUN);
            return answers;
        }
        for (ScpiCommand command : ScpiCommand.of(line)) {
            (command.query() ? asked(command, now) : told(command, now)).ifPresent(answers::add);
        }
        return answers;
    }

    private Optional<String> asked(ScpiCommand c, double now) {
        if (c.is("*IDN")) {
            return Optional.of("Silent Otter," + kind.words + " stand-in,0,1.0");
        }
        if (c.is("*OPC")) {
            return Optional.of("1");
        }
        if (c.is("SYSTem:ERRor[:NEXT]")) {
            return Optional.of((errors.isEmpty() ? ScpiError.NO_ERROR : errors.poll()).line());
        }
        if (c.is("SYSTem:VERSion")) {
            return Optional.of("1999.0");
        }
        if (c.is("UNIT:PRESsure") && kind != StandInKind.STARTER) {
            return Optional.of(signal.unit());
        }
        if (c.is("SENSe:RATE")) {
            return Optional.of(ScpiNumber.written(rate, Double.MAX_VALUE));
        }
        if (c.is(kind.measures) || c.is("READ") || c.is("FETCh")) {
            return Optional.of(sample(now));
        }
        error(ScpiError.UNDEFINED_HEADER);
        return Optional.empty();
    }

    private Optional<String> told(ScpiCommand c, double now) {
        if (c.is("*CLS")) {
            errors.clear();
        } else if (c.is("*RST")) {
            cylinder = 1;
            rate = USUAL_RATE;
            begun = Double.NaN;
            next = -1;
            signal = signal();
        } else if (c.is("SENSe:RATE")) {
            number(c, SLOWEST, FASTEST).ifPresent(hertz -> rate = hertz);
        } else if (c.is("ROUTe:CYLinder")) {
            number(c, 1, engine.cylinders()).ifPresent(n -> {
                cylinder = (int) Math.rint(n);
                signal = signal();
                begun = Double.NaN;
            });
        } else if (c.is("INITiate")) {
            begun = now;
        } else if (c.is("ABORt")) {
            begun = Double.NaN;
            next = -1;
        } else if (c.is("STReam:STARt")) {
            next = 0;
            streamFrom = now;
            streams++;
        } else if (c.is("STReam:STOP")) {
            next = -1;
        } else {
            error(ScpiError.UNDEFINED_HEADER);
        }
        return Optional.empty();
    }

    private Optional<Double> number(ScpiCommand c, double least, double most) {
        if (c.parameters().size() != 1) {
            error(c.parameters().isEmpty() ? ScpiError.MISSING_PARAMETER : ScpiError.PARAMETER_NOT_ALLOWED);
            return Optional.empty();
        }
        Optional<ScpiNumber> number =
                ScpiNumber.of(c.parameters().get(0)).filter(n -> n.kind() == ScpiNumber.Kind.VALUE);
        if (number.isEmpty()) {
            error(ScpiError.NUMERIC_DATA_ERROR);
            return Optional.empty();
        }
        if (number.get().value() < least || number.get().value() > most) {
            error(ScpiError.DATA_OUT_OF_RANGE);
            return Optional.empty();
        }
        return number.map(ScpiNumber::value);
    }

    private void error(ScpiError error) {
        if (errors.size() == MOST_ERRORS) {
            errors.removeLast();
            errors.add(ScpiError.QUEUE_OVERFLOW);
        } else {
            errors.add(error);
        }
    }

    /** A crankcase breathes whoever looks; the others show nothing before they are begun. */
    private boolean isOn(double now) {
        return kind == StandInKind.CRANKCASE || now >= begun;
    }

    private String sample(double now) {
        StringBuilder text = new StringBuilder();
        for (int channel = 0; channel < signal.channels(); channel++) {
            double value = isOn(now) ? signal.at(Double.isNaN(begun) ? now : now - begun, channel) : 0;
            double noisy = value + mischief.noise() * signal.full() * random.nextGaussian();
            text.append(channel == 0 ? "" : ",")
                    .append(ScpiNumber.written(mischief.slippedUnit() ? noisy / KPA_IN_A_BAR : noisy, signal.full()));
        }
        return text.toString();
    }

    /** Which stream it is, counted from 1: one that is begun anew is another one. */
    public int streamNumber() {
        return streams;
    }

    /** Whether it sends without being asked. */
    public boolean streams() {
        return next >= 0;
    }

    /**
     * What a stream has to send up to now: a line a sample, its number and its values, none left out. A sample keeps the time
     * at which it was due, however late it is asked for.
     *
     * @param most lines at once
     */
    public List<String> stream(double now, int most) {
        List<String> lines = new ArrayList<>();
        while (streams() && lines.size() < most && streamFrom + next / rate <= now) {
            lines.add(next + "," + sample(streamFrom + next / rate));
            next++;
        }
        return lines;
    }
}
