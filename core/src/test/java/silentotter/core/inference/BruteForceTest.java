package silentotter.core.inference;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import silentotter.core.fault.EngineKind;

/** The chain with its grid of running sums against a sum over all joint states of small engines. */
class BruteForceTest {
    private static final double WORST = .03;

    @Test
    void theGridOfSumsIsWithinAFewHundredthsOfAllJointStates() {
        List<SealCase> twins = ReferenceCases.all().stream()
                .map(ReferenceCases.Reference::seal)
                .filter(c -> c.body().cylinders() == 2 && c.body().kind() != EngineKind.TWO_STROKE)
                .toList();
        assertThat(twins).isNotEmpty();
        double worst = 0;
        for (SealCase twin : twins) {
            SealModel model = SealModel.of(twin);
            Map<Member, Double> exact = exact(model);
            for (Map.Entry<Member, Double> e : exact.entrySet()) {
                double off = Math.abs(e.getValue() - model.probability(e.getKey()));
                assertThat(off).as(e.getKey().toString()).isLessThan(WORST);
                worst = Math.max(worst, off);
            }
        }
        if (Boolean.getBoolean("otter.printErrors")) {
            System.out.printf("grid of sums: worst %.4f over %d engines%n", worst, twins.size());
        }
    }

    private static Map<Member, Double> exact(SealModel model) {
        Map<Member, Double> sums = new HashMap<>();
        double z = 0;
        for (SealModel.SetClass kind : model.classes) {
            double[][] a = model.collapse(0, model.bins[0], kind, model.look(0));
            double[][] b = model.collapse(1, model.bins[1], kind, model.look(1));
            for (int x = 0; x < Cells.TYPES; x++) {
                for (int y = 0; y < Cells.TYPES; y++) {
                    if (x == Cells.WATER && y == Cells.WATER) {
                        continue;
                    }
                    double area = Cells.area(x) + Cells.area(y);
                    double oil = Cells.oil(x) + Cells.oil(y);
                    boolean water = x == Cells.WATER || y == Cells.WATER;
                    for (int combination = 0; combination < model.engine.count(); combination++) {
                        if (kind.oilToAll() != null && kind.oilToAll() != model.engine.oilToAll(combination)) {
                            continue;
                        }
                        double sum = 0;
                        for (int w = 0; w < Shared.W.length; w++) {
                            double here = 0;
                            for (int i = 0; i < model.g; i++) {
                                here += model.points.w[i] == w ? model.mass[i] * a[x][i] * b[y][i] : 0;
                            }
                            sum += here == 0
                                    ? 0
                                    : here
                                            * kind.prior()
                                            * model.engine.exact(
                                                    combination, Shared.W[w], area, oil, water, model.priors.engine);
                        }
                        z += sum;
                        for (var cause : EngineLevel.CAUSES) {
                            if (model.engine.has(combination, cause)) {
                                sums.merge(Member.ofEngine(cause), sum, Double::sum);
                            }
                        }
                        local(sums, x, 0, sum);
                        local(sums, y, 1, sum);
                    }
                }
            }
        }
        double all = z;
        sums.replaceAll((m, p) -> p / all);
        return sums;
    }

    private static void local(Map<Member, Double> sums, int type, int cylinder, double sum) {
        if (type == Cells.OIL_RING) {
            sums.merge(Member.at(silentotter.core.fault.Cause.OIL_RING_HERE, cylinder), sum, Double::sum);
        } else if (type == Cells.STEM_SEAL) {
            sums.merge(Member.at(silentotter.core.fault.Cause.STEM_SEAL_HERE, cylinder), sum, Double::sum);
        } else if (type == Cells.WATER) {
            sums.merge(Member.at(silentotter.core.fault.Cause.WATER, cylinder), sum, Double::sum);
        }
    }
}
