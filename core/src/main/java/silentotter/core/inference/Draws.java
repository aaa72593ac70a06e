package silentotter.core.inference;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import silentotter.core.fault.Cause;
import silentotter.core.inference.Draw.Cylinder;

/**
 * Exact joint draws from the model: a point of the shared unknowns and a class by their weight, then along the chain with
 * the messages that run back, then what stands behind each type, and the causes of the whole engine. What all draws have
 * in common is what is known; where they differ is what a test could tell. The same case and seed give the same draws.
 */
final class Draws {
    private static final double USUAL_LEVEL = .13;

    private final SealModel model;
    private final AtHand atHand;
    private final Random random;
    private final double[] likelihood;

    private Draws(SealModel model, AtHand atHand, long seed) {
        this.model = model;
        this.atHand = atHand;
        this.random = new Random(seed);
        boolean[] there = new boolean[Shared.W.length];
        for (int w : model.points.w) {
            there[w] = true;
        }
        likelihood = model.engine.likelihood(model.without, model.priors.engine, there);
    }

    /** @param seed draws of one seed are the same */
    static List<Draw> of(SealModel model, AtHand atHand, int count, long seed) {
        Draws draws = new Draws(model, atHand, seed);
        double[][] weights = new double[model.classes.size()][];
        for (int k = 0; k < weights.length; k++) {
            double[] total = model.chains.get(k).total();
            weights[k] = new double[model.g];
            for (int i = 0; i < model.g; i++) {
                weights[k][i] = model.mass[i] * model.classes.get(k).prior() * total[i];
            }
        }
        double[] flat = IntStream.range(0, weights.length * model.g)
                .mapToDouble(i -> weights[i / model.g][i % model.g])
                .toArray();
        return IntStream.range(0, count)
                .map(i -> draws.pick(flat))
                .mapToObj(at -> draws.draw(at / model.g, at % model.g))
                .toList();
    }

    private Draw draw(int k, int i) {
        SealModel.SetClass kind = model.classes.get(k);
        Cylinder[] cylinders = new Cylinder[model.n];
        List<Draw.Gasket> gaskets = new ArrayList<>();
        int cell = model.chains.get(k).walk(i, random, (place, step) -> {
            int c = model.of.body().order()[place];
            if (step >= 0) {
                cylinders[c] = cylinder(c, step, kind, i);
                return;
            }
            int other = model.of.body().order()[place + 1];
            cylinders[c] = Cylinder.SOUND;
            cylinders[other] = Cylinder.SOUND;
            double[][] sizes = model.points.gasket[place];
            double[] bySize = IntStream.range(0, States.SIZES)
                    .mapToDouble(s -> sizes[s][i])
                    .toArray();
            gaskets.add(new Draw.Gasket(c, other, States.SIZE[pick(bySize)], step == Chain.WET_GASKET));
        });
        int w = model.points.w[i];
        int member = pick(model.points.memberMass[i]);
        Set<Cause> ofEngine = ofEngine(kind, w, cell);
        if (random.nextDouble() < model.shared.even[w]) {
            ofEngine.add(Cause.EVEN_WEAR);
        }
        Cause low = random.nextDouble() < model.low[i] ? lowBy() : null;
        if (low != null) {
            ofEngine.add(low);
        }
        return new Draw(
                Shared.W[w],
                kind.oilToAll() == null ? random.nextDouble() > PlugTable.TIDY : kind.dirty(),
                model.of.compression() == null
                        ? atHand.lnStaticSigma() * random.nextGaussian()
                        : model.points.lnStatic(i, member),
                model.of.leakdown() == null
                        ? atHand.lnBiasSigma() * random.nextGaussian()
                        : model.points.lnBias(i, member),
                model.of.compression() == null ? level(low) : model.points.lnLevel(i, member),
                List.of(cylinders),
                gaskets,
                ofEngine);
    }

    private Cause lowBy() {
        double cam = model.priors.of(Cause.CAM_TIMING);
        double alike = model.priors.of(Cause.ALL_ALIKE);
        return random.nextDouble() * (cam + alike) < cam ? Cause.CAM_TIMING : Cause.ALL_ALIKE;
    }

    private double level(@Nullable Cause low) {
        double tight = atHand.cranking().lnTight();
        return low == null
                ? tight + USUAL_LEVEL * random.nextGaussian()
                : tight + Shared.LOW_LEVEL + Shared.LOW_LEVEL_SIGMA * random.nextGaussian();
    }

    private Cylinder cylinder(int c, int type, SealModel.SetClass kind, int i) {
        double[] weight = new double[States.COUNT * SealModel.KINDS_OF_OIL];
        for (int s = 0; s < States.COUNT; s++) {
            for (int oil = 0; oil < (SealModel.mayHaveLocalOil(s) ? SealModel.KINDS_OF_OIL : 1); oil++) {
                if (SealModel.type(s, oil) == type) {
                    weight[s * SealModel.KINDS_OF_OIL + oil] = model.points.state[c][s][i]
                            * model.plugFactor(kind, model.look(c), s, oil)
                            * (SealModel.mayHaveLocalOil(s) ? model.oilShare(c, oil) : 1);
                }
            }
        }
        int at = pick(weight);
        int state = at / SealModel.KINDS_OF_OIL;
        Cause oil = new Cause[] {null, Cause.OIL_RING_HERE, Cause.STEM_SEAL_HERE}[at % SealModel.KINDS_OF_OIL];
        return state == States.SOUND
                ? new Cylinder(null, 0, oil)
                : new Cylinder(SealModel.causeOf(state), state == States.MOTION ? 0 : States.sizeOf(state), oil);
    }

    private Set<Cause> ofEngine(SealModel.SetClass kind, int w, int cell) {
        double[] weight = new double[model.engine.count()];
        for (int c = 0; c < weight.length; c++) {
            weight[c] = model.isOf(kind, c) ? model.at(likelihood, c, w, cell) : 0;
        }
        int combination = pick(weight);
        Set<Cause> all = EnumSet.noneOf(Cause.class);
        for (Cause cause : EngineLevel.CAUSES) {
            if (model.engine.has(combination, cause)) {
                all.add(cause);
            }
        }
        return all;
    }

    private int pick(double[] weights) {
        return pick(weights, random);
    }

    /** An index by weight; the last that weighs anything where rounding runs over the end. */
    static int pick(double[] weights, Random random) {
        double sum = 0;
        for (double w : weights) {
            sum += w;
        }
        double left = random.nextDouble() * sum;
        int last = 0;
        for (int i = 0; i < weights.length; i++) {
            if (weights[i] > 0) {
                last = i;
                left -= weights[i];
                if (left < 0) {
                    return i;
                }
            }
        }
        return last;
    }
}
