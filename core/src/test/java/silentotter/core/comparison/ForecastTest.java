package silentotter.core.comparison;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import silentotter.core.comparison.Change.ChangeKind;
import silentotter.core.compression.Bench;
import silentotter.core.compression.School;

class ForecastTest {
    /** Cylinder 4 wears: its share of the others falls by so much a hundred hours. */
    private static List<Visit> worn(int visits, double perHundredHours, double scatter, long seed) {
        Random random = new Random(seed);
        List<Visit> all = new ArrayList<>();
        for (int i = 0; i < visits; i++) {
            double share = 1 - perHundredHours * i + scatter * random.nextGaussian();
            all.add(Months.visit(i, 1300, 1300, 1300, 1300 * share));
        }
        return all;
    }

    private static Forecast evenness(List<Visit> visits, List<Change> changes) {
        return Forecast.of(
                        Bench.inline(4).engine(),
                        visits,
                        changes,
                        School.LOWEST_75,
                        silentotter.core.oil.OilSchool.LITRES_0_6)
                .stream()
                .filter(f -> f.what().contains("compression"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aStraightFallReachesItsLimitWithinItsBand() {
        // One at 0 h, 3 % a hundred hours: 75 % at 833 h.
        Forecast f = evenness(worn(6, .03, 0, 1), List.of());

        assertThat(f.inHours()).isTrue();
        assertThat(f.earliest().orElseThrow()).isBetween(550.0, 833.0);
        assertThat(f.latest().orElseThrow()).isBetween(833.0, 1600.0);
        assertThat(f.inWords()).contains("reaches 75 %", " h, going on as it has.");
    }

    @Test
    void theBandHoldsTheTruthNineTimesInTen() {
        int held = 0;
        for (int seed = 0; seed < 100; seed++) {
            Forecast f = evenness(worn(7, .025, .02, seed), List.of());
            double truth = 1000;
            held += f.earliest().filter(e -> e <= truth).isPresent()
                            && f.latest().map(l -> l >= truth).orElse(true)
                    ? 1
                    : 0;
        }
        assertThat(held).isGreaterThanOrEqualTo(85);
    }

    @Test
    void twoVisitsAreNoLine() {
        Forecast f = evenness(worn(2, .05, 0, 1), List.of());
        assertThat(f.earliest()).isEmpty();
        assertThat(f.inWords()).contains("2 visits since the last repair; from 3 on");
    }

    @Test
    void whatDoesNotWearMayNeverGetThere() {
        Forecast f = evenness(worn(6, 0, .01, 3), List.of());
        assertThat(f.latest()).isEmpty();
        assertThat(f.inWords()).containsAnyOf("maybe never", "does not reach");
    }

    @Test
    void wearBeginsAnewWithARepair() {
        List<Visit> visits = worn(6, .03, 0, 1);
        Change repair = new Change(LocalDate.of(2025, 4, 20), Optional.empty(), ChangeKind.REPAIR, "rings");
        assertThat(evenness(visits, List.of(repair)).visits()).isEqualTo(2);
    }

    @Test
    void aVisitWithoutAnythingMeasuredForecastsNothing() {
        assertThat(Forecast.of(
                        Bench.inline(4).engine(),
                        List.of(),
                        List.of(),
                        School.LOWEST_75,
                        silentotter.core.oil.OilSchool.LITRES_0_6))
                .isEmpty();
    }
}
