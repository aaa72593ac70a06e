package silentotter.core.examination;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.EscapePath;
import silentotter.core.diagnosis.Tone;
import silentotter.core.engine.Engine;
import silentotter.core.finding.PathKind;
import silentotter.core.finding.Suspect;
import silentotter.core.inside.CylinderInside;
import silentotter.core.inside.CylinderInside.BoreWall;
import silentotter.core.inside.CylinderInside.Crown;
import silentotter.core.inside.CylinderInside.ExhaustFace;
import silentotter.core.inside.CylinderInside.IntakeBack;
import silentotter.core.intake.Intake;
import silentotter.core.intake.Intake.History;
import silentotter.core.intake.KnownWeakness;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.plugs.Plug;
import silentotter.core.plugs.Plugs;
import silentotter.core.signs.Seen;
import silentotter.core.signs.Signs;
import silentotter.core.signs.Smoke.SmokeColour;
import silentotter.core.signs.Smoke.SmokeLasting;
import silentotter.core.signs.Smoke.SmokeMoment;

/** What was seen before the gauges, joined to what the gauges say. */
class ExaminationDiagnosisTest {
    private static final Plug[] THIRD_OILY = {Plugs.tan(), Plugs.tan(), Plugs.oily(), Plugs.tan()};

    private static Examination seen(Signs signs, Map<Integer, CylinderInside> inside, Intake intake, Plug... plugs) {
        return new Examination(intake, signs, Plugs.tray(plugs), inside, null, null, null);
    }

    private static Examination plugs(Plug... plugs) {
        return seen(Signs.EMPTY, Map.of(), Intake.EMPTY, plugs);
    }

    private static Diagnosis diagnose(Bench bench, Examination examination) {
        return bench.diagnose(examination);
    }

    private static CylinderInside camera(Crown crown, BoreWall bore, IntakeBack back, ExhaustFace face) {
        return new CylinderInside(
                Optional.ofNullable(crown),
                Optional.ofNullable(bore),
                Optional.ofNullable(back),
                Optional.ofNullable(face),
                Optional.empty(),
                Optional.empty());
    }

    @Test
    void evenCompressionAndOneOilyPlugLeaveTheOilControlRingOrTheStem() {
        Diagnosis d = diagnose(Bench.inline(4).dry(1300, 1290, 1310, 1295), plugs(THIRD_OILY));
        assertThat(d.engine().what()).isEqualTo("Oil control rings or stem seals or guides, cylinder {cyl:3}");
        assertThat(d.engine().tone()).isEqualTo(Tone.LOSS);
        assertThat(d.engine().why()).last().asString().contains("does not clear this");
        assertThat(d.paths())
                .filteredOn(p -> p.cylinder().value() == 3)
                .extracting(EscapePath::kind)
                .containsExactly(PathKind.OIL_PAST_RINGS, PathKind.OIL_PAST_STEM);
    }

    @Test
    void aPuffAfterStandingSplitsTheStemFromTheRing() {
        Examination puff = seen(
                Seen.smoke(SmokeMoment.START_AFTER_STANDING, SmokeColour.BLUE, SmokeLasting.PUFF),
                Map.of(),
                Intake.EMPTY,
                THIRD_OILY);
        assertThat(diagnose(Bench.inline(4).dry(1300, 1290, 1310, 1295), puff)
                        .engine()
                        .what())
                .isEqualTo("Stem seals or guides, cylinder {cyl:3}");
    }

    @Test
    void theCameraSplitsTheRingFromTheStem() {
        Examination below = seen(
                Signs.EMPTY, Map.of(3, camera(Crown.WET_OIL, null, IntakeBack.DRY, null)), Intake.EMPTY, THIRD_OILY);
        assertThat(diagnose(Bench.inline(4).dry(1300, 1290, 1310, 1295), below)
                        .engine()
                        .what())
                .isEqualTo("Oil control rings, cylinder {cyl:3}");
    }

    @Test
    void aLowCylinderLeadsAndTheOilyPlugExplainsItself() {
        Bench rings = Bench.inline(4).dry(1300, 1290, 900, 1310).wet(new double[] {3, 5, 1230});
        Diagnosis d = diagnose(rings, plugs(THIRD_OILY));
        assertThat(d.engine().what()).isEqualTo("Ring seal, cylinder {cyl:3}");
        assertThat(d.engine().why()).anyMatch(w -> w.contains("Oil reaches this chamber"));
        assertThat(d.open()).isEmpty();
    }

    @Test
    void whatTheVerdictDoesNotExplainStaysOpen() {
        Bench rings = Bench.inline(4).dry(1300, 1290, 900, 1310).wet(new double[] {3, 5, 1230});
        Examination burnt = seen(Signs.EMPTY, Map.of(1, camera(null, null, null, ExhaustFace.BURNT)), Intake.EMPTY);
        Diagnosis d = diagnose(rings, burnt);
        assertThat(d.engine().what()).isEqualTo("Ring seal, cylinder {cyl:3}");
        assertThat(d.open()).singleElement().asString().startsWith("Cylinder {cyl:1}: The exhaust valve is burnt.");
    }

    @Test
    void anEngineThatMustNotRunSaysSoFirst() {
        Examination holed = seen(Signs.EMPTY, Map.of(2, camera(Crown.HOLED, null, null, null)), Intake.EMPTY);
        Diagnosis d = diagnose(Bench.inline(4).dry(1300, 600, 1310, 1295), holed);
        assertThat(d.engine().what()).isEqualTo("Do not run it");
        assertThat(d.stops()).singleElement().asString().contains("holed or broken");
        assertThat(d.engine().why()).anyMatch(w -> w.startsWith("By compression: "));
    }

    @Test
    void whatIsOnlyToldMakesNoHeadline() {
        Intake told = new Intake(
                Optional.empty(),
                null,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Map.of(History.OVERHEATED_ONCE, true),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(new KnownWeakness(Optional.of(Suspect.COOLANT_ENTRY), Optional.of(6.0), Optional.empty())),
                Optional.empty(),
                Optional.empty());
        Bench even = Bench.inline(4).dry(1300, 1290, 1310, 1295);
        Interpretation said = even.interpret(seen(Signs.EMPTY, Map.of(), told));
        ExaminationReading reading = said.seen();
        assertThat(said.diagnosis().engine().what()).isEqualTo("Compression even");
        assertThat(reading.suspicions().get(0).suspect()).isEqualTo(Suspect.COOLANT_ENTRY);
        assertThat(reading.suspicions().get(0).without("known-weakness").weight())
                .isLessThan(reading.suspicions().get(0).weight());
    }

    @Test
    void aTwoStrokeIsNotSuspectedOfWhatItDoesNotHave() {
        Examination puff = seen(
                Seen.smoke(SmokeMoment.START_AFTER_STANDING, SmokeColour.BLUE, SmokeLasting.PUFF),
                Map.of(),
                Intake.EMPTY);
        assertThat(Bench.inline(2).twoStroke().interpret(puff).seen().statements())
                .isEmpty();
        assertThat(Bench.inline(2).interpret(puff).seen().statements()).hasSize(1);
    }

    @Test
    void eachStepAsksForWhatOnlyNowCanBeCaptured() {
        Engine engine = Bench.inline(4).engine();
        assertThat(LossyStep.POUR_OIL.missing(engine, Examination.EMPTY)).hasSize(2);
        assertThat(LossyStep.POUR_OIL.missing(engine, plugs(THIRD_OILY)))
                .singleElement()
                .asString()
                .startsWith("A look inside");
        Signs puff = Seen.smoke(SmokeMoment.START_AFTER_STANDING, SmokeColour.NONE, null);
        assertThat(LossyStep.START_COLD.missing(engine, seen(puff, Map.of(), Intake.EMPTY)))
                .noneMatch(m -> m.startsWith("Smoke"));
    }
}
