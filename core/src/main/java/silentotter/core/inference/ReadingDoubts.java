package silentotter.core.inference;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import silentotter.core.inference.ReadingDoubt.Kind;
import silentotter.core.inference.ReadingDoubt.Test;

/**
 * Which readings may be wrong, and how. For each reading only one part of the ways it can come about is left in, and what
 * that is worth is held against all of them; two cylinders written down the wrong way round are tried pair by pair.
 */
final class ReadingDoubts {
    /** Below this a doubt is not worth a line. */
    private static final double LEAST = .005;

    private static final double PAIRS_PRIOR = .01;
    /** Pairs that differ less than this cannot be told from each other, ln of compression and points of leak-down. */
    private static final double LN_DIFFERENT = Math.log(1.06);

    private static final double POINTS_DIFFERENT = 6;

    private final SealModel model;
    private final SealCase of;
    private final Points points;
    private final Otherwise.Seen[] usual;

    private ReadingDoubts(SealModel model) {
        this.model = model;
        this.of = model.of;
        this.points = model.points;
        this.usual = IntStream.range(0, model.n)
                .parallel()
                .mapToObj(c -> Otherwise.View.usual(model, c).of(model, c))
                .toArray(Otherwise.Seen[]::new);
    }

    static List<ReadingDoubt> of(SealModel model) {
        ReadingDoubts doubts = new ReadingDoubts(model);
        List<ReadingDoubt> found = new ArrayList<>(IntStream.range(0, model.n)
                .parallel()
                .mapToObj(doubts::ofCylinder)
                .flatMap(List::stream)
                .toList());
        doubts.exchanged(found);
        return found;
    }

    private List<ReadingDoubt> ofCylinder(int c) {
        List<ReadingDoubt> found = new ArrayList<>();
        Otherwise.View usual = Otherwise.View.usual(model, c);
        if (usual.cranking() != null) {
            Kind[] kinds = {null, Kind.ADAPTER, Kind.UNIT, Kind.MISTYPED};
            for (int part = 1; part < CompressionTables.PARTS; part++) {
                CompressionTables.View only = new CompressionTables.View(c, c, part, true);
                add(found, Test.COMPRESSION, c, kinds[part], worth(c, only, usual.air()));
            }
        }
        if (usual.air() != null) {
            Kind[] kinds = {null, Kind.WRONG_STROKE, Kind.ADAPTER, Kind.MISTYPED};
            for (int part = 1; part < LeakdownTables.PARTS; part++) {
                LeakdownTables.View only = new LeakdownTables.View(c, c, part, true, true);
                add(found, Test.LEAKDOWN, c, kinds[part], worth(c, usual.cranking(), only));
            }
        }
        return found;
    }

    private double worth(int c, CompressionTables.@Nullable View cranking, LeakdownTables.@Nullable View air) {
        return otherwise(c, cranking, air).evidenceRatio();
    }

    private Otherwise otherwise(int c, CompressionTables.@Nullable View cranking, LeakdownTables.@Nullable View air) {
        return new Otherwise(model, c, usual[c], new Otherwise.View(cranking, air, model.look(c)).of(model, c));
    }

    private static void add(List<ReadingDoubt> to, Test test, int c, Kind kind, double p) {
        if (p >= LEAST) {
            to.add(new ReadingDoubt(test, c, -1, kind, Math.min(1, p)));
        }
    }

    /** Two readings of one test written down for each other. */
    private void exchanged(List<ReadingDoubt> found) {
        int pairs = model.n * (model.n - 1) / 2;
        List<ReadingDoubt> tried = new ArrayList<>();
        for (int a = 0; a < model.n; a++) {
            for (int b = a + 1; b < model.n; b++) {
                for (Test test : Test.values()) {
                    if (differ(test, a, b)) {
                        tried.add(new ReadingDoubt(test, a, b, Kind.SWAPPED, PAIRS_PRIOR / pairs));
                    }
                }
            }
        }
        tried = tried.parallelStream()
                .map(d -> new ReadingDoubt(
                        d.test(),
                        d.cylinder(),
                        d.other(),
                        d.kind(),
                        d.probability() * exchangeRatio(d.test(), d.cylinder(), d.other())))
                .toList();
        double sum = 1 + tried.stream().mapToDouble(ReadingDoubt::probability).sum();
        tried.stream()
                .map(d -> new ReadingDoubt(d.test(), d.cylinder(), d.other(), d.kind(), d.probability() / sum))
                .filter(d -> d.probability() >= LEAST)
                .forEach(found::add);
    }

    private boolean differ(Test test, int a, int b) {
        if (test == Test.COMPRESSION) {
            return points.hasCompression(a)
                    && points.hasCompression(b)
                    && Math.abs(of.compression().lnKPa()[a] - of.compression().lnKPa()[b]) > LN_DIFFERENT;
        }
        return points.hasLeakdown(a)
                && points.hasLeakdown(b)
                && Math.abs(of.leakdown().percent()[a] - of.leakdown().percent()[b]) > POINTS_DIFFERENT;
    }

    private double exchangeRatio(Test test, int a, int b) {
        double[] first = ratio(test, a, b);
        double[] second = ratio(test, b, a);
        double[] total = model.totalByPoint();
        double sum = 0;
        double z = 0;
        for (int i = 0; i < model.g; i++) {
            sum += total[i] * first[i] * second[i];
            z += total[i];
        }
        return sum / z;
    }

    private double[] ratio(Test test, int c, int from) {
        CompressionTables.View cranking = points.hasCompression(c)
                ? test == Test.COMPRESSION ? CompressionTables.View.exchanged(c, from) : CompressionTables.View.usual(c)
                : null;
        LeakdownTables.View air = points.hasLeakdown(c)
                ? test == Test.LEAKDOWN ? LeakdownTables.View.exchanged(c, from) : LeakdownTables.View.usual(c)
                : null;
        return otherwise(c, cranking, air).ratioByPoint();
    }
}
