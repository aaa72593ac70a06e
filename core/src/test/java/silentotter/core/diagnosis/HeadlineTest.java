package silentotter.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.core.leakdown.Taken.made;
import static silentotter.core.leakdown.Taken.on;

import java.util.Map;
import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.examination.Examination;
import silentotter.core.fault.Family;
import silentotter.core.finding.PathKind;
import silentotter.core.intake.Intake;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.Place;
import silentotter.core.plugs.Plugs;
import silentotter.core.signs.Signs;

/** What is certain and what it means: two lines, each no surer than what was read. */
class HeadlineTest {
    private static Diagnosis leaking(Place place) {
        return Bench.inline(4)
                .dry(1300, 1290, 880, 1310)
                .diagnose(made(
                        on(1, 8),
                        on(2, 9),
                        on(3, 60)
                                .heard(Place.EXHAUST, place == Place.EXHAUST ? Heard.LOUD : Heard.NOTHING)
                                .heard(Place.INTAKE, place == Place.INTAKE ? Heard.LOUD : Heard.NOTHING)
                                .heard(Place.CRANKCASE, place == Place.CRANKCASE ? Heard.LOUD : Heard.NOTHING),
                        on(4, 8)));
    }

    @Test
    void twoGaugesAndAnEarMakeBothLinesSure() {
        Diagnosis d = leaking(Place.CRANKCASE);
        assertThat(d.headline().certain().text()).isEqualTo("Cylinder {cyl:3} low");
        assertThat(d.headline().certain().words()).isEqualTo("practically certain");
        assertThat(d.headline().meant().orElseThrow().text()).contains("{cyl:3}");
        assertThat(d.suspects().get(0).family()).isEqualTo(Family.RINGS);
        assertThat(d.inOneLine()).startsWith("Cylinder {cyl:3} low: ");
    }

    @Test
    void theEarNamesTheValve() {
        assertThat(leaking(Place.INTAKE).paths())
                .extracting(EscapePath::kind)
                .contains(PathKind.INTAKE_VALVE)
                .doesNotContain(PathKind.EXHAUST_VALVE, PathKind.RINGS);
        assertThat(leaking(Place.EXHAUST).headline().meant().orElseThrow().text())
                .contains("alve");
    }

    @Test
    void whatIsCertainIsNeverLessCertainThanWhatItMeans() {
        for (Place place : new Place[] {Place.INTAKE, Place.EXHAUST, Place.CRANKCASE}) {
            Headline h = leaking(place).headline();
            assertThat(h.certain().probability())
                    .as(place.name())
                    .isGreaterThanOrEqualTo(h.meant().orElseThrow().probability() - .02);
        }
    }

    @Test
    void withOneTestDoneTheWordsSayHowLittle() {
        Diagnosis d = Bench.inline(4).dry(1300, 1290, 880, 1310).diagnose();
        assertThat(d.littleTested()).isTrue();
        assertThat(d.headline().meant().orElseThrow().words()).contains("little tested yet");
    }

    @Test
    void signsAloneSaySo() {
        Diagnosis d = Bench.inline(4)
                .diagnose(Examination.of(
                        Intake.EMPTY,
                        Signs.EMPTY,
                        Plugs.tray(Plugs.tan(), Plugs.tan(), Plugs.oily(), Plugs.tan()),
                        Map.of(),
                        null,
                        null,
                        null));
        assertThat(d.headline().certain().text()).isEqualTo("By signs alone");
        assertThat(d.headline().certain().words()).contains("no gauge");
    }

    @Test
    void halfARowSaysNothingOfTheRest() {
        Diagnosis d = Bench.inline(6).dry(1300, 1290, 1310).diagnose();
        assertThat(d.headline().certain().text()).startsWith("3 of 6 cylinders read");
        assertThat(d.inOneLine()).as("one colon in a line").containsOnlyOnce(":");
    }

    /** 11. Two independent faults are both named. */
    @Test
    void twoFaultsAreBothNamed() {
        Diagnosis d = Bench.inline(4)
                .dry(820, 1290, 1300, 850)
                .diagnose(made(
                        on(1, 62).heard(Place.EXHAUST, Heard.LOUD).heard(Place.CRANKCASE, Heard.NOTHING),
                        on(2, 9),
                        on(3, 8),
                        on(4, 58).heard(Place.CRANKCASE, Heard.LOUD).heard(Place.EXHAUST, Heard.NOTHING)));
        assertThat(d.headline().certain().text()).contains("{cyl:1}").contains("{cyl:4}");
        assertThat(d.headline().meant().orElseThrow().text())
                .contains("{cyl:1}")
                .contains("{cyl:4}");
    }

    @Test
    void reasonsAreAtMostThreeAndSpeakForIt() {
        Diagnosis d = leaking(Place.CRANKCASE);
        assertThat(d.reasons())
                .isNotEmpty()
                .hasSizeLessThanOrEqualTo(3)
                .allSatisfy(id -> assertThat(d.findings()).anySatisfy(f -> {
                    assertThat(f.id()).isEqualTo(id);
                    assertThat(f.decibansFor(0)).isGreaterThanOrEqualTo(1);
                }));
    }

    @Test
    void eachCylinderHasItsOwnWords() {
        Diagnosis d = leaking(Place.CRANKCASE);
        assertThat(d.cylinders().values()).allSatisfy(c -> assertThat(c.what()).isNotBlank());
        assertThat(d.cylinders().values().stream().filter(c -> c.tone() == Tone.LOSS))
                .hasSize(1);
    }
}
