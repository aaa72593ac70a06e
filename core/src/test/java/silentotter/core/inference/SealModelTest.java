package silentotter.core.inference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import silentotter.core.fault.Cause;
import silentotter.core.fault.EngineKind;
import silentotter.core.fault.PriorTable;
import silentotter.core.inference.SealCase.Signs;

/** Cases small enough for Bayes on paper, and what must hold for every engine. */
class SealModelTest {
    private static SealCase bare(Signs signs) {
        boolean[] joined = {true, true, true};
        return new SealCase(
                new SealCase.Body(EngineKind.PETROL, new int[] {0, 1, 2, 3}, joined, .95, 2),
                PriorTable.of(EngineKind.PETROL, List.of(), List.of(Cause.EXHAUST_WATER)),
                null,
                null,
                null,
                null,
                null,
                signs,
                List.of());
    }

    private static Signs signs(Boolean gas, Boolean outside) {
        return new Signs(null, null, null, null, null, gas, null, null, null, null, outside, null);
    }

    private static double odds(double p) {
        return p / (1 - p);
    }

    @Test
    void oneSignMultipliesTheOddsOfItsFaultAndOfNothingElse() {
        double prior = Cause.OUTSIDE.prior(EngineKind.PETROL);
        Probabilities wet = SealModel.of(bare(signs(null, true))).probabilities();
        assertThat(odds(wet.of(Member.ofEngine(Cause.OUTSIDE))) / odds(prior)).isCloseTo(.65 / .13, within(.05));
        Probabilities dry = SealModel.of(bare(signs(null, false))).probabilities();
        assertThat(odds(dry.of(Member.ofEngine(Cause.OUTSIDE))) / odds(prior)).isCloseTo(.35 / .87, within(.02));
        double before = SealModel.of(bare(Signs.NONE)).probabilities().of(Member.ofEngine(Cause.STEM_SEALS));
        assertThat(wet.of(Member.ofEngine(Cause.STEM_SEALS))).isCloseTo(before, within(1e-3));
    }

    @Test
    void aSignOfWaterIsWeighedOnceHoweverManyCylindersCouldHaveIt() {
        double before = SealModel.of(bare(Signs.NONE)).probabilities().waterEntry();
        double after = SealModel.of(bare(signs(true, null))).probabilities().waterEntry();
        assertThat(odds(after) / odds(before)).isCloseTo(20, within(.01));
    }

    @Test
    void beforeAnyTestTheAnswerIsThePrior() {
        Probabilities p = SealModel.of(bare(Signs.NONE)).probabilities();
        assertThat(p.of(Member.ofEngine(Cause.VENTILATION))).isCloseTo(.08, within(1e-3));
        assertThat(p.of(Member.ofEngine(Cause.EVEN_WEAR))).isCloseTo(.12, within(.01));
        assertThat(p.of(Member.at(Cause.RING, 2))).isCloseTo(.02, within(.002));
    }

    @Test
    void judgedSignsOfOneCauseAreTempered() {
        SealCase bare = bare(Signs.NONE);
        List<SealCase.Judged> four = java.util.stream.IntStream.range(0, 4)
                .mapToObj(i -> new SealCase.Judged("s" + i, -1, java.util.Map.of(Cause.VENTILATION, 4.0), "one"))
                .toList();
        SealCase with = new SealCase(bare.body(), bare.priors(), null, null, null, null, null, Signs.NONE, four);
        double after = SealModel.of(with).probabilities().of(Member.ofEngine(Cause.VENTILATION));
        assertThat(odds(after) / odds(.08)).isCloseTo(9.19, within(.1));
    }

    private static SealCase reference(int number) {
        return ReferenceCases.all().stream()
                .filter(r -> r.number() == number)
                .findFirst()
                .orElseThrow()
                .seal();
    }

    /** The same engine read from its other end. */
    private static SealCase mirrored(SealCase of) {
        int[] order = of.body().order();
        int n = order.length;
        int[] back = new int[n];
        boolean[] joined = new boolean[n - 1];
        for (int i = 0; i < n; i++) {
            back[i] = order[n - 1 - i];
        }
        for (int i = 0; i + 1 < n; i++) {
            joined[i] = of.body().joined()[n - 2 - i];
        }
        return new SealCase(
                new SealCase.Body(
                        of.body().kind(),
                        back,
                        joined,
                        of.body().scale(),
                        of.body().displacementL()),
                of.priors(),
                of.compression(),
                of.leakdown(),
                of.plugs(),
                of.blowby(),
                of.oilUse(),
                of.signs(),
                of.judged());
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 10, 14, 16, 22, 26})
    void fromWhichEndTheCylindersAreCountedChangesNothing(int number) {
        SealCase one = reference(number);
        Probabilities a = SealModel.of(one).probabilities();
        Probabilities b = SealModel.of(mirrored(one)).probabilities();
        a.members().forEach((m, p) -> {
            Member same = m.cause() == Cause.GASKET && !b.members().containsKey(m)
                    ? new Member(m.cause(), m.other(), m.cylinder())
                    : m;
            assertThat(b.of(same)).as(m.toString()).isCloseTo(p, within(.02));
        });
    }

    private static SealCase air(SealCase of, double percent, int place, int heard) {
        SealCase.Leakdown l = of.leakdown();
        double[] read = l.percent().clone();
        read[2] = percent;
        int[][] ears = Arrays.stream(l.heard()).map(int[]::clone).toArray(int[][]::new);
        ears[2][place] = heard;
        return of.with(new SealCase.Leakdown(
                read, l.sigma(), l.sigmaShare(), l.lnBiasSigma(), l.curves(), ears, l.towards(), l.tapped()));
    }

    @Test
    void louderAtTheIntakeNeverLowersTheIntakeValve() {
        SealCase of = reference(11);
        double before = 0;
        for (int heard = 0; heard <= 3; heard++) {
            double p = SealModel.of(air(of, 40, Listening.INTAKE, heard))
                    .probabilities()
                    .of(Member.at(Cause.INTAKE_VALVE, 2));
            assertThat(p).isGreaterThanOrEqualTo(before - 1e-6);
            before = p;
        }
        assertThat(before).as("it is heard at the exhaust too").isGreaterThan(.1);
    }

    @Test
    void moreLeakIsNeverLessSuspicion() {
        SealCase of = reference(6);
        double before = 0;
        for (double percent = 5; percent <= 75; percent += 10) {
            SealAnswer answer = SealAnswer.of(air(of, percent, Listening.CRANKCASE, 2));
            // With good compression beside it, suspicion falls on the reading as much as on the cylinder.
            double suspicion = 1
                    - answer.probabilities().nothingWrong()
                    + answer.doubts().stream()
                            .filter(d -> d.test() == ReadingDoubt.Test.LEAKDOWN)
                            .mapToDouble(ReadingDoubt::probability)
                            .sum();
            assertThat(suspicion).as(percent + " %").isGreaterThan(before - .03);
            before = suspicion;
        }
    }

    @Test
    void aTestThatReadNothingSaysNothing() {
        SealCase of = reference(20);
        SealCase.Leakdown l = reference(8).leakdown();
        double[] unread = new double[2];
        Arrays.fill(unread, Double.NaN);
        SealCase with = of.with(new SealCase.Leakdown(
                unread, l.sigma(), l.sigmaShare(), l.lnBiasSigma(), l.curves(), l.heard(), l.towards(), l.tapped()));
        Probabilities a = SealModel.of(of).probabilities();
        Probabilities b = SealModel.of(with).probabilities();
        a.members().forEach((m, p) -> assertThat(b.of(m)).as(m.toString()).isCloseTo(p, within(.01)));
    }

    @Test
    void twoReadingsWrittenDownForEachOtherAreAskedAbout() {
        SealCase of = reference(11);
        SealCase.Leakdown l = of.leakdown();
        double[] swapped = l.percent().clone();
        swapped[2] = l.percent()[3];
        swapped[3] = 60;
        SealCase wrong = of.with(new SealCase.Leakdown(
                swapped, l.sigma(), l.sigmaShare(), l.lnBiasSigma(), l.curves(), l.heard(), l.towards(), l.tapped()));
        assertThat(SealAnswer.of(wrong).doubts())
                .anyMatch(d -> d.test() == ReadingDoubt.Test.LEAKDOWN && d.probability() > .25);
    }
}
