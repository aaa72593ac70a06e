package silentotter.core.inference;

import java.util.List;
import java.util.Random;
import silentotter.core.fault.Cause;
import silentotter.core.fault.EngineKind;
import silentotter.core.inference.Draw.Cylinder;
import silentotter.core.inference.Played.Inside;

/**
 * Plays every test on an engine that was drawn, with the laws by which the model reads them. What is played is what the
 * tests would tell if the model were right; how far that flatters is measured on engines that it did not make.
 */
final class Rehearsal {
    private static final double REPEATS_HOT = .02;
    private static final double REPEATS_COLD = .03;
    private static final double SEALED = .42;
    private static final int RETAINED = 1;
    private static final double LEAST_OIL = .03;
    private static final double LEAST_LITRES = 1;

    /** How often a camera shows what is there, and what is not: a ratio of five, as its rules weigh it. */
    private static final double CAMERA_SHOWS = .45;

    private static final double CAMERA_MARKED = .4;
    private static final double CAMERA_ERRS = .09;

    private final SealCase of;
    private final AtHand at;
    private final Random random;
    private final int n;

    private Rehearsal(SealCase of, AtHand at, long seed) {
        this.of = of;
        this.at = at;
        this.random = new Random(seed);
        n = of.body().cylinders();
    }

    static List<Played> play(SealCase of, AtHand at, List<Draw> draws, long seed) {
        Rehearsal rehearsal = new Rehearsal(of, at, seed);
        return draws.stream().map(rehearsal::play).toList();
    }

    private Played play(Draw d) {
        double[] lnKPa = new double[n];
        double[] rise = new double[n];
        double[] percent = new double[n];
        int[][] heard = new int[n][SealCase.PLACES];
        int[] looks = new int[n];
        boolean[] cameBack = new boolean[n];
        boolean[][] camera = new boolean[n][Inside.values().length];
        boolean[] clearance = new boolean[n];
        double extraRings = 0;
        double extraOil = 0;
        for (int c = 0; c < n; c++) {
            Cylinder cylinder = d.cylinders().get(c);
            double gasket = gasket(d, c);
            compression(d, cylinder, gasket, c, lnKPa, rise);
            percent[c] = leakdown(d, cylinder, gasket);
            listen(d, cylinder, gasket, percent[c], heard[c]);
            looks[c] = look(d, cylinder);
            cameBack[c] = happens(cylinder.cause() == Cause.VALVE_HELD ? .75 : valve(cylinder) ? .10 : .04);
            look(d, cylinder, c, camera[c]);
            clearance[c] = happens(cylinder.cause() == Cause.VALVE_NOT_OPENING ? .6 : valve(cylinder) ? .2 : .05);
            extraRings += cylinder.ringLike() ? cylinder.size() : 0;
            extraOil += oil(cylinder);
        }
        double lambda = EngineLevel.lambda(d.has(Cause.OIL_RINGS), d.ringArea(), extraOil);
        boolean white = d.water() || d.has(Cause.EXHAUST_WATER);
        boolean local = d.cylinders().stream().anyMatch(c -> c.oil() == Cause.STEM_SEAL_HERE);
        double seals = d.has(Cause.STEM_SEALS) ? 1 : local ? .4 : 0;
        return new Played(
                lnKPa,
                rise,
                percent,
                heard,
                looks,
                cameBack,
                camera,
                clearance,
                Math.log(EngineLevel.flow(of.body(), at.litresPerArea(), d.ringArea(), extraRings) + LEAST_LITRES)
                        + EngineLevel.BLOWBY_SIGMA * random.nextGaussian(),
                happens(d.has(Cause.VENTILATION) ? .85 : .06),
                Math.log(oilUse(d, extraOil) + LEAST_OIL) + .15 * random.nextGaussian(),
                happens(EngineLevel.standing(seals, lambda)),
                happens(EngineLevel.underLoad(lambda)),
                happens(EngineLevel.overrun(seals, lambda)),
                happens(white ? .35 : .07),
                happens(d.has(Cause.OUTSIDE) ? .65 : .13),
                happens(EngineLevel.breatherOil(n, d.ringArea(), extraRings, d.has(Cause.VENTILATION))),
                happens(d.water() ? .62 : .155),
                happens(d.cylinders().stream().anyMatch(c -> c.cause() == Cause.BROKEN) ? .48 : .06),
                happens(d.water() ? .71 : .036),
                happens(d.water() ? .55 : .09),
                happens(d.has(Cause.CRANKCASE_AIR) ? .12 : .88));
    }

    private boolean happens(double p) {
        return random.nextDouble() < p;
    }

    private static double gasket(Draw d, int c) {
        return d.gaskets().stream()
                .filter(g -> g.of(c))
                .mapToDouble(Draw.Gasket::size)
                .sum();
    }

    private static boolean valve(Cylinder c) {
        return c.cause() == Cause.EXHAUST_VALVE || c.cause() == Cause.INTAKE_VALVE;
    }

    private void compression(Draw d, Cylinder c, double gasket, int i, double[] lnKPa, double[] rise) {
        double ringSigma = at.hot() ? CompressionTables.RING_HOT : CompressionTables.RING_COLD;
        double valveSigma = at.hot() ? CompressionTables.VALVE_HOT : CompressionTables.VALVE_COLD;
        double factor = Math.exp(d.lnStatic());
        double rings = CompressionTables.RING_SHARE * factor * (d.ringArea() + (c.ringLike() ? c.size() : 0));
        double sigma = c.ringLike() ? ringSigma : Math.hypot(ringSigma, CompressionTables.SISTERS);
        rings *= Math.exp(sigma * random.nextGaussian());
        double others =
                factor * (gasket + (c.ringLike() ? 0 : c.size())) * Math.exp(valveSigma * random.nextGaussian());
        double lnShare = at.cranking().lnShare(Math.log(rings + others));
        double motion = c.cause() == Cause.VALVE_NOT_OPENING
                ? CompressionTables.MOTION_FROM
                        + (CompressionTables.MOTION_TO - CompressionTables.MOTION_FROM) * random.nextDouble()
                : 0;
        double repeats = at.hot() ? REPEATS_HOT : REPEATS_COLD;
        lnKPa[i] = d.lnLevel() + lnShare + motion + repeats * random.nextGaussian();
        if (at.poured().length > 0) {
            GaugeCurve curve = at.poured()[RETAINED];
            double wet = curve.lnTight()
                    + curve.lnShare(Math.log(SEALED * rings + others))
                    - at.cranking().lnTight();
            rise[i] = Math.exp(wet - lnShare) - 1 + SealCase.Wet.COMPUTED_ARTEFACT * random.nextGaussian();
        }
    }

    private double leakdown(Draw d, Cylinder c, double gasket) {
        double area =
                d.ringArea() * (c.cause() == null ? Math.exp(CompressionTables.SISTERS * random.nextGaussian()) : 1)
                        + c.size()
                        + gasket;
        double shown = at.tester().percent(area * Math.exp(-d.lnBias()));
        double sigma = Math.hypot(Math.hypot(at.hot() ? 1.5 : 2.6, 1), (at.hot() ? .05 : .10) * shown);
        return Math.max(0, Math.min(100, shown + sigma * random.nextGaussian()));
    }

    private void listen(Draw d, Cylinder c, double gasket, double percent, int[] heard) {
        double perArea = at.tester().flowPerArea(percent);
        boolean intake = c.cause() == Cause.INTAKE_VALVE;
        boolean exhaust = c.cause() == Cause.EXHAUST_VALVE;
        if (c.cause() == Cause.VALVE_HELD) {
            intake = random.nextBoolean();
            exhaust = !intake;
        }
        double rings = d.ringArea() + (c.ringLike() ? c.size() : 0);
        double ports = of.body().kind() == EngineKind.TWO_STROKE ? Listening.PORT_SHARE * rings : 0;
        double[] area = {
            intake ? c.size() : 0,
            Listening.EXHAUST_SHARE * (ports + (exhaust ? c.size() : 0)),
            rings,
            c.cause() == Cause.WATER ? c.size() : 0,
            gasket
        };
        for (int place = 0; place < heard.length; place++) {
            double[] p = new double[4];
            for (int h = 0; h < p.length; h++) {
                p[h] = place == Listening.COOLANT && h > 1 ? 0 : Listening.factor(place, h, area[place] * perArea);
            }
            heard[place] = Draws.pick(p, random);
        }
    }

    private int look(Draw d, Cylinder c) {
        double[] p = new double[SealCase.Look.values().length];
        for (SealCase.Look look : SealCase.Look.values()) {
            p[look.ordinal()] = c.oil() != null
                    ? PlugTable.ofLocalOil(look)
                    : PlugTable.ofState(look, state(c), d.oilToAll(), d.dirty());
        }
        return Draws.pick(p, random);
    }

    /** The state of the grid that a cylinder is in. */
    private static int state(Cylinder c) {
        if (c.cause() == null) {
            return States.SOUND;
        }
        if (c.cause() == Cause.VALVE_NOT_OPENING) {
            return States.MOTION;
        }
        int from = States.firstOf(c.cause());
        int size = 0;
        while (size + 1 < States.SIZES && States.SIZE[size] < c.size() * .999) {
            size++;
        }
        return from + size;
    }

    private void look(Draw d, Cylinder c, int i, boolean[] inside) {
        boolean ringOil = c.oil() == Cause.OIL_RING_HERE || d.has(Cause.OIL_RINGS);
        boolean stemOil = c.oil() == Cause.STEM_SEAL_HERE || d.has(Cause.STEM_SEALS);
        boolean water = c.cause() == Cause.WATER || d.gaskets().stream().anyMatch(g -> g.wet() && g.of(i));
        shows(inside, Inside.CROWN_WET, ringOil || c.ringLike(), CAMERA_SHOWS);
        shows(inside, Inside.VALVE_BACK_WET, stemOil || d.has(Cause.VENTILATION), CAMERA_SHOWS);
        shows(inside, Inside.WASHED, water, CAMERA_SHOWS);
        shows(inside, Inside.BORE_MARKED, c.ringLike() || d.has(Cause.EVEN_WEAR), CAMERA_MARKED);
        shows(inside, Inside.VALVE_FACE, valve(c), CAMERA_MARKED);
    }

    private void shows(boolean[] inside, Inside what, boolean there, double p) {
        inside[what.ordinal()] = happens(there ? p : CAMERA_ERRS);
    }

    private static double oil(Cylinder c) {
        double use = c.oil() == Cause.OIL_RING_HERE
                ? Cells.OIL_RING_USE
                : c.oil() == Cause.STEM_SEAL_HERE ? Cells.STEM_SEAL_USE : 0;
        return use
                + (c.cause() == Cause.BROKEN
                        ? Cells.BROKEN_USE
                        : c.cause() == Cause.RING ? Cells.RING_USE * c.size() : 0);
    }

    private double oilUse(Draw d, double extraOil) {
        return EngineLevel.oilUse(of.body(), d.ringArea(), extraOil, d::has)
                * Math.exp(EngineLevel.OIL_LN_SIGMA * random.nextGaussian());
    }
}
