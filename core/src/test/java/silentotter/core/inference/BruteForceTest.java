package silentotter.core.inference;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import silentotter.core.fault.Cause;
import silentotter.core.inference.SealModel.SetClass;

/**
 * The chain with its grid of running sums against a sum over all joint states of small engines, gaskets included. With
 * {@code -Dotter.printErrors=true} the figures of docs/judgement.md are printed.
 */
class BruteForceTest {
    private static final double WORST = .03;

    @Test
    void theGridOfSumsIsWithinAFewHundredthsOfAllJointStates() {
        check(SmallEngines.of(2));
        check(SmallEngines.of(3).subList(0, 1));
    }

    private static void check(List<SealCase> engines) {
        assertThat(engines).isNotEmpty();
        double worst = 0;
        double sum = 0;
        int count = 0;
        for (SealCase engine : engines) {
            SealModel model = SealModel.of(engine);
            for (Map.Entry<Member, Double> e : new Exact(model).members().entrySet()) {
                double off = Math.abs(e.getValue() - model.probability(e.getKey()));
                assertThat(off).as(e.getKey().toString()).isLessThan(WORST);
                worst = Math.max(worst, off);
                sum += off;
                count++;
            }
        }
        if (Boolean.getBoolean("otter.printErrors")) {
            System.out.printf(
                    "grid of sums, %d cylinders: %d engines, worst %.4f, mean %.5f%n",
                    engines.get(0).body().cylinders(), engines.size(), worst, sum / count);
        }
    }

    /** Every joint state of all cylinders with every combination of causes of the whole engine, weighed one by one. */
    private static final class Exact {
        private final SealModel model;
        private final Map<Member, Double> sums = new HashMap<>();
        private double all;

        Exact(SealModel model) {
            this.model = model;
            for (SetClass kind : model.classes) {
                double[][][] phi = new double[model.n][][];
                for (int c = 0; c < model.n; c++) {
                    phi[c] = model.collapse(c, model.bins[c], kind, model.look(c));
                }
                State nothing = new State(model.mass, 0, 0, false, Map.of());
                from(0, kind, phi, model.gasket(kind, false), model.gasket(kind, true), nothing);
            }
        }

        Map<Member, Double> members() {
            Map<Member, Double> p = new HashMap<>(sums);
            p.replaceAll((member, sum) -> sum / all);
            return p;
        }

        private record State(double[] weight, double area, double oil, boolean water, Map<Member, Boolean> members) {
            State and(double[] factor, double moreArea, double moreOil, boolean isWater, Member member) {
                double[] product = new double[weight.length];
                Arrays.setAll(product, i -> weight[i] * factor[i]);
                Map<Member, Boolean> more = new HashMap<>(members);
                if (member != null) {
                    more.put(member, true);
                }
                return new State(product, area + moreArea, oil + moreOil, water || isWater, more);
            }
        }

        private void from(int place, SetClass kind, double[][][] phi, double[][] dry, double[][] wet, State so) {
            if (Arrays.stream(so.weight()).max().orElse(0) == 0) {
                return;
            }
            if (place == model.n) {
                weigh(kind, so);
                return;
            }
            for (int type = 0; type < Cells.TYPES; type++) {
                if (type == Cells.WATER && so.water()) {
                    continue;
                }
                from(
                        place + 1,
                        kind,
                        phi,
                        dry,
                        wet,
                        so.and(
                                phi[place][type],
                                Cells.area(type),
                                Cells.oil(type),
                                type == Cells.WATER,
                                member(type, place)));
            }
            if (place + 1 < model.n) {
                Member gasket = new Member(Cause.GASKET, place, place + 1);
                from(place + 2, kind, phi, dry, wet, so.and(dry[place], 0, 0, false, gasket));
                if (!so.water()) {
                    from(place + 2, kind, phi, dry, wet, so.and(wet[place], 0, 0, true, gasket));
                }
            }
        }

        private void weigh(SetClass kind, State so) {
            double[] byW = new double[Shared.W.length];
            for (int i = 0; i < model.g; i++) {
                byW[model.points.w[i]] += so.weight()[i] * kind.prior();
            }
            for (int combination = 0; combination < model.engine.count(); combination++) {
                if (kind.oilToAll() != null && kind.oilToAll() != model.engine.oilToAll(combination)) {
                    continue;
                }
                double sum = 0;
                for (int w = 0; w < byW.length; w++) {
                    sum += byW[w] == 0
                            ? 0
                            : byW[w]
                                    * model.engine.exact(
                                            combination,
                                            Shared.W[w],
                                            so.area(),
                                            so.oil(),
                                            so.water(),
                                            model.priors.engine);
                }
                all += sum;
                for (Cause cause : EngineLevel.CAUSES) {
                    if (model.engine.has(combination, cause)) {
                        sums.merge(Member.ofEngine(cause), sum, Double::sum);
                    }
                }
                for (Member member : so.members().keySet()) {
                    sums.merge(member, sum, Double::sum);
                }
            }
        }

        /** Causes that are a type of their own; sizes of rings collapse with more than one cause. */
        private static Member member(int type, int cylinder) {
            return type == Cells.OIL_RING
                    ? Member.at(Cause.OIL_RING_HERE, cylinder)
                    : type == Cells.STEM_SEAL
                            ? Member.at(Cause.STEM_SEAL_HERE, cylinder)
                            : type == Cells.WATER
                                    ? Member.at(Cause.WATER, cylinder)
                                    : type >= Cells.BROKEN
                                            ? Member.at(Cause.BROKEN, cylinder)
                                            : type >= Cells.RING ? Member.at(Cause.RING, cylinder) : null;
        }
    }
}
