package silentotter.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.core.leakdown.Taken.made;
import static silentotter.core.leakdown.Taken.on;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import silentotter.core.compression.Bench;
import silentotter.core.crankcase.Chamber;
import silentotter.core.crankcase.CrankcaseHold;
import silentotter.core.crankcase.HoldRun;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.examination.Examination;
import silentotter.core.finding.Shop;
import silentotter.core.hidden.HiddenJob;
import silentotter.core.hidden.RoundDone;
import silentotter.core.hidden.Workshop;
import silentotter.core.intake.Intake;
import silentotter.core.interpretation.Interpreter;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.leakdown.Place;
import silentotter.core.plugs.PlugTray;
import silentotter.core.signs.Signs;

/** What comes next: one action, its minutes and its caution, and never what was just done. */
class NextStepsTest {
    private static Set<Integer> cylinders(NextStep.NextTest test) {
        return test.cylinders().stream().map(CylinderNumber::value).collect(Collectors.toSet());
    }

    private static NextStep first(Diagnosis d) {
        return d.next().get(0);
    }

    @Test
    void whatIsNextOnAnEmptySheetIsCompressionOfAll() {
        NextStep step = first(Bench.inline(4).diagnose());
        assertThat(step.tests().get(0).test()).isEqualTo("COMPRESSION");
        assertThat(step.minutes()).isEqualTo(13);
        assertThat(step.hazards()).anyMatch(h -> h.contains("ignition off"));
    }

    @Test
    void aHalfReadRowIsFinishedFirst() {
        NextStep step = first(Bench.inline(6).dry(1300, 1290, 1310).diagnose());
        assertThat(step.tests().get(0).test()).isEqualTo("COMPRESSION");
        assertThat(cylinders(step.tests().get(0))).containsExactlyInAnyOrder(4, 5, 6);
    }

    @Test
    void oneLowCylinderIsWettedWithASisterAsControlWhileTheGaugeIsIn() {
        NextStep step = first(Bench.inline(4).dry(1300, 1290, 850, 1310).diagnose());
        assertThat(step.text()).startsWith("Wet test on {cyl:3}").contains("control");
        assertThat(step.hazards()).anyMatch(h -> h.contains("oil"));
    }

    @Test
    void aWetTestThatWasDoneIsNotAskedForAgain() {
        Diagnosis d = Bench.inline(4)
                .dry(1300, 1290, 850, 1310)
                .wet(new double[] {3, 5, 1150}, new double[] {1, 5, 1330})
                .diagnose();
        assertThat(d.next()).extracting(NextStep::text).noneMatch(t -> t.startsWith("Wet test on {cyl:3}"));
        assertThat(first(d).tests().get(0).test()).isEqualTo("LEAKDOWN");
    }

    /** Oil in a diesel's small chamber locks it. */
    @Test
    void aDieselIsNeverWetted() {
        Diagnosis d = Bench.inline(4).diesel().dry(2600, 2580, 1700, 2610).diagnose();
        assertThat(d.next()).extracting(NextStep::text).noneMatch(t -> t.startsWith("Wet test"));
    }

    @Test
    void airInACylinderAlwaysComesWithItsCaution() {
        Diagnosis d = Bench.inline(4)
                .dry(1300, 1290, 850, 1310)
                .wet(new double[] {3, 5, 870})
                .diagnose();
        assertThat(d.next())
                .filteredOn(s -> s.text().startsWith("Leak-down"))
                .isNotEmpty()
                .allSatisfy(s -> assertThat(s.hazards()).anyMatch(h -> h.contains("Air turns cranks")));
    }

    @Test
    void aHeardExhaustValveIsTappedBeforeTheHeadComesOff() {
        Diagnosis d = Bench.inline(4)
                .dry(1300, 1290, 850, 1310)
                .diagnose(made(
                        on(1, 8),
                        on(2, 9),
                        on(3, 55).heard(Place.EXHAUST, Heard.LOUD).heard(Place.CRANKCASE, Heard.NOTHING),
                        on(4, 8)));
        List<String> texts = d.next().stream().map(NextStep::text).toList();
        int clearance = index(texts, "Valve clearance");
        int tap = index(texts, "tap the valve");
        int head = index(texts, "Head off");
        assertThat(clearance).isBetween(0, head - 1);
        assertThat(tap).isBetween(0, head - 1);
    }

    private static int index(List<String> texts, String part) {
        for (int i = 0; i < texts.size(); i++) {
            if (texts.get(i).contains(part)) {
                return i;
            }
        }
        return -1;
    }

    /** A chamber that was held is not held again next; its sister is, then what leaked is mended. */
    @Test
    void aCrankcaseThatWasHeldIsNotTheNextThing() {
        Bench twin = Bench.inline(2).twoStroke().dry(820, 815);
        Chamber lip = new Chamber(run(40, 38), run(40, 20), Map.of());
        List<String> one = crankcaseSteps(twin, Map.of(1, lip));
        assertThat(one.get(0)).startsWith("Crankcase hold of the chamber under {cyl:2}");
        assertThat(one).anyMatch(t -> t.startsWith("Renew the crank seals of chamber {cyl:1}"));
        Chamber tight = new Chamber(run(40, 39), run(40, 39), Map.of());
        assertThat(crankcaseSteps(twin, Map.of(1, lip, 2, tight)))
                .noneMatch(t -> t.startsWith("Crankcase hold"))
                .anyMatch(t -> t.startsWith("Renew the crank seals of chamber {cyl:1}"));
    }

    private static Optional<HoldRun> run(double start, double end) {
        return Optional.of(new HoldRun(Optional.of(start), Optional.of(end), Optional.of(60.0)));
    }

    private static List<String> crankcaseSteps(Bench bench, Map<Integer, Chamber> chambers) {
        Examination seen = Examination.of(
                Intake.EMPTY,
                Signs.EMPTY,
                PlugTray.EMPTY,
                Map.of(),
                new CrankcaseHold(Optional.empty(), Optional.empty(), Map.of(), chambers),
                null,
                null);
        return bench.diagnose(seen).next().stream()
                .map(NextStep::text)
                .filter(t -> t.contains("rank"))
                .toList();
    }

    /** Whatever the round, on engines with hidden faults: no leak-down where it was done but to repeat it or to listen. */
    @ParameterizedTest
    @EnumSource(RoundDone.class)
    void whatWasDoneIsNotTheNextThing(RoundDone done) {
        for (long seed = 41; seed < 61; seed++) {
            HiddenJob job = Workshop.job(seed, done);
            Diagnosis d = Interpreter.interpret(job.record(), Shop.USUAL).diagnosis();
            Set<Integer> aired = job.record().all(LeakdownReading.class).stream()
                    .map(r -> r.cylinder().value())
                    .collect(Collectors.toSet());
            for (NextStep step : d.next()) {
                if (step.text().startsWith("Leak-down on")) {
                    assertThat(cylinders(step.tests().get(0)))
                            .as("seed %d: %s", seed, step.text())
                            .noneMatch(aired::contains);
                }
                assertThat(step.why()).as("seed %d: %s", seed, step.text()).isNotBlank();
            }
            assertThat(d.next()).extracting(NextStep::text).doesNotHaveDuplicates();
        }
    }

    /** A thing is said once, and as an action. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 6, 8})
    void theHeadlineHoldsTheFirstStep(int cylinders) {
        Diagnosis d = Bench.inline(cylinders).diagnose();
        assertThat(d.headline().next()).isEqualTo(first(d).text());
    }
}
