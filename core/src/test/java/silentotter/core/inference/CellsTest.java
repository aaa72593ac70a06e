package silentotter.core.inference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The grid of running sums: what is added is neither lost nor made. */
class CellsTest {
    static Stream<Integer> types() {
        return IntStream.range(0, Cells.TYPES).boxed();
    }

    @ParameterizedTest
    @MethodSource("types")
    void everyStepSharesOutTheWhole(int type) {
        for (double[] shares : Cells.SHARE[type]) {
            assertThat(Arrays.stream(shares).sum()).isCloseTo(1, within(1e-12));
            assertThat(Arrays.stream(shares)).allMatch(s -> s > 0 && s <= 1);
        }
    }

    /** In the mean over the cells it leads to, except beyond the end of the grid. */
    @ParameterizedTest
    @MethodSource("types")
    void areaAndOilAreKeptInTheMean(int type) {
        for (int i = 0; i < Cells.FROM[type].length; i++) {
            int from = Cells.FROM[type][i];
            double b = Cells.B[Cells.b(from)] + Cells.area(type);
            double o = Cells.O[Cells.o(from)] + Cells.oil(type);
            double meanB = 0;
            double meanO = 0;
            for (int t = 0; t < Cells.TO[type][i].length; t++) {
                meanB += Cells.SHARE[type][i][t] * Cells.B[Cells.b(Cells.TO[type][i][t])];
                meanO += Cells.SHARE[type][i][t] * Cells.O[Cells.o(Cells.TO[type][i][t])];
            }
            assertThat(meanB).isCloseTo(Math.min(b, last(Cells.B)), within(1e-9));
            assertThat(meanO).isCloseTo(Math.min(o, last(Cells.O)), within(1e-9));
        }
    }

    @ParameterizedTest
    @MethodSource("types")
    void waterComesOnceAndStays(int type) {
        for (int i = 0; i < Cells.FROM[type].length; i++) {
            boolean before = Cells.water(Cells.FROM[type][i]);
            assertThat(type == Cells.WATER && before).as("a second water fault").isFalse();
            for (int to : Cells.TO[type][i]) {
                assertThat(Cells.water(to)).isEqualTo(before || type == Cells.WATER);
            }
        }
    }

    /** What is added most often falls on the grid, so that it is not smeared: one oil ring, one stem seal. */
    @Test
    void oilRingsAndStemSealsFallOnTheGrid() {
        for (int type : new int[] {Cells.OIL_RING, Cells.STEM_SEAL, Cells.PLAIN, Cells.WATER}) {
            assertThat(Cells.TO[type][0]).hasSize(1);
        }
    }

    @Test
    void cellsAreNumberedWithoutGaps() {
        assertThat(IntStream.range(0, Cells.COUNT)
                        .allMatch(c -> Cells.index(Cells.b(c), Cells.o(c), Cells.water(c) ? 1 : 0) == c))
                .isTrue();
        assertThat(IntStream.range(1, States.SIZES).allMatch(s -> Cells.group(s) >= Cells.group(s - 1)))
                .isTrue();
        assertThat(Cells.group(States.SIZES - 1)).isEqualTo(Cells.RING_SIZES - 1);
    }

    private static double last(double[] grid) {
        return grid[grid.length - 1];
    }
}
