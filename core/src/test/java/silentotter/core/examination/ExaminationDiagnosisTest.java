package silentotter.core.examination;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.EscapePath;
import silentotter.core.diagnosis.Odds;
import silentotter.core.diagnosis.Suspect;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Family;
import silentotter.core.fault.Fault;
import silentotter.core.finding.PathKind;
import silentotter.core.inside.CylinderInside;
import silentotter.core.inside.CylinderInside.BoreWall;
import silentotter.core.inside.CylinderInside.Crown;
import silentotter.core.inside.CylinderInside.ExhaustFace;
import silentotter.core.inside.CylinderInside.IntakeBack;
import silentotter.core.intake.Intake;
import silentotter.core.intake.Intake.ComplaintKind;
import silentotter.core.intake.Intake.History;
import silentotter.core.intake.KnownWeakness;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.plugs.DepositAmount;
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
        return Examination.of(intake, signs, Plugs.tray(plugs), inside, null, null, null);
    }

    private static Examination plugs(Plug... plugs) {
        return seen(Signs.EMPTY, Map.of(), Intake.EMPTY, plugs);
    }

    private static Diagnosis diagnose(Bench bench, Examination examination) {
        return bench.diagnose(examination);
    }

    private static Suspect family(Diagnosis d, Family family) {
        return d.suspects().stream()
                .filter(s -> s.family() == family)
                .findFirst()
                .orElse(NO_SUSPECT);
    }

    private static final Suspect NO_SUSPECT = new Suspect(
            Family.RINGS,
            Optional.empty(),
            List.of(),
            false,
            "",
            0,
            0,
            0,
            Odds.VERY_UNLIKELY,
            "",
            0,
            0,
            false,
            Optional.empty(),
            List.of(),
            Optional.empty());

    private static double member(Diagnosis d, Fault fault) {
        return d.suspects().stream()
                .flatMap(s -> s.members().stream())
                .filter(m -> m.fault() == fault)
                .mapToDouble(Suspect.SuspectMember::probability)
                .sum();
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
        Suspect oil = family(d, Family.OIL_ENTRY);
        assertThat(oil.probability()).isGreaterThan(0.4);
        assertThat(oil.members().get(0).cylinders()).containsExactly(CylinderNumber.of(3));
        assertThat(oil.fault()).as("nothing splits ring from stem").isEmpty();
        assertThat(family(d, Family.RINGS).probability()).isLessThan(0.1);
        assertThat(d.paths())
                .filteredOn(p -> p.cylinder().value() == 3)
                .extracting(EscapePath::kind)
                .contains(PathKind.OIL_PAST_RINGS)
                .doesNotContain(PathKind.RINGS);
    }

    @Test
    void aPuffAfterStandingSplitsTheStemFromTheRing() {
        Examination puff = seen(
                Seen.smoke(SmokeMoment.START_AFTER_STANDING, SmokeColour.BLUE, SmokeLasting.PUFF),
                Map.of(),
                Intake.EMPTY,
                THIRD_OILY);
        Bench even = Bench.inline(4).dry(1300, 1290, 1310, 1295);
        assertThat(member(diagnose(even, puff), Fault.STEM_SEAL))
                .isGreaterThan(1.5 * member(diagnose(even, plugs(THIRD_OILY)), Fault.STEM_SEAL));
    }

    @Test
    void theCameraSplitsTheRingFromTheStem() {
        Examination below = seen(
                Signs.EMPTY, Map.of(3, camera(Crown.WET_OIL, null, IntakeBack.DRY, null)), Intake.EMPTY, THIRD_OILY);
        Diagnosis d = diagnose(Bench.inline(4).dry(1300, 1290, 1310, 1295), below);
        assertThat(family(d, Family.OIL_ENTRY).fault()).contains(Fault.OIL_CONTROL);
        assertThat(member(d, Fault.STEM_SEAL)).isLessThan(0.1);
    }

    @Test
    void aLowCylinderLeadsAndTheOilyPlugExplainsItself() {
        Bench rings = Bench.inline(4).dry(1300, 1290, 900, 1310).wet(new double[] {3, 5, 1230});
        Diagnosis d = diagnose(rings, plugs(THIRD_OILY));
        assertThat(d.headline().certain().text()).isEqualTo("Cylinder {cyl:3} low");
        assertThat(d.suspects().get(0).fault()).contains(Fault.RING_SEAL);
        assertThat(d.findings())
                .filteredOn(f -> f.id().equals("plug2"))
                .singleElement()
                .satisfies(f -> assertThat(f.decibansFor(0)).isPositive());
        assertThat(d.open()).isEmpty();
    }

    @Test
    void whatTheVerdictDoesNotExplainStaysOpen() {
        Bench rings = Bench.inline(4).dry(1300, 1290, 900, 1310).wet(new double[] {3, 5, 1230});
        Examination burnt = seen(Signs.EMPTY, Map.of(1, camera(null, null, null, ExhaustFace.BURNT)), Intake.EMPTY);
        Diagnosis d = diagnose(rings, burnt);
        assertThat(d.suspects().get(0).fault()).contains(Fault.RING_SEAL);
        assertThat(d.open())
                .as("seen with the camera on a level cylinder: no story explains it")
                .anyMatch(o -> o.startsWith("Cylinder {cyl:1}: The exhaust valve is burnt."));
    }

    @Test
    void anEngineThatMustNotRunSaysSoFirst() {
        Examination holed = seen(Signs.EMPTY, Map.of(2, camera(Crown.HOLED, null, null, null)), Intake.EMPTY);
        Diagnosis d = diagnose(Bench.inline(4).dry(1300, 600, 1310, 1295), holed);
        assertThat(d.headline().certain().text()).isEqualTo("Do not run it");
        assertThat(d.stops()).singleElement().asString().contains("holed or broken");
        assertThat(d.headline().meant().orElseThrow().text()).contains("{cyl:2}");
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
                Optional.of(new KnownWeakness(Optional.of(Fault.COOLANT_ENTRY), Optional.of(6.0), Optional.empty())),
                Optional.empty(),
                Optional.empty());
        Bench even = Bench.inline(4).dry(1300, 1290, 1310, 1295);
        Interpretation said = even.interpret(seen(Signs.EMPTY, Map.of(), told));
        Diagnosis d = said.diagnosis();
        assertThat(d.headline().certain().text()).isEqualTo("All 4 cylinders alike");
        assertThat(d.weakness()).isPresent();
        Suspect water = family(d, Family.WATER_ENTRY);
        assertThat(water.withoutWeakness().orElseThrow()).isLessThan(water.probability() / 2);
    }

    @Test
    void aTwoStrokeIsNotSuspectedOfWhatItDoesNotHave() {
        Examination puff = seen(
                Seen.smoke(SmokeMoment.START_AFTER_STANDING, SmokeColour.BLUE, SmokeLasting.PUFF),
                Map.of(),
                Intake.EMPTY);
        assertThat(Bench.inline(2).twoStroke().interpret(puff).seen().findings())
                .isEmpty();
        assertThat(Bench.inline(2).interpret(puff).seen().findings()).hasSize(1);
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

    @Test
    void aHeavyPlugAmongLightOnesHasItsOwnOil() {
        Plug light = Plugs.ash(DepositAmount.LIGHT);
        Plug heavy = Plugs.ash(DepositAmount.HEAVY);
        Bench bench = Bench.inline(4).dry(1300, 1290, 1310, 1295);
        Diagnosis one = diagnose(bench, plugs(light, light, heavy, light));
        Diagnosis all = diagnose(bench, plugs(light, light, light, light));
        assertThat(localOil(one, 3)).isGreaterThan(2 * localOil(all, 3));
        assertThat(diagnose(bench, plugs(heavy, light, heavy, light)).findings())
                .as("two heavy ones are no longer one among light ones")
                .noneMatch(f -> f.id().contains("plug-ash-heaviest"));
    }

    private static double localOil(Diagnosis d, int cylinder) {
        return family(d, Family.OIL_ENTRY).members().stream()
                .filter(m -> m.cylinders().contains(CylinderNumber.of(cylinder)))
                .mapToDouble(Suspect.SuspectMember::probability)
                .sum();
    }

    @Test
    void aTwoStrokeThatBogsOnOpeningMayDrawAirBelow() {
        Bench bench = Bench.inline(2).twoStroke().dry(900, 890);
        double told = crankcaseAir(bench, Map.of(ComplaintKind.SAGS, true));
        double denied = crankcaseAir(bench, Map.of(ComplaintKind.SAGS, false));
        double notAsked = crankcaseAir(bench, Map.of());
        assertThat(told).isGreaterThan(2 * notAsked);
        assertThat(denied).isLessThan(0.8 * notAsked);
    }

    private static double crankcaseAir(Bench bench, Map<ComplaintKind, Boolean> complaints) {
        Intake intake = new Intake(
                Optional.empty(),
                complaints,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Map.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return family(diagnose(bench, seen(Signs.EMPTY, Map.of(), intake)), Family.CRANKCASE_AIR)
                .probability();
    }
}
