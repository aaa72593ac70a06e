package silentotter.core.standin;

import java.util.ArrayList;
import java.util.List;
import silentotter.core.flow.TwoHoles;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.quantity.Pressure;

/** What the four stand-ins show of an engine. */
final class Signals {
    /** The starter takes so long to come up to speed, s. */
    private static final double STARTER = .25;
    /** Of its travel, in which a stroke raises the gauge: the last third before top centre. */
    private static final double RISE = .17;

    private static final double GAUGE_FULL_KPA = 2000;
    /** A tester fills a cylinder through its orifice within this, s. */
    private static final double FILLING = 1.2;

    /** A tap is opened by hand, s. */
    private static final double OPENING = .08;

    private static final double TESTER_FULL_KPA = 1000;
    private static final double MANOMETER_FULL_PA = 2500;
    private static final double IDLE_RPM = 800;
    private static final double CLAMP_FULL_A = 600;
    /** A starter that turns a warm engine, and what one bar of compression asks on top of it. Trade practice. */
    private static final double STARTER_MEAN_A = 140;

    private static final double AMPERE_PER_KPA = .06;

    private Signals() {}

    private record Of(int channels, double full, String unit, Reader reader) implements Signal {
        @Override
        public double at(double seconds, int channel) {
            return reader.at(seconds, channel);
        }
    }

    private interface Reader {
        double at(double seconds, int channel);
    }

    /** A pressure transducer behind a check valve, while the engine is cranked. */
    static Signal compression(StandInEngine engine, int cylinder, Mischief mischief) {
        List<Double> after = new ArrayList<>();
        engine.compression(cylinder).forEach(p -> after.add(p.kPa()));
        double each = engine.strokeSeconds();
        return new Of(1, GAUGE_FULL_KPA, "KPA", (t, channel) -> held(after, each, t - STARTER, mischief));
    }

    /** Rises with each stroke and holds in between, as well as its valve does. */
    private static double held(List<Double> after, double each, double t, Mischief mischief) {
        double kPa = 0;
        double from = 0;
        for (int i = 0; i < after.size(); i++) {
            double begins = i * each;
            double rise = RISE * each;
            if (t < begins) {
                break;
            }
            double start = kPa * Math.exp(-Math.max(0, begins - from) / mischief.valveSeconds());
            // A stroke that does not reach what the gauge holds leaves it alone.
            double target = Math.max(start, after.get(i));
            double share = Math.min(1, (t - begins) / rise);
            kPa = start + (target - start) * share * share * (3 - 2 * share);
            from = begins + rise;
            if (share < 1) {
                return kPa;
            }
        }
        return kPa * Math.exp(-Math.max(0, t - from) / mischief.valveSeconds());
    }

    /** A leak-down tester: its supply, and the cylinder as it fills and settles. */
    static Signal leakdown(StandInEngine engine, int cylinder, Mischief mischief) {
        TwoHoles tester =
                LeakdownTester.MASTER.holes(Pressure.STANDARD_ATMOSPHERE).orElseThrow();
        double settles = engine.settlesAt(cylinder, tester).kPa();
        double supply = tester.supply().kPa();
        double flowing = 1 - settles / supply;
        return new Of(2, TESTER_FULL_KPA, "KPA", (t, channel) -> {
            double filled = 1 - Math.exp(-t / FILLING);
            double drooped = 1 - mischief.droop() * (1 - filled * (1 - flowing));
            double opened = 1 - Math.exp(-t / OPENING);
            return channel == 0 ? supply * opened * drooped : settles * filled * drooped;
        });
    }

    /** A digital manometer on the crankcase, idling: the mean, and a pulse of every cylinder as big as its leak. */
    static Signal crankcase(StandInEngine engine, Mischief mischief) {
        double total = engine.leaks().stream().mapToDouble(a -> a.squareMm()).sum();
        double mean = 60 + 40 * total;
        double cycle = (engine.fourStroke() ? 2 : 1) * 60 / IDLE_RPM;
        int n = engine.cylinders();
        return new Of(1, MANOMETER_FULL_PA, "PA", (t, channel) -> {
            double at = t / cycle % 1;
            double pulse = 0;
            for (int i = 0; i < n; i++) {
                double leak =
                        engine.leaks().get(engine.firingOrder().get(i) - 1).squareMm();
                double off = Math.min(Math.abs(at - (i + .5) / n), 1 - Math.abs(at - (i + .5) / n)) * n;
                pulse += leak * (Math.exp(-8 * off * off) - .3);
            }
            return mean + 20 * pulse;
        });
    }

    /** A clamp on the starter's cable: every compression asks for more, as much as the cylinder holds. */
    static Signal starter(StandInEngine engine) {
        int n = engine.cylinders();
        double cycle = engine.strokeSeconds();
        List<Double> peaks = new ArrayList<>();
        for (int cylinder : engine.firingOrder()) {
            List<Pressure> all = engine.compression(cylinder);
            peaks.add(all.get(all.size() - 1).kPa());
        }
        return new Of(1, CLAMP_FULL_A, "A", (t, channel) -> {
            double inrush = 250 * Math.exp(-t / .06);
            double at = t / cycle % 1 * n;
            int i = (int) at;
            double within = Math.sin(Math.PI * (at - i));
            return STARTER_MEAN_A + inrush + AMPERE_PER_KPA * peaks.get(i % n) * within * within;
        });
    }
}
