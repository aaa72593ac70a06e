package silentotter.core.inference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import silentotter.core.fault.Cause;
import silentotter.core.fault.EngineKind;
import silentotter.core.fault.PriorTable;
import silentotter.core.flow.TwoHoles;
import silentotter.core.inference.SealCase.Judged;
import silentotter.core.inference.SealCase.Look;
import silentotter.core.inference.SealCase.Signs;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;

/** The tables that the model reads: ears, plugs, states, curves and priors. */
class TablesTest {
    private static SealCase engine(int cylinders, Signs signs, Judged... judged) {
        boolean[] joined = new boolean[cylinders - 1];
        int[] order = new int[cylinders];
        for (int i = 0; i < cylinders; i++) {
            order[i] = i;
        }
        return new SealCase(
                new SealCase.Body(EngineKind.PETROL, order, joined, 1, 2),
                PriorTable.of(EngineKind.PETROL, List.of(), List.of()),
                null,
                null,
                null,
                null,
                null,
                signs,
                List.of(judged));
    }

    @Test
    void theLouderTheMoreAirAndTheQuieterTheLess() {
        for (int place = 0; place < Listening.PLACES; place++) {
            double small = Listening.factor(place, 3, 3) / Listening.factor(place, 0, 3);
            double large = Listening.factor(place, 3, 100) / Listening.factor(place, 0, 100);
            assertThat(large).as("place %d", place).isGreaterThan(2 * small);
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, .5, 5, 30, 500})
    void silenceNeverProvesThatNothingComesOut(double flow) {
        for (int place = 0; place < Listening.PLACES; place++) {
            for (int heard = 0; heard < 4; heard++) {
                assertThat(Listening.factor(place, heard, flow)).isBetween(.01, 1.0);
            }
        }
    }

    @Test
    void whatPlugsOfAKindLookLikeAddsUp() {
        for (int state : new int[] {States.SOUND, States.RING, States.BROKEN, States.WATER, States.EXHAUST + 17}) {
            double sum = Arrays.stream(Look.values())
                    .mapToDouble(l -> Math.pow(PlugTable.ofState(l, state, false, false), 1 / .85))
                    .sum();
            assertThat(sum).as("state %d", state).isCloseTo(1, within(.02));
        }
        assertThat(PlugTable.ofState(null, States.SOUND, false, false)).isEqualTo(1);
    }

    @Test
    void eachFaultHasTheLookThatNamesIt() {
        assertThat(gain(Look.STEAM, States.WATER)).isGreaterThan(20);
        assertThat(gain(Look.SPECKS, States.BROKEN)).isGreaterThan(20);
        assertThat(gain(Look.OIL_WET, States.RING + States.SIZES - 1)).isGreaterThan(5);
        assertThat(gain(Look.SOUND, States.WATER)).isLessThan(1);
    }

    private static double gain(Look look, int state) {
        return PlugTable.ofState(look, state, false, false) / PlugTable.ofState(look, States.SOUND, false, false);
    }

    @Test
    void oneOilyPlugSaysLessWhereTheWholeSetIsOily() {
        double tidy = PlugTable.ofLocalOil(Look.OIL_WET) / PlugTable.ofState(Look.OIL_WET, States.SOUND, false, false);
        double oily = PlugTable.ofLocalOil(Look.OIL_WET) / PlugTable.ofState(Look.OIL_WET, States.SOUND, true, false);
        assertThat(oily).isLessThan(tidy / 3);
    }

    @ParameterizedTest
    @EnumSource(EngineKind.class)
    void statesOfOneCylinderAddUpToOne(EngineKind kind) {
        double[] p = States.prior(PriorTable.of(kind, List.of(), List.of()));
        assertThat(Arrays.stream(p).sum()).isCloseTo(1, within(1e-9));
        assertThat(Arrays.stream(p)).allMatch(x -> x >= 0);
        if (kind == EngineKind.TWO_STROKE) {
            assertThat(p[States.MOTION]).as("there is no valve to open").isZero();
        }
    }

    @Test
    void binsKeepAllOfTheWeight() {
        double[][] state = new double[States.COUNT][1];
        for (int s = 0; s < States.COUNT; s++) {
            state[s][0] = s + 1;
        }
        double sum = Arrays.stream(Bins.of(state, 1)).mapToDouble(b -> b[0]).sum();
        assertThat(sum).isEqualTo(States.COUNT * (States.COUNT + 1) / 2.0);
    }

    @Test
    void theCurveOfATesterIsThatOfItsTwoHoles() {
        TwoHoles holes = new TwoHoles(LeakArea.ofSquareMm(.8), Pressure.ofKPa(690), Pressure.ofKPa(101));
        PercentCurve curve = PercentCurve.of(holes, 81);
        double last = -1;
        for (double area = .01; area < 100; area *= 1.37) {
            double percent = curve.percent(area);
            double really = holes.percent(holes.settlesAt(LeakArea.ofSquareMm(area * .9)));
            assertThat(percent).isCloseTo(really, within(.2)).isGreaterThanOrEqualTo(last);
            last = percent;
        }
        assertThat(curve.percent(1e-6)).isLessThan(1);
        assertThat(curve.percent(1e6)).isGreaterThan(99);
    }

    @Test
    void whatAllCylindersShareIsDividedByTheirNumber() {
        double four = new Priors(engine(4, Signs.NONE), Set.of()).of(Cause.WATER, 0);
        double eight = new Priors(engine(8, Signs.NONE), Set.of()).of(Cause.WATER, 7);
        assertThat(four).isCloseTo(2 * eight, within(1e-12));
        assertThat(new Priors(engine(8, Signs.NONE), Set.of()).of(Cause.RING, 0))
                .as("a ring is each cylinder's own")
                .isEqualTo(Cause.RING.prior(EngineKind.PETROL));
    }

    @Test
    void aWeakSignBesideAStrongOneTakesNothingAway() {
        Judged strong = new Judged("strong", 1, Map.of(Cause.RING, 10.0), "one");
        Judged weak = new Judged("weak", 1, Map.of(Cause.RING, 1.1), "one");
        double alone = new Priors(engine(4, Signs.NONE, strong), Set.of()).of(Cause.RING, 1);
        double both = new Priors(engine(4, Signs.NONE, strong, weak), Set.of()).of(Cause.RING, 1);
        assertThat(both).isGreaterThanOrEqualTo(alone);
        assertThat(new Priors(engine(4, Signs.NONE, strong, weak), Set.of("strong", "weak")).of(Cause.RING, 1))
                .isEqualTo(Cause.RING.prior(EngineKind.PETROL));
        assertThat(new Priors(engine(4, Signs.NONE, strong), Set.of()).of(Cause.RING, 0))
                .as("what is seen at one cylinder is not seen at its sister")
                .isEqualTo(Cause.RING.prior(EngineKind.PETROL));
    }

    @Test
    void forAndAgainstAreTemperedApart() {
        Judged for2 = new Judged("a", 0, Map.of(Cause.RING, 4.0), "one");
        Judged against = new Judged("b", 0, Map.of(Cause.RING, .25), "one");
        assertThat(new Priors(engine(2, Signs.NONE, for2, against), Set.of()).of(Cause.RING, 0))
                .isCloseTo(Cause.RING.prior(EngineKind.PETROL), within(1e-9));
    }

    @Test
    void noCombinationHoldsMoreThanThreeCausesAndTogetherTheyAreAll() {
        EngineLevel level = new EngineLevel(engine(4, Signs.NONE));
        double sum = 0;
        for (int i = 0; i < level.count(); i++) {
            int combination = i;
            assertThat(Arrays.stream(EngineLevel.CAUSES).filter(c -> level.has(combination, c)))
                    .hasSizeLessThanOrEqualTo(3);
            sum += level.exact(i, .3, 0, 0, false, PriorTable.of(EngineKind.PETROL, List.of(), List.of()));
        }
        assertThat(sum).as("four at once are left out").isBetween(.97, 1.0);
        assertThat(level.findings()).isEmpty();
    }
}
