package silentotter.core.inference;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import silentotter.core.fault.EngineKind;
import silentotter.core.inference.SealCase.Tapped;

/**
 * Likelihood of one cylinder's leak-down reading together with what was heard and what a tap on the valve changed, for
 * every kind and size of leak, by shared ring area and bias of the tester.
 */
final class LeakdownTables {
    static final int OK = 0;
    static final int WRONG_STROKE = 1;
    static final int ADAPTER = 2;
    static final int MISTYPED = 3;
    static final int PARTS = 4;

    private static final double P_WRONG_STROKE = .03;
    private static final double P_ADAPTER = .03;
    private static final double P_MISTYPED = .005;
    private static final double WRONG_STROKE_READS = 97;
    private static final double WRONG_STROKE_SIGMA = 6;
    private static final double WRONG_STROKE_AREA = 12;
    private static final double[] ADAPTER_AREA = {.7, 1.5, 3.5, 9};
    private static final double[] ADAPTER_WEIGHT = {.25, .35, .25, .15};
    private static final double MISTYPED_DENSITY = .01;
    private static final double SISTERS = .28;

    /** Kinds as the air tells them apart. */
    static final int RING_LIKE = 0;

    static final int EXHAUST = 1;
    static final int INTAKE = 2;
    static final int HELD = 3;
    static final int WATER = 4;
    static final int TO_NEXT = 5;
    static final int TO_LAST = 6;
    static final int KINDS = 7;

    private static final int SIZES = States.SIZES;

    private final SealCase of;
    private final SealCase.Leakdown test;
    private final Shared shared;
    private final double[] partPrior;

    LeakdownTables(SealCase of, SealCase.Leakdown test, Shared shared) {
        this.of = of;
        this.test = test;
        this.shared = shared;
        boolean fourStroke = of.body().kind() != EngineKind.TWO_STROKE;
        double stroke = fourStroke ? P_WRONG_STROKE : 0;
        partPrior = new double[] {1 - stroke - P_ADAPTER - P_MISTYPED, stroke, P_ADAPTER, P_MISTYPED};
    }

    boolean read(int cylinder) {
        return !Double.isNaN(test.percent()[cylinder]);
    }

    /** What is looked at: all of it, one part of the mixture, or it without what was heard or without the tap. */
    record View(int cylinder, int readingOf, int part, boolean heard, boolean tapped) {
        static final int ALL = -1;

        static View usual(int cylinder) {
            return new View(cylinder, cylinder, ALL, true, true);
        }

        /** Reading and sounds of another cylinder written down for this one. */
        static View exchanged(int cylinder, int from) {
            return new View(cylinder, from, ALL, true, true);
        }
    }

    /** Densities of one reading by (w, b) and size, and for a sound cylinder by node: rightly, and through the adapter. */
    private final class Read {
        final double[][] rightly;
        final double[][] adapter;
        final double[][] soundRightly;
        final double[][] soundAdapter;
        /** By shared ring area: what was heard, and as if nobody had listened. */
        final Ears[] listening = new Ears[Shared.W.length];

        final Ears[] deaf = new Ears[Shared.W.length];

        Read(int from) {
            int points = Shared.W.length * shared.b.length;
            rightly = new double[points][SIZES];
            adapter = new double[points][SIZES];
            soundRightly = new double[points][Densities.NODES.length];
            soundAdapter = new double[points][Densities.NODES.length];
            double read = test.percent()[from];
            double perArea = test.curves()[from].flowPerArea(read);
            for (int w = 0; w < Shared.W.length; w++) {
                listening[w] = new Ears(test.heard()[from], perArea, Shared.W[w], test.towards()[from]);
                deaf[w] = new Ears(null, perArea, Shared.W[w], -1);
            }
            for (int at = 0; at < points; at++) {
                double w = Shared.W[at / shared.b.length];
                double bias = Math.exp(-shared.b[at % shared.b.length]);
                for (int s = 0; s < SIZES; s++) {
                    rightly[at][s] = reads(from, read, (w + States.SIZE[s]) * bias);
                    adapter[at][s] = throughAdapter(from, read, w + States.SIZE[s], bias);
                }
                for (int x = 0; x < Densities.NODES.length; x++) {
                    double area = w * Math.exp(SISTERS * Densities.NODES[x]);
                    soundRightly[at][x] = reads(from, read, area * bias);
                    soundAdapter[at][x] = throughAdapter(from, read, area, bias);
                }
            }
        }
    }

    private final Map<Integer, Read> reads = new ConcurrentHashMap<>();

    private Read reads(int from) {
        return reads.computeIfAbsent(from, Read::new);
    }

    /** Likelihoods by (w, b): each kind by size, then sound. */
    static final class Table {
        final double[][][] kind;
        final double[] sound;

        Table(int points) {
            kind = new double[KINDS][points][SIZES];
            sound = new double[points];
        }
    }

    /**
     * @param next the index of the cylinder at the far side of the gasket in standing order; −1 for none
     * @param last the one before
     */
    Table table(View view, int next, int last) {
        int nb = shared.b.length;
        Table table = new Table(Shared.W.length * nb);
        int from = view.readingOf();
        Read read = reads(from);
        Ears[] ears = view.heard() ? read.listening : read.deaf;
        int[] kinds = kinds(next, last);
        double wrongStroke = Densities.normal(test.percent()[from] - WRONG_STROKE_READS, WRONG_STROKE_SIGMA);
        for (int wi = 0; wi < Shared.W.length; wi++) {
            Ears here = ears[wi];
            double stroke = wrongStroke * here.wrongStroke;
            for (int at = wi * nb; at < (wi + 1) * nb; at++) {
                for (int x = 0; x < Densities.NODES.length; x++) {
                    table.sound[at] += Densities.NODE_WEIGHTS[x]
                            * mixture(
                                    view,
                                    read.soundRightly[at][x],
                                    read.soundAdapter[at][x],
                                    here.sound,
                                    stroke,
                                    OTHER);
                }
                for (int s = 0; s < SIZES; s++) {
                    for (int k : kinds) {
                        table.kind[k][at][s] = mixture(
                                view,
                                read.rightly[at][s],
                                read.adapter[at][s],
                                here.factor(k, s, next, last),
                                stroke,
                                tapRow(k));
                    }
                }
            }
        }
        return table;
    }

    private int[] kinds(int next, int last) {
        if (next < 0 && last < 0) {
            return new int[] {RING_LIKE, EXHAUST, INTAKE, HELD, WATER};
        }
        return new int[] {RING_LIKE, EXHAUST, INTAKE, HELD, WATER, TO_NEXT, TO_LAST};
    }

    private static final double FLAT = .05;
    private static final int HELD_ROW = 0;
    private static final int VALVE_ROW = 1;
    private static final int OTHER = 2;
    private static final int ADAPTER_ROW = 3;
    /** Came back to base, and unchanged, after a tap: held, leaking valve, others, the adapter. */
    private static final double[][] TAP = {{.75, .20}, {.10, .85}, {.04, .91}, {.15, .80}};

    private static int tapRow(int kind) {
        return kind == HELD ? HELD_ROW : kind == EXHAUST || kind == INTAKE ? VALVE_ROW : OTHER;
    }

    private double tap(View view, int row) {
        Tapped tapped = view.tapped() ? test.tapped()[view.readingOf()] : Tapped.NOT_DONE;
        return switch (tapped) {
            case NOT_DONE -> 1;
            case CAME_BACK -> TAP[row][0];
            case UNCHANGED -> TAP[row][1];
            case WORSE -> FLAT;
        };
    }

    /** @param rightly density of the reading as it should be; @param adapter the same with an adapter that leaks */
    private double mixture(View view, double rightly, double adapter, double heard, double wrongStroke, int tapRow) {
        double p = 0;
        int part = view.part();
        if (part == View.ALL || part == OK) {
            p += partPrior[OK] * heard * tap(view, tapRow) * rightly;
        }
        if (part == View.ALL || part == ADAPTER) {
            p += partPrior[ADAPTER] * heard * tap(view, ADAPTER_ROW) * adapter;
        }
        if (part == View.ALL || part == MISTYPED) {
            p += partPrior[MISTYPED] * heard * tap(view, tapRow) * MISTYPED_DENSITY;
        }
        if (part == View.ALL || part == WRONG_STROKE) {
            p += partPrior[WRONG_STROKE] * tap(view, OTHER) * wrongStroke;
        }
        return p;
    }

    private double throughAdapter(int from, double read, double area, double bias) {
        double sum = 0;
        for (int i = 0; i < ADAPTER_AREA.length; i++) {
            sum += ADAPTER_WEIGHT[i] * reads(from, read, (area + ADAPTER_AREA[i]) * bias);
        }
        return sum;
    }

    private double reads(int from, double read, double area) {
        double predicted = test.curves()[from].percent(area);
        double own = test.sigma()[from];
        double share = test.sigmaShare() * predicted;
        double sigma = Math.sqrt(own * own + share * share);
        return Densities.t4(read - predicted, sigma);
    }

    /** Factors for what was heard, place by place, at one shared ring area. */
    private final class Ears {
        private final int[] heard;
        private final double perArea;
        private final int towards;
        private final double crankcaseOfSound;
        private final double quiet;
        private final double[] intake = new double[SIZES];
        private final double[] exhaust = new double[SIZES];
        /** A valve that is held is an intake as often as an exhaust valve. */
        private final double[] half = new double[SIZES];

        private final double[] rings = new double[SIZES];
        private final double[] coolant = new double[SIZES];
        private final double[] neighbour = new double[SIZES];
        final double sound;
        final double wrongStroke;

        Ears(int[] heard, double perArea, double w, int towards) {
            this.heard = heard;
            this.perArea = perArea;
            this.towards = towards;
            boolean ports = of.body().kind() == EngineKind.TWO_STROKE;
            crankcaseOfSound = at(Listening.CRANKCASE, w);
            double exhaustOfSound =
                    at(Listening.EXHAUST, ports ? Listening.EXHAUST_SHARE * Listening.PORT_SHARE * w : 0);
            double intakeQuiet = at(Listening.INTAKE, 0);
            double coolantQuiet = at(Listening.COOLANT, 0);
            double neighbourQuiet = at(Listening.NEIGHBOUR, 0);
            quiet = intakeQuiet * coolantQuiet * neighbourQuiet;
            sound = crankcaseOfSound * exhaustOfSound * quiet;
            wrongStroke = at(Listening.INTAKE, WRONG_STROKE_AREA)
                    * at(Listening.EXHAUST, Listening.EXHAUST_SHARE * WRONG_STROKE_AREA)
                    * crankcaseOfSound
                    * coolantQuiet
                    * neighbourQuiet;
            for (int s = 0; s < SIZES; s++) {
                double size = States.SIZE[s];
                intake[s] = at(Listening.INTAKE, size) / intakeQuiet;
                exhaust[s] = at(Listening.EXHAUST, Listening.EXHAUST_SHARE * size) / at(Listening.EXHAUST, 0);
                half[s] = (intake[s] + exhaust[s]) / 2;
                rings[s] = at(Listening.CRANKCASE, w + size)
                        / crankcaseOfSound
                        * (ports
                                ? at(Listening.EXHAUST, Listening.EXHAUST_SHARE * Listening.PORT_SHARE * (w + size))
                                        / exhaustOfSound
                                : 1);
                coolant[s] = at(Listening.COOLANT, size) / coolantQuiet;
                neighbour[s] = at(Listening.NEIGHBOUR, size) / neighbourQuiet;
            }
        }

        private double at(int place, double area) {
            return heard == null || heard[place] < 0 ? 1 : Listening.factor(place, heard[place], area * perArea);
        }

        double factor(int kind, int size, int next, int last) {
            return sound
                    * switch (kind) {
                        case RING_LIKE -> rings[size];
                        case EXHAUST -> exhaust[size];
                        case INTAKE -> intake[size];
                        case HELD -> half[size];
                        case WATER -> coolant[size];
                        case TO_NEXT -> towards < 0 || towards == next ? neighbour[size] : 1;
                        default -> towards < 0 || towards == last ? neighbour[size] : 1;
                    };
        }
    }
}
