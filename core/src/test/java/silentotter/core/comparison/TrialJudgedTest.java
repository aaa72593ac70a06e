package silentotter.core.comparison;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import silentotter.core.closing.TrialPlan;
import silentotter.core.closing.TrialPlan.TrialMeasure;
import silentotter.core.comparison.TrialJudged.TrialVerdict;

class TrialJudgedTest {
    private static final LocalDate TODAY = LocalDate.of(2025, 8, 1);

    private static TrialPlan treatment(Integer cylinder, double better, String until) {
        return new TrialPlan(
                Optional.of("a treatment"),
                Optional.of(TrialMeasure.COMPRESSION),
                Optional.ofNullable(cylinder),
                Optional.of(better),
                Optional.ofNullable(until),
                Optional.empty(),
                Optional.empty());
    }

    private static TrialJudged judged(TrialPlan plan, Visit began, Visit... later) {
        return TrialJudged.of(plan, began, List.of(later), List.of(), TODAY);
    }

    @Test
    void whatWasSaidBeforeHasToBeReachedAndBeADifference() {
        Visit began = Months.visit(0, 1300, 1290, 900, 1295);
        assertThat(judged(treatment(3, 20, null), began, Months.visit(3, 1300, 1290, 1290, 1295))
                        .verdict())
                .isEqualTo(TrialVerdict.REACHED);
        assertThat(judged(treatment(3, 60, null), began, Months.visit(3, 1300, 1290, 1290, 1295))
                        .verdict())
                .isEqualTo(TrialVerdict.NOT_REACHED);
        assertThat(judged(treatment(3, 8, null), began, Months.visit(3, 1300, 1290, 930, 1295))
                        .verdict())
                .isEqualTo(TrialVerdict.CANNOT_BE_TOLD);
    }

    @Test
    void whatGotWorseIsNotReachedHoweverMuchItMoved() {
        Visit began = Months.visit(0, 1300, 1290, 1280, 1295);
        TrialJudged worse = judged(treatment(3, 10, null), began, Months.visit(3, 1300, 1290, 900, 1295));
        assertThat(worse.verdict()).isEqualTo(TrialVerdict.NOT_REACHED);
        assertThat(worse.inWords()).contains("It moved by −", "plus is better");
    }

    @Test
    void itRunsUntilSomebodyMeasuresAgainAndSaysWhenItIsOver() {
        Visit began = Months.visit(0, 1300, 1290, 900, 1295);
        assertThat(judged(treatment(3, 20, null), began).verdict()).isEqualTo(TrialVerdict.RUNNING);
        TrialJudged over = judged(treatment(3, 20, "2025-07-01"), began);
        assertThat(over.over()).isTrue();
        assertThat(over.inWords()).endsWith("It is over, and nobody has measured it again.");
        assertThat(judged(treatment(3, 20, "2025-09-01"), began).over()).isFalse();
    }

    @Test
    void theLastVisitCounts() {
        Visit began = Months.visit(0, 1300, 1290, 900, 1295);
        TrialJudged last = judged(
                treatment(3, 20, null),
                began,
                Months.visit(2, 1300, 1290, 1290, 1295),
                Months.visit(5, 1300, 1290, 905, 1295));
        assertThat(last.verdict()).isNotEqualTo(TrialVerdict.REACHED);
    }

    @Test
    void oilUseIsJudgedByItsShareOfWhatItWas() {
        TrialPlan plan = new TrialPlan(
                Optional.of("a thicker oil"),
                Optional.of(TrialMeasure.OIL_PER_HOUR),
                Optional.empty(),
                Optional.of(40.0),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        assertThat(judged(plan, OilMonths.used(0, 60, 3), OilMonths.used(2, 20, 3))
                        .verdict())
                .isEqualTo(TrialVerdict.REACHED);
        assertThat(judged(plan, OilMonths.used(0, 60, 3), OilMonths.used(2, 34, 3))
                        .verdict())
                .isEqualTo(TrialVerdict.BETTER);
        TrialJudged little = judged(plan, OilMonths.used(0, 60, 3), OilMonths.used(2, 55, 3));
        assertThat(little.verdict()).isEqualTo(TrialVerdict.NOT_REACHED);
        assertThat(little.inWords()).contains("oil use by the hour better by 40 %", "It moved by +5 mL/h");
        // Of an engine that used none there is no share.
        assertThat(judged(plan, OilMonths.used(0, -1, 3), OilMonths.used(2, 20, 3))
                        .verdict())
                .isEqualTo(TrialVerdict.CANNOT_BE_TOLD);
    }
}
