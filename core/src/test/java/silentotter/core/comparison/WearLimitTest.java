package silentotter.core.comparison;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import silentotter.core.compression.Bench;
import silentotter.core.compression.School;
import silentotter.core.engine.Engine;
import silentotter.core.oil.OilSchool;

/** What an engine wears towards is what the schools themselves call a fault. */
class WearLimitTest {
    private static final Engine PETROL = Bench.inline(4).engine();
    private static final Engine DIESEL = Bench.inline(4).diesel().engine();

    private static List<WearLimit> limits(Engine engine, School school, OilSchool oil) {
        return WearLimit.of(engine, school, oil);
    }

    @ParameterizedTest
    @CsvSource({"LOWEST_75, .75, .75", "WITHIN_10, .9, .85", "WITHIN_ONE_BAR, 100, 300", "ABSOLUTE_FLOOR, 600, 1800"})
    void aSchoolOfEvennessLeadsWithItsOwnLimit(School school, double petrol, double diesel) {
        assertThat(limits(PETROL, school, OilSchool.LITRES_1).get(0).at()).isCloseTo(petrol, within(1e-9));
        assertThat(limits(DIESEL, school, OilSchool.LITRES_1).get(0).at()).isCloseTo(diesel, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(
            value = School.class,
            names = {"MAKER_SPREAD", "MAKER_MINIMUM"})
    void aMakersFigureThatIsNotEnteredIsNoLimit(School school) {
        assertThat(limits(PETROL, school, OilSchool.LITRES_1))
                .noneMatch(l -> l.what().contains("compression"));
    }

    @Test
    void oilUseWearsTowardsTheSchoolThatLeads() {
        assertThat(limits(PETROL, School.LOWEST_75, OilSchool.LITRES_0_6).get(2).at())
                .isEqualTo(.6);
        assertThat(limits(PETROL, School.LOWEST_75, OilSchool.FUEL_SHARE)).hasSize(2);
    }

    @Test
    void aFigureOfAVisitIsMissingWhereANeedleStoodAtItsEnd() {
        WearLimit evenness =
                limits(PETROL, School.LOWEST_75, OilSchool.LITRES_1).get(0);
        assertThat(evenness.value().apply(Months.visit(0, 1300, 1300, 975, 1300)))
                .hasValueCloseTo(.75, within(1e-9));
        assertThat(evenness.value().apply(Months.visit(0, 1990, 1300, 975, 1300)))
                .isEmpty();
        assertThat(evenness.value().apply(Months.visit(0, 1300))).isEmpty();
    }
}
