package silentotter.core.inference;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import silentotter.core.fault.Cause;
import silentotter.core.inference.SealCase.Look;

/**
 * The answer had one cylinder looked otherwise: without one of its readings, or with one part of the ways a reading can
 * come about. Its own weights are rebuilt and the messages of all others kept; what others say is carried over by how the
 * points of the shared unknowns gain or lose. How far that is from a full run, {@code CheapWeightsTest} measures.
 */
final class Otherwise {
    private final SealModel model;
    private final int cylinder;
    private final double[] ratio;
    private final double[] none;
    private final double[] noOil;
    private final double scale;
    private final Map<Member, double[]> own;
    private final double[] ownScale;
    private final Sums before;
    private final Sums after;

    private final Map<Member, double[]> gaskets = new HashMap<>();

    /**
     * How one cylinder is looked at.
     *
     * @param cranking what of its compression; null without
     * @param air what of its leak-down; null without
     */
    record View(
            CompressionTables.@Nullable View cranking,
            LeakdownTables.@Nullable View air,
            @Nullable Look look) {
        static View usual(SealModel model, int c) {
            return new View(
                    model.points.hasCompression(c) ? CompressionTables.View.usual(c) : null,
                    model.points.hasLeakdown(c) ? LeakdownTables.View.usual(c) : null,
                    model.look(c));
        }

        Seen of(SealModel model, int c) {
            Map<Integer, SealModel.Gasket> gaskets = new HashMap<>();
            for (int place : model.gasketsOf(c)) {
                gaskets.put(place, model.gasketWorth(place, model.points.gasketSeen(place, c, cranking, air), c, look));
            }
            return new Seen(Bins.of(model.points.seen(c, cranking, air), model.g), look, gaskets);
        }
    }

    /** A cylinder as it was looked at. @param gaskets worth of each gasket it shares, by place and point */
    record Seen(double[][] bins, @Nullable Look look, Map<Integer, SealModel.Gasket> gaskets) {}

    /** @param usual the cylinder as it is, over the same points as the other */
    Otherwise(SealModel model, int cylinder, Seen usual, Seen seen) {
        this.model = model;
        this.cylinder = cylinder;
        Sums before = new Sums(usual);
        Sums after = new Sums(seen);
        int g = model.g;
        ratio = new double[g];
        none = new double[g];
        noOil = new double[g];
        ownScale = new double[g];
        double sum = 0;
        for (int i = 0; i < g; i++) {
            ratio[i] = before.total[i] == 0 ? 0 : after.total[i] / before.total[i];
            ownScale[i] = before.total[i] == 0 ? 0 : model.totalByPoint()[i] / before.total[i];
            for (int k = 0; k < model.classes.size(); k++) {
                none[i] += before.sound[k][i] == 0
                        ? 0
                        : model.noneByPoint()[k][i] * after.sound[k][i] / before.sound[k][i];
            }
            noOil[i] = before.dry[i] == 0 ? 0 : model.noOilByPoint()[i] * after.dry[i] / before.dry[i];
            sum += model.totalByPoint()[i] * ratio[i];
        }
        scale = sum;
        own = after.members;
        seen.gaskets()
                .forEach((place, worth) -> gaskets.put(
                        new Member(
                                Cause.GASKET,
                                model.of.body().order()[place],
                                model.of.body().order()[place + 1]),
                        worth.worth()));
        this.before = before;
        this.after = after;
    }

    /** How much likelier everything that was seen would be. */
    double evidenceRatio() {
        return scale / Arrays.stream(model.totalByPoint()).sum();
    }

    double[] ratioByPoint() {
        return ratio;
    }

    Probabilities probabilities() {
        Map<Member, Double> all = new HashMap<>();
        double z = Arrays.stream(model.totalByPoint()).sum();
        for (Member m : model.members()) {
            double[] mine = gaskets.containsKey(m)
                    ? gaskets.get(m)
                    : m.cylinder() == cylinder && m.other() < 0 ? own.get(m) : null;
            double p = 0;
            if (mine != null) {
                for (int i = 0; i < mine.length; i++) {
                    p += mine[i] * ownScale[i];
                }
            } else {
                double[] byPoint = model.byPoint(m);
                for (int i = 0; i < byPoint.length; i++) {
                    p += byPoint[i] * z * ratio[i];
                }
            }
            all.put(m, Math.min(1, p / scale));
        }
        return new Probabilities(
                all,
                Arrays.stream(none).sum() / scale,
                Math.max(0, 1 - Arrays.stream(noOil).sum() / scale),
                water());
    }

    /** Water of this cylinder and its gaskets as they would be, and of the others as the points carry it over. */
    private double water() {
        Member here = Member.at(Cause.WATER, cylinder);
        double sum = 0;
        for (int i = 0; i < model.g; i++) {
            double own = (before.members.get(here)[i] + before.wet[i]) * ownScale[i];
            double apart = before.total[i] - before.ofGaskets[i];
            double carried = apart <= 0 ? 0 : (after.total[i] - after.ofGaskets[i]) / apart;
            sum += Math.max(0, model.waterByPoint()[i] - own) * carried
                    + (after.members.get(here)[i] + after.wet[i]) * ownScale[i];
        }
        return Math.min(1, sum / scale);
    }

    /** What the cylinder is worth in sum, sound, and without oil, by point. */
    private final class Sums {
        final double[] total = new double[model.g];
        final double[][] sound = new double[model.classes.size()][model.g];
        final double[] dry = new double[model.g];
        final double[] ofGaskets = new double[model.g];
        final double[] wet = new double[model.g];
        final Map<Member, double[]> members = new HashMap<>();

        Sums(Seen seen) {
            double[][] bins = seen.bins();
            Look look = seen.look();
            for (SealModel.Gasket gasket : seen.gaskets().values()) {
                for (int i = 0; i < model.g; i++) {
                    total[i] += gasket.worth()[i];
                    ofGaskets[i] += gasket.worth()[i];
                    wet[i] += gasket.wet()[i];
                    // A gasket between two lets no oil in.
                    dry[i] += gasket.worth()[i];
                }
            }
            for (int k = 0; k < model.classes.size(); k++) {
                SealModel.SetClass kind = model.classes.get(k);
                double[][] phi = model.collapse(cylinder, bins, kind, look);
                add(total, phi, model.others[k][cylinder], kind.prior(), true);
                double[][] dryOthers = model.dryOthers(k, cylinder);
                if (dryOthers != null) {
                    add(dry, phi, dryOthers, kind.prior(), false);
                }
                double factor = model.plugFactor(kind, look, States.SOUND, 0);
                for (int i = 0; i < model.g; i++) {
                    sound[k][i] = factor * bins[Bins.SOUND][i];
                }
                model.addStates(k, cylinder, bins, look, m -> members.computeIfAbsent(m, x -> new double[model.g]));
            }
        }

        private void add(double[] to, double[][] phi, double[][] others, double prior, boolean withOil) {
            for (int c = 0; c < Cells.TYPES; c++) {
                if (!withOil && (c == Cells.OIL_RING || c == Cells.STEM_SEAL)) {
                    continue;
                }
                for (int i = 0; i < model.g; i++) {
                    to[i] += prior * model.mass[i] * phi[c][i] * others[c][i];
                }
            }
        }
    }
}
