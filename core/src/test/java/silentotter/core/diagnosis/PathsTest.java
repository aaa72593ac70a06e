package silentotter.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.core.leakdown.Taken.made;
import static silentotter.core.leakdown.Taken.on;

import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.finding.PathKind;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.Place;

/** What the section draws: where it leaks, how wide, how surely; nothing that was not found. */
class PathsTest {
    private static Diagnosis gasket() {
        return Bench.inline(4)
                .dry(1300, 640, 650, 1310)
                .diagnose(made(
                        on(1, 8),
                        on(2, 75).heard(Place.CRANKCASE, Heard.NOTHING).neighbour(3, Heard.LOUD),
                        on(3, 74).heard(Place.CRANKCASE, Heard.NOTHING).neighbour(2, Heard.LOUD),
                        on(4, 9)));
    }

    @Test
    void nothingIsDrawnBeforeAnythingWasTested() {
        assertThat(Bench.inline(4).diagnose().paths()).isEmpty();
    }

    @Test
    void aGasketIsDrawnFromBothSidesAndNothingElseThere() {
        assertThat(gasket().paths())
                .filteredOn(p -> p.kind() == PathKind.GASKET_NEIGHBOUR)
                .extracting(EscapePath::cylinder)
                .containsExactlyInAnyOrder(CylinderNumber.of(2), CylinderNumber.of(3));
        assertThat(gasket().paths())
                .filteredOn(p -> p.kind() == PathKind.GASKET_NEIGHBOUR)
                .allMatch(p -> p.sureness() == Sureness.NEAR_CERTAIN || p.sureness() == Sureness.LIKELY);
    }

    @Test
    void aLeakHasTheWidthThatItsReadingsLeave() {
        assertThat(gasket().paths())
                .filteredOn(p -> p.kind() == PathKind.GASKET_NEIGHBOUR)
                .allSatisfy(p -> {
                    double low = p.area().orElseThrow().low().squareMm();
                    double high = p.area().orElseThrow().high().squareMm();
                    assertThat(low).isPositive().isLessThan(high);
                    assertThat(p.area().orElseThrow().best().squareMm()).isBetween(low, high);
                });
    }

    /** Worn alike: every cylinder's rings are drawn, none as if it were the one. */
    @Test
    void evenWearIsDrawnOnAll() {
        Diagnosis d = Bench.inline(4)
                .dry(930, 925, 935, 920)
                .diagnose(made(
                        on(1, 55).heard(Place.CRANKCASE, Heard.LOUD),
                        on(2, 57).heard(Place.CRANKCASE, Heard.LOUD),
                        on(3, 54).heard(Place.CRANKCASE, Heard.LOUD),
                        on(4, 56).heard(Place.CRANKCASE, Heard.LOUD)));
        assertThat(d.paths())
                .filteredOn(p -> p.kind() == PathKind.RINGS)
                .hasSize(4)
                .extracting(EscapePath::sureness)
                .containsOnly(d.paths().get(0).sureness());
    }

    @Test
    void airThatWasHeardOutsideIsDrawnThere() {
        Diagnosis d = Bench.inline(4)
                .dry(1300, 1290, 1100, 1310)
                .diagnose(made(on(1, 8), on(2, 9), on(3, 40).heard(Place.OUTSIDE, Heard.LOUD), on(4, 8)));
        assertThat(d.paths())
                .anyMatch(p -> p.kind() == PathKind.OUTSIDE && p.cylinder().equals(CylinderNumber.of(3)));
    }
}
