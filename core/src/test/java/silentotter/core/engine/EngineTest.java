package silentotter.core.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import silentotter.core.engine.Bank.BankSide;

class EngineTest {
    private static final Arrangement V8 =
            UsualEngines.arrangements(Layout.V, 8, EngineEnd.FREE).get(0);
    private static final Arrangement FOUR =
            UsualEngines.arrangements(Layout.INLINE, 4, EngineEnd.FREE).get(0);

    private static List<CylinderNumber> numbers(int... values) {
        return IntStream.of(values).mapToObj(CylinderNumber::of).toList();
    }

    @Test
    void neighboursStandInTheSameBank() {
        assertThat(V8.neighbours(CylinderNumber.of(5))).isEqualTo(numbers(3, 7));
        assertThat(V8.neighbours(CylinderNumber.of(2))).isEqualTo(numbers(4));
        assertThat(FOUR.neighbours(CylinderNumber.of(2))).isEqualTo(numbers(1, 3));
    }

    @Test
    void cylinderOneMayStandAtEitherEnd() {
        Arrangement reversed =
                UsualEngines.arrangements(Layout.INLINE, 3, EngineEnd.FLYWHEEL).get(0);
        assertThat(reversed.banks().get(0).cylinders()).isEqualTo(numbers(3, 2, 1));
        assertThat(reversed.endOfCylinderOne()).contains(EngineEnd.FLYWHEEL);
        assertThat(FOUR.endOfCylinderOne()).contains(EngineEnd.FREE);
    }

    @Test
    void banksHoldEachCylinderOnce() {
        assertThatThrownBy(() -> new Arrangement(
                        Layout.INLINE, List.of(Bank.of(BankSide.ONLY, 1, 2, 2)), Optional.empty(), Optional.empty()))
                .hasMessageContaining("cylinder 2 stands in the banks twice");
        assertThatThrownBy(() -> new Arrangement(
                        Layout.INLINE, List.of(Bank.of(BankSide.ONLY, 1, 5)), Optional.empty(), Optional.empty()))
                .hasMessageContaining("cylinder 5 does not exist");
        assertThatThrownBy(() -> new Arrangement(
                        Layout.V, List.of(Bank.of(BankSide.ONLY, 1, 2)), Optional.empty(), Optional.empty()))
                .hasMessageContaining("V needs 2 banks");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1-3-4   | leaves out cylinder 2",
                "1-3-3-2 | each cylinder once",
                "1-3-4-5 | leaves out cylinder 2",
                "1-3-4-2-5 | names cylinder 5",
                "1-3-x-2 | must be numbers"
            })
    void wrongFiringOrdersAreNamed(String order, String message) {
        assertThatThrownBy(() -> FiringOrder.parse(order).checkedFor(FOUR, Cycle.FOUR_STROKE))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(message);
    }

    @Test
    void intervalsMakeOneCycle() {
        FiringOrder uneven = new FiringOrder(numbers(1, 2), List.of(180.0, 540.0));
        Arrangement twin =
                UsualEngines.arrangements(Layout.INLINE, 2, EngineEnd.FREE).get(0);
        assertThat(uneven.checkedFor(twin, Cycle.FOUR_STROKE)).isSameAs(uneven);
        assertThatThrownBy(() -> uneven.checkedFor(twin, Cycle.TWO_STROKE)).hasMessageContaining("360");
    }

    @ParameterizedTest
    @EnumSource(Layout.class)
    void everyOfferedOrderFitsEveryOfferedArrangement(Layout layout) {
        for (int n = 1; n <= CylinderNumber.MOST; n++) {
            List<Arrangement> arrangements = UsualEngines.arrangements(layout, n, EngineEnd.FREE);
            for (FiringOrder order : UsualEngines.firingOrders(layout, n)) {
                assertThat(arrangements).isNotEmpty();
                arrangements.forEach(a -> order.checkedFor(a, Cycle.FOUR_STROKE));
            }
        }
    }

    @Test
    void boresLieOverOnFlatEnginesAndFarLeaningOnes() {
        Arrangement flat =
                UsualEngines.arrangements(Layout.FLAT, 2, EngineEnd.FREE).get(0);
        Arrangement leaning = new Arrangement(
                Layout.INLINE, List.of(Bank.of(BankSide.ONLY, 1, 2)), Optional.empty(), Optional.of(70.0));
        assertThat(flat.liesOver(CylinderNumber.of(1))).isTrue();
        assertThat(leaning.liesOver(CylinderNumber.of(2))).isTrue();
        assertThat(V8.liesOver(CylinderNumber.of(1))).isFalse();
        assertThat(FOUR.liesOver(CylinderNumber.of(1))).isFalse();
    }
}
