package silentotter.core.comparison;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import silentotter.core.comparison.Change.ChangeKind;
import silentotter.core.compression.Bench;
import silentotter.core.compression.Conditions.EngineTemperature;
import silentotter.core.compression.Conditions.Throttle;
import silentotter.core.compression.CrankingLength.LengthKind;
import silentotter.core.engine.CylinderNumber;

class ComparisonTest {
    private static final LocalDate LATER = LocalDate.of(2025, 6, 10);

    private static Comparison compared(Visit before, Visit after, Change... changes) {
        return Comparison.of(before, after, List.of(changes));
    }

    private static List<Claim> claimed(Comparison c) {
        return c.claims().stream().filter(Claim::claimed).toList();
    }

    private static Change repair(int month) {
        return new Change(
                LocalDate.of(2025, 1, 10).plusMonths(month), Optional.empty(), ChangeKind.REPAIR, "valves ground in");
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 4, 8})
    void anEngineThatDidNotChangeIsSaidToHaveChangedInFiveOfAHundredPairsAtMost(int cylinders) {
        Random random = new Random(20_261_126 + cylinders);
        int alarms = 0;
        for (int i = 0; i < 100; i++) {
            Comparison c = compared(Months.unchanged(random, 0, cylinders), Months.unchanged(random, 6, cylinders));
            alarms += claimed(c).isEmpty() ? 0 : 1;
        }
        assertThat(alarms).isLessThanOrEqualTo(5);
    }

    @Test
    void oneCylinderThatFellIsFoundOnThatCylinder() {
        Comparison c = compared(Months.visit(0, 1300, 1290, 1310, 1295), Months.visit(5, 1290, 1280, 1060, 1300));

        assertThat(claimed(c)).singleElement().satisfies(one -> {
            assertThat(one.cylinder()).contains(CylinderNumber.of(3));
            assertThat(one.better()).isFalse();
            assertThat(one.change()).isBetween(-.22, -.14);
            assertThat(one.high()).isNegative();
        });
        assertThat(c.inWords()).singleElement().asString().contains("{cyl:3}", "fell by", "for the worse");
    }

    @Test
    void allThatMovedAlikeIsOneDifference() {
        Comparison c = compared(Months.visit(0, 1080, 1090, 1070, 1085), Months.visit(5, 1290, 1300, 1285, 1295));

        assertThat(claimed(c)).singleElement().satisfies(one -> {
            assertThat(one.cylinder()).isEmpty();
            assertThat(one.better()).isTrue();
        });
    }

    @Test
    void anotherWayOfMeasuringIsNamedAndCarriedIntoTheInterval() {
        Visit before = Months.visit(0, 1300, 1290, 1310, 1295);
        Visit after = Months.visit(
                LATER,
                500,
                Bench.conditions(EngineTemperature.COLD, Throttle.WIDE_OPEN, 180.0, LengthKind.STROKES, 4),
                new double[] {1170, 1160, 1180, 1165});
        Comparison c = compared(before, after);

        assertThat(claimed(c)).isEmpty();
        assertThat(c.unmatched().get(Measure.COMPRESSION).stream().map(Unmatched::facet))
                .containsExactly(Facet.TEMPERATURE, Facet.STROKES, Facet.SPEED);
        assertThat(c.claims().get(0).low()).isLessThan(-.25);
        // The same figures taken alike would have been a difference.
        assertThat(claimed(compared(before, Months.visit(5, 1170, 1160, 1180, 1165))))
                .hasSize(1);
    }

    @Test
    void aShutThrottleDoesNotCompareAtAll() {
        Visit shut = Months.visit(
                LATER,
                500,
                Bench.conditions(EngineTemperature.HOT, Throttle.SHUT, 220.0, LengthKind.STROKES, 8),
                Months.all(4, 700));
        Comparison c = compared(Months.visit(0, Months.all(4, 1300)), shut);

        assertThat(c.claims()).isEmpty();
        assertThat(c.notCompared().get(Measure.COMPRESSION)).contains("do not compare");
    }

    @Test
    void altitudeIsTakenOut() {
        Visit sea = Months.visit(0, Months.all(4, 1300));
        var high = Bench.inline(4)
                .altitude(2000)
                .under(Months.HOT)
                .dry(Months.all(4, 1030))
                .record();
        Visit up = Visit.of(9, high, silentotter.core.fault.Learnt.NOTHING);

        assertThat(claimed(compared(sea, up))).isEmpty();
        assertThat(up.of(Measure.COMPRESSION).get(0).value()).isBetween(1280.0, 1340.0);
    }

    @Test
    void aClippedReadingIsAFloorAndTellsOnlyOfAFall() {
        Visit clipped = Months.visit(0, 1990, 1300, 1310, 1290);
        assertThat(clipped.of(Measure.COMPRESSION).get(0).floor()).isTrue();

        Comparison fell = compared(clipped, Months.visit(5, 1500, 1305, 1300, 1295));
        assertThat(claimed(fell)).extracting(Claim::cylinder).containsExactly(Optional.of(CylinderNumber.of(1)));
        assertThat(claimed(compared(clipped, Months.visit(5, 1985, 1305, 1300, 1295))))
                .isEmpty();
    }

    @Test
    void whatWasMeasuredOnceIsNotCompared() {
        Visit both = Months.visit(LocalDate.of(2025, 1, 10), 0, Months.HOT, Months.all(4, 1300), Months.all(4, 9));
        Comparison c = compared(both, Months.visit(5, Months.all(4, 1300)));
        assertThat(c.notCompared().get(Measure.LEAKDOWN)).isEqualTo("not measured on the second visit");
    }

    @Test
    void leakDownIsHeldAgainstItselfOnOneTester() {
        Visit before = Months.visit(LocalDate.of(2025, 1, 10), 0, Months.HOT, Months.all(4, 1300), 9, 10, 9, 11);
        Visit after = Months.visit(LATER, 500, Months.HOT, Months.all(4, 1300), 9, 34, 10, 11);
        assertThat(claimed(compared(before, after))).singleElement().satisfies(c -> {
            assertThat(c.measure()).isEqualTo(Measure.LEAKDOWN);
            assertThat(c.cylinder()).contains(CylinderNumber.of(2));
            assertThat(c.better()).isFalse();
        });
    }

    @Test
    void aDifferenceIsCreditedToNothingThatWasNotWrittenDownAndNeverToOneOfSeveral() {
        Visit before = Months.visit(0, Months.all(4, 1080));
        Visit after = Months.visit(5, Months.all(4, 1300));
        Change oil = new Change(LocalDate.of(2025, 3, 1), Optional.empty(), ChangeKind.OIL_CHANGE, "other grade");

        assertThat(compared(before, after).credit()).startsWith("Nothing was written down");
        assertThat(compared(before, after, repair(2)).credit()).contains("one change, a repair", "not proof");
        assertThat(compared(before, after, repair(2), oil).credit())
                .startsWith("2 changes")
                .contains("cannot be put down to one");
        assertThat(compared(before, Months.visit(5, Months.all(4, 1085)), repair(2))
                        .credit())
                .isEmpty();
    }

    @Test
    void onlyWhatWasDoneBetweenTwoVisitsStandsBetweenThem() {
        Visit first = Months.visit(0, Months.all(4, 1300));
        Visit second = Months.visit(5, Months.all(4, 1300));
        List<Change> all = List.of(
                repair(-1),
                repair(2),
                repair(7),
                new Change(first.date(), Optional.empty(), ChangeKind.TOLD, "told before the gauges"),
                new Change(first.date(), Optional.empty(), ChangeKind.WORK, "done after them"),
                new Change(second.date(), Optional.empty(), ChangeKind.WORK, "done after them"));
        assertThat(Changes.between(first, second, all))
                .extracting(Change::kind)
                .containsExactly(ChangeKind.WORK, ChangeKind.REPAIR);
    }
}
