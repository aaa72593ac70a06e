package silentotter.core.leakdown;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;

class LeakdownSchoolTest {
    private static final Pressure MASTER_SUPPLY = LeakdownTester.MASTER.supply().orElseThrow();

    /** The areas of the published table read as their per cent on the master tester. */
    @ParameterizedTest
    @CsvSource({"0.764, 20", "1.203, 40"})
    void theMasterTesterReadsWhatItsTableSays(double squareMm, double percent) {
        assertThat(LeakdownSchool.onMaster(LeakArea.ofSquareMm(squareMm), MASTER_SUPPLY))
                .isCloseTo(percent, org.assertj.core.data.Offset.offset(0.1));
    }

    @Test
    void aLargerLeakIsNeverGradedBetterAndALargerBoreNeverWorse() {
        double[] areas = {0.1, 0.3, 0.5, 0.7, 0.9, 1.1, 1.5, 2.5, 6};
        double[] bores = {40, 60, 90, 120, 160};
        for (double bore : bores) {
            List<Grade> rising = Arrays.stream(areas)
                    .mapToObj(a -> LeakdownSchool.areaGrade(LeakArea.ofSquareMm(a), Length.ofMm(bore)))
                    .toList();
            assertThat(rising).isSortedAccordingTo(Comparator.naturalOrder());
        }
        for (double area : areas) {
            List<Grade> falling = Arrays.stream(bores)
                    .mapToObj(b -> LeakdownSchool.areaGrade(LeakArea.ofSquareMm(area), Length.ofMm(b)))
                    .toList();
            assertThat(falling).isSortedAccordingTo(Comparator.reverseOrder());
        }
    }

    @Test
    void theReferenceBoreGradesByTheMasterTestersOwnLimits() {
        LeakArea worn = LeakArea.ofSquareMm(0.9);
        double percent = LeakdownSchool.onMaster(worn, MASTER_SUPPLY);
        assertThat(percent).isBetween(20.0, 30.0);
        assertThat(LeakdownSchool.areaGrade(worn, Length.ofMm(90))).isEqualTo(Grade.WORN);
    }

    @Test
    void aDialOfZonesCannotBeCompared() {
        LeakdownTester zones = new LeakdownTester(
                "zones",
                silentotter.core.instruments.LeakdownTester.TesterKind.ZONES,
                Optional.of(MASTER_SUPPLY),
                Optional.of(Length.ofMm(1)),
                1,
                0,
                false);
        assertThat(zones.holes(Pressure.STANDARD_ATMOSPHERE)).isEmpty();
    }
}
