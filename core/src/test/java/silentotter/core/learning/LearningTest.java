package silentotter.core.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static silentotter.core.found.TakenApart.cylinder;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Cause;
import silentotter.core.fault.EngineKind;
import silentotter.core.fault.Family;
import silentotter.core.fault.Fault;
import silentotter.core.fault.Learnt;
import silentotter.core.fault.Learnt.Instrument;
import silentotter.core.found.CylinderFound.BoreFound;
import silentotter.core.found.Outcome;
import silentotter.core.found.TakenApart;
import silentotter.core.found.ValveFound.FluidTest;
import silentotter.core.learning.Lesson.Figure;
import silentotter.core.learning.Lesson.Moved;
import silentotter.core.outcome.PastJob;
import silentotter.core.outcome.Prediction;
import silentotter.core.outcome.Prediction.Place;
import silentotter.core.outcome.Said;

class LearningTest {
    private static final Engine FOUR = Bench.inline(4).engine();
    private static final double PRIOR = Cause.EXHAUST_VALVE.prior(EngineKind.PETROL);

    /** One cylinder's exhaust valve, as a test of some strength saw it: what was said of it, and what it was. */
    private record Engines(Random random, double timesCommoner) {
        PastJob next(long number, String family) {
            double odds = PRIOR / (1 - PRIOR) * timesCommoner;
            boolean burnt = random.nextDouble() < odds / (1 + odds);
            // The log likelihood ratio of a gaussian test two standard deviations strong.
            double strength = 2;
            double reading = random.nextGaussian() + (burnt ? strength : 0);
            double ratio = Math.exp(strength * reading - strength * strength / 2);
            double said = PRIOR / (1 - PRIOR) * ratio;
            return valve(number, said / (1 + said), burnt, family);
        }
    }

    private static PastJob valve(long number, double p, boolean burnt, String family) {
        Said said = Said.nothingYet()
                .family(family)
                .suspect(Family.VALVE_LEAK, Fault.EXHAUST_VALVE, p, 3)
                .sign("rule:inside-deposit", 0, 5, true);
        TakenApart found = TakenApart.engine()
                .with(3, cylinder().exhaust(v -> v.fluid(burnt ? FluidTest.RUNS_THROUGH : FluidTest.TIGHT)));
        return new PastJob(number, "", false, said.prediction(), Outcome.of(FOUR, found.found()));
    }

    private static List<PastJob> shop(long seed, double times, int jobs) {
        Engines engines = new Engines(new Random(seed), times);
        List<PastJob> past = new ArrayList<>();
        for (int i = 0; i < jobs; i++) {
            past.add(engines.next(i, ""));
        }
        return past;
    }

    private static Moved priorOf(Lesson lesson) {
        return lesson.moved().stream()
                .filter(m -> m.figure() == Figure.PRIOR && m.family().isEmpty())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aPriorThatIsOtherHereIsFoundWithinItsInterval() {
        double odds = PRIOR / (1 - PRIOR) * 3;
        double truth = odds / (1 + odds);
        int within = 0;
        for (int seed = 0; seed < 40; seed++) {
            Moved moved = priorOf(Learning.from(shop(seed, 3, 1500), List.of()));
            within += moved.low() <= truth && truth <= moved.high() ? 1 : 0;
        }
        // Nine in ten, of forty shops.
        assertThat(within).isGreaterThanOrEqualTo(32);
    }

    @Test
    void enginesThatWereOpenedBecauseTheyLookedBadDoNotTeachThatEnginesAreBad() {
        int within = 0;
        for (int seed = 0; seed < 40; seed++) {
            List<PastJob> opened = shop(seed, 1, 3000).stream()
                    .filter(p -> p.prediction().places().get(0).probability() > .1)
                    .toList();
            Lesson lesson = Learning.from(opened, List.of());
            within += lesson.moved().stream()
                            .filter(m -> m.figure() == Figure.PRIOR)
                            .allMatch(m -> m.low() <= PRIOR && PRIOR <= m.high())
                    ? 1
                    : 0;
        }
        assertThat(within).isGreaterThanOrEqualTo(34);
    }

    @Test
    void withoutTestsItIsTheCountOfABetaDistribution() {
        List<OddsShift.Case> cases = new ArrayList<>();
        for (int i = 0; i < 50; i++) {
            cases.add(new OddsShift.Case(PRIOR, i < 5, 1));
        }
        OddsShift shift = OddsShift.of(PRIOR, 3, cases);

        double moved = 1 / (1 + Math.exp(-OddsShift.logit(PRIOR) - shift.shift()));
        assertThat(moved).isCloseTo((3 + 5) / (3 / PRIOR + 50), within(1e-6));
    }

    @Test
    void aFewOutcomesMoveLittleAndNoneMoveNothing() {
        assertThat(Learning.from(List.of(), List.of()).learnt()).isEqualTo(Learnt.NOTHING);
        Lesson two = Learning.from(List.of(valve(1, .8, true, ""), valve(2, .7, true, "")), List.of());
        assertThat(two.learnt().odds(EngineKind.PETROL, "", Cause.EXHAUST_VALVE))
                .isBetween(1.0, 1.3);
    }

    @Test
    void nothingMovesFartherThanItsBound() {
        List<PastJob> always = new ArrayList<>();
        for (int i = 0; i < 400; i++) {
            always.add(valve(i, .05, true, ""));
        }
        Learnt learnt = Learning.from(always, List.of()).learnt();
        assertThat(learnt.odds(EngineKind.PETROL, "", Cause.EXHAUST_VALVE)).isCloseTo(4, within(1e-9));
    }

    @Test
    void theOrderDoesNotMatterAndAJobTakenOutIsALessonTakenBack() {
        List<PastJob> past = shop(3, 3, 300);
        List<PastJob> turned = new ArrayList<>(past);
        Collections.reverse(turned);
        assertThat(Learning.from(turned, List.of()).learnt().odds(EngineKind.PETROL, "", Cause.EXHAUST_VALVE))
                .isCloseTo(
                        Learning.from(past, List.of()).learnt().odds(EngineKind.PETROL, "", Cause.EXHAUST_VALVE),
                        within(1e-6));

        List<PastJob> more = new ArrayList<>(past);
        more.add(valve(999, .1, true, ""));
        assertThat(Learning.from(more, List.of())).isNotEqualTo(Learning.from(past, List.of()));
        assertThat(Learning.from(more.subList(0, past.size()), List.of())).isEqualTo(Learning.from(past, List.of()));
    }

    @Test
    void practiceAndPartialFindingsTeachNothing() {
        PastJob practice = new PastJob(
                1,
                "",
                true,
                valve(1, .1, true, "").prediction(),
                valve(1, .1, true, "").outcome());
        Said rings = Said.nothingYet().suspect(Family.RINGS, Fault.RING_SEAL, .1, 3);
        TakenApart fromAbove = TakenApart.engine().with(3, cylinder().bore(BoreFound.SCORED));
        PastJob partly = new PastJob(2, "", false, rings.prediction(), Outcome.of(FOUR, fromAbove.found()));

        assertThat(Learning.from(List.of(practice, partly), List.of()).learnt()).isEqualTo(Learnt.NOTHING);
    }

    @Test
    void aFamilyThatFailsMoreIsToldFromTheOthersAndHeldToThem() {
        Random random = new Random(5);
        Engines bad = new Engines(random, 6);
        Engines usual = new Engines(random, 1);
        List<PastJob> past = new ArrayList<>();
        for (int i = 0; i < 1200; i++) {
            past.add(i % 3 == 0 ? bad.next(i, "Petrel 40") : usual.next(i, "Tarn 22"));
        }
        Learnt learnt = Learning.from(past, List.of()).learnt();

        double petrel = learnt.odds(EngineKind.PETROL, "Petrel 40", Cause.EXHAUST_VALVE);
        double tarn = learnt.odds(EngineKind.PETROL, "Tarn 22", Cause.EXHAUST_VALVE);
        assertThat(petrel).isGreaterThan(2 * tarn).isLessThan(6);
        assertThat(learnt.odds(EngineKind.PETROL, "", Cause.EXHAUST_VALVE)).isBetween(tarn, petrel);
    }

    @Test
    void aSignThatMisleadsLosesWeightAndNeverTurnsRound() {
        List<PastJob> past = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            past.add(valve(i, .5, i % 6 == 0, ""));
        }
        Learnt learnt = Learning.from(past, List.of()).learnt();

        assertThat(learnt.signs().get("inside-deposit")).isLessThan(.9);
        assertThat(learnt.ratio("inside-deposit", 5)).isBetween(1.0, 4.9);
        assertThat(learnt.ratio("inside-deposit", 1.05)).isEqualTo(1);
        assertThat(learnt.ratio("inside-deposit", .4)).isEqualTo(.4);
        assertThat(learnt.ratio("another", 5)).isEqualTo(5);
    }

    @Test
    void repeatsTeachTheNoiseOfAGauge() {
        Random random = new Random(11);
        List<Repeats> twice = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            twice.add(new Repeats(
                    Instrument.COMPRESSION, i, List.of(2 * random.nextGaussian(), 2 * random.nextGaussian())));
        }
        Lesson lesson = Learning.from(List.of(), twice);
        assertThat(lesson.learnt().noise(Instrument.COMPRESSION)).isBetween(1.75, 2.2);
        assertThat(lesson.learnt().noise(Instrument.LEAKDOWN)).isEqualTo(1);
        assertThat(lesson.moved())
                .singleElement()
                .satisfies(m -> assertThat(2.0).isBetween(m.low(), m.high()));
        // One pair that agrees does not make a gauge exact.
        Lesson once = Learning.from(List.of(), List.of(new Repeats(Instrument.COMPRESSION, 1, List.of(0.0, 0.0))));
        assertThat(once.learnt().noise(Instrument.COMPRESSION)).isGreaterThan(.9);
    }

    @Test
    void whatWasLearntBeforeIsNotLearntAgain() {
        List<PastJob> past = shop(9, 3, 800);
        Lesson first = Learning.from(past, List.of());
        double factor = first.learnt().odds(EngineKind.PETROL, "", Cause.EXHAUST_VALVE);
        // The same engines, predicted with what was learnt: each odds higher by the factor, and said to be so.
        List<PastJob> after = past.stream().map(p -> predictedWith(factor, p)).toList();
        assertThat(Learning.from(after, List.of()).learnt().odds(EngineKind.PETROL, "", Cause.EXHAUST_VALVE))
                .isCloseTo(factor, within(1e-3));
    }

    private static PastJob predictedWith(double factor, PastJob p) {
        Prediction said = p.prediction();
        List<Place> places = said.places().stream()
                .map(x -> {
                    double odds = x.probability() / (1 - x.probability()) * factor;
                    return new Place(x.fault(), x.cylinders(), x.prior(), odds / (1 + odds), factor);
                })
                .toList();
        return new PastJob(
                p.job(),
                p.name(),
                false,
                new Prediction(
                        said.at(),
                        said.model(),
                        said.tables(),
                        true,
                        said.technician(),
                        said.kind(),
                        said.family(),
                        said.certain(),
                        said.meant(),
                        said.suspects(),
                        places,
                        said.signs(),
                        said.tested(),
                        said.littleTested(),
                        said.own()),
                p.outcome());
    }
}
