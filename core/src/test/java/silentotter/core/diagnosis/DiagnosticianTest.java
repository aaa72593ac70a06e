package silentotter.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.finding.PathKind;

class DiagnosticianTest {
    private static Verdict cylinder(Diagnosis d, int n) {
        return d.cylinders().get(CylinderNumber.of(n));
    }

    @Test
    void anEmptySheetTeaches() {
        Diagnosis d = Bench.inline(4).diagnose();
        assertThat(d.engine().tone()).isEqualTo(Tone.EMPTY);
        assertThat(d.engine().next()).contains("number keys");
    }

    @Test
    void evenReadingsAreSoundAndSayWhatTheyCouldHaveMissed() {
        Diagnosis d = Bench.inline(4).dry(1200, 1190, 1195, 1210).diagnose();
        assertThat(d.engine().what()).isEqualTo("Compression even");
        assertThat(d.engine().misses()).contains("oil control ring");
        assertThat(cylinder(d, 1).misses()).contains("{mm2:");
        assertThat(d.paths()).isEmpty();
    }

    @Test
    void oneLowWithoutMoreIsALossWhosePathIsNotKnown() {
        Diagnosis d = Bench.inline(4).dry(1200, 1190, 850, 1210).diagnose();
        assertThat(cylinder(d, 3).what()).isEqualTo("Loss of seal, path not known");
        assertThat(cylinder(d, 3).sureness()).isEqualTo(Sureness.OPEN);
        assertThat(cylinder(d, 3).next()).contains("Wet test on {cyl:3} and on {cyl:1} as control");
        assertThat(d.paths())
                .extracting(EscapePath::kind)
                .contains(PathKind.RINGS, PathKind.INTAKE_VALVE, PathKind.EXHAUST_VALVE);
    }

    @Test
    void theWetTestSplitsRingsFromValves() {
        Diagnosis rings = Bench.inline(4)
                .dry(1200, 1190, 850, 1210)
                .wet(new double[] {3, 5, 1150})
                .diagnose();
        Diagnosis valve = Bench.inline(4)
                .dry(1200, 1190, 850, 1210)
                .wet(new double[] {3, 5, 905})
                .diagnose();
        assertThat(cylinder(rings, 3).what()).isEqualTo("Ring seal");
        assertThat(rings.paths()).extracting(EscapePath::kind).containsExactly(PathKind.RINGS);
        assertThat(cylinder(valve, 3).what()).isEqualTo("Valve or gasket, not rings");
        assertThat(valve.paths()).extracting(EscapePath::kind).doesNotContain(PathKind.RINGS);
    }

    @Test
    void twoLowNeighboursPointToTheGasketAndTwoLowApartDoNot() {
        Diagnosis neighbours = Bench.inline(4).dry(1200, 800, 810, 1210).diagnose();
        Diagnosis apart = Bench.inline(4).dry(800, 1200, 810, 1210).diagnose();
        assertThat(neighbours.engine().what()).isEqualTo("Gasket between {cyl:2} and {cyl:3}");
        assertThat(apart.engine().what()).doesNotContain("Gasket");
    }

    @Test
    void allLowAndEvenPointsToTheWholeEngineOrTheMeasuring() {
        Diagnosis d = Bench.inline(4).dry(560, 555, 565, 560).diagnose();
        assertThat(d.engine().what()).isEqualTo("All cylinders low and even");
        assertThat(String.join(" ", d.engine().why())).contains("throttle", "cam timing", "altitude", "gauge");
    }

    @Test
    void readingsThatFallAsTheBatteryDoesAreDoubtedBeforeTheEngine() {
        Diagnosis d = Bench.inline(4).dry(1250, 1180, 1100, 1010).diagnose();
        assertThat(d.engine().tone()).isEqualTo(Tone.DOUBT);
        assertThat(d.doesNotFit()).isNotEmpty();
    }
}
