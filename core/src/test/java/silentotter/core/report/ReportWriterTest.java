package silentotter.core.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import silentotter.core.compression.Bench;
import silentotter.core.decision.Costs;
import silentotter.core.decision.Repair;
import silentotter.core.finding.Shop;
import silentotter.core.hidden.HiddenJob;
import silentotter.core.hidden.RoundDone;
import silentotter.core.hidden.Workshop;
import silentotter.core.input.InvalidInput;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.interpretation.Interpreter;
import silentotter.core.planning.Planner;
import silentotter.core.report.Report.Band;
import silentotter.core.report.Report.Cell;
import silentotter.core.report.Report.Column;
import silentotter.core.report.Report.Row;
import silentotter.core.wording.Units;
import silentotter.core.wording.Wording;

/** What one hands over says what was found, how surely, and never more. */
class ReportWriterTest {
    private static Report report(Interpretation said, Shop shop, String units) {
        return ReportWriter.write(
                said, Planner.plan(said, shop), Letterhead.NONE, 12, new Wording(said.engine(), Units.of(units)));
    }

    private static Report report(Bench bench) {
        return report(bench.interpret(), Shop.USUAL, "");
    }

    private static List<String> cells(Report report, String row) {
        return report.bands().stream()
                .flatMap(b -> b.rows().stream())
                .filter(r -> r.name().equals(row))
                .flatMap(r -> r.cells().stream())
                .map(Cell::text)
                .toList();
    }

    @Test
    void nothingTestedIsSaidAndNothingIsRecommended() {
        Report empty = report(Bench.inline(4));
        assertThat(empty.verdict().what()).isEqualTo("Nothing has been tested yet.");
        assertThat(empty.verdict().sure()).isEmpty();
        assertThat(empty.toDo().first()).startsWith("Next: ");
        assertThat(empty.toDo().further()).anyMatch(t -> t.startsWith("Too little was tested"));
        assertThat(empty.technical().measured()).isEmpty();
        assertThat(empty.notSeen()).anyMatch(t -> t.startsWith("No compression"));
    }

    @Test
    void oneTestIsNeverAFigureOfAHundred() {
        Report report = report(Bench.inline(4).dry(1300, 1290, 800, 1310));
        assertThat(report.verdict().what() + report.verdict().sure()).doesNotContain("of a hundred");
        assertThat(report.technical().suspects()).noneMatch(s -> s.odds().contains("hundred"));
        assertThat(report.verdict().beside()).contains("No loss of seal was seen on cylinders 1, 2 and 4.");
        assertThat(cells(report, "Compression")).containsExactly("1300", "1290", "800", "1310");
    }

    @Test
    void readingsStandInTheReadersUnitsAndUnderTheShopsLabels() {
        Interpretation said =
                Bench.inline(4).labelled(3, "C").dry(1300, 1290, 800, 1310).interpret();
        Report report = report(said, Shop.USUAL, "psi");
        assertThat(cells(report, "Compression")).containsExactly("189", "187", "116", "190");
        assertThat(report.bands().get(0).rows().get(0).unit()).isEqualTo("psi");
        assertThat(report.bands().get(0).columns()).extracting(Column::label).containsExactly("1", "2", "C", "4");
        assertThat(report.toString()).contains("psi").doesNotContain(" kPa");
    }

    @Test
    void aPartlyReadEngineSaysOfWhatNothingIsSaid() {
        Report report = report(Bench.inline(4).dry(1300, 1290));
        assertThat(report.verdict().beside())
                .anyMatch(t -> t.equals("Nothing is said of cylinders 3 and 4: not tested."));
        assertThat(cells(report, "Compression")).containsExactly("1300", "1290", "", "");
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 8, 10, 12, 16})
    void everyCylinderStandsOnceInRowsThatCanBeRead(int cylinders) {
        Report report = report(Bench.inline(cylinders));
        assertThat(report.bands()).allSatisfy(b -> assertThat(b.columns()).hasSizeLessThanOrEqualTo(8));
        assertThat(report.bands().stream().flatMap(b -> b.columns().stream()))
                .extracting(c -> c.cylinder().value())
                .containsExactlyElementsOf(java.util.stream.IntStream.rangeClosed(1, cylinders)
                        .boxed()
                        .toList());
        for (Band band : report.bands()) {
            assertThat(band.rows()).allSatisfy((Row r) -> assertThat(r.cells()).hasSameSizeAs(band.columns()));
        }
    }

    @Test
    void workIsPricedOnlyWhereTheShopSaidWhatItCosts() {
        HiddenJob job = settled();
        Interpretation said = Interpreter.interpret(job.record(), Shop.USUAL);
        assertThat(report(said, Shop.USUAL, "").toDo().toString()).doesNotContain("hours of work");

        Map<Repair, Costs.Work> work = new EnumMap<>(Repair.class);
        for (Repair repair : Repair.values()) {
            work.put(repair, new Costs.Work(repair.usualHours(), 4 * repair.usualParts()));
        }
        Shop own = Shop.USUAL.at(new Costs(50, 0, work, Map.of()));
        Report priced = ReportWriter.write(
                said,
                Planner.plan(said, own),
                new Letterhead("Marrow Sound Yard", null, "MS", Paper.LETTER),
                3,
                new Wording(said.engine(), Units.METRIC));
        assertThat(priced.toDo().toString()).containsPattern("About [\\d\u202f]+ MS, [\\d.]+ hours of work");
        assertThat(priced.heading().shop()).isEqualTo("Marrow Sound Yard");
        assertThat(priced.heading().foot()).endsWith("revision 3");
    }

    /** An engine whose whole round was done and names its fault. */
    private static HiddenJob settled() {
        for (int seed = 1; seed < 200; seed++) {
            HiddenJob job = Workshop.job(seed, RoundDone.FULL, 4);
            Interpretation said = Interpreter.interpret(job.record(), Shop.USUAL);
            Repair best =
                    Planner.plan(said, Shop.USUAL).decision().recommended().action();
            if (said.diagnosis()
                            .leading()
                            .filter(s -> s.anythingWrong() && s.probability() > .9)
                            .isPresent()
                    && (best == Repair.HEAD_OFF || best == Repair.BOTTOM_END)) {
                return job;
            }
        }
        throw new IllegalStateException("no such engine");
    }

    @Test
    void aSettledEngineSaysItInTheOwnersWordsWithWhatWeighedMost() {
        Interpretation said = Interpreter.interpret(settled().record(), Shop.USUAL);
        Report report = report(said, Shop.USUAL, "");
        assertThat(report.verdict().what()).endsWith(".").doesNotContain("Not decided");
        assertThat(report.verdict().sure()).contains("of a hundred");
        assertThat(report.technical().weighed().orElseThrow().weights())
                .hasSizeBetween(2, 8)
                .isSortedAccordingTo((a, b) -> Double.compare(Math.abs(b.notches()), Math.abs(a.notches())));
        assertThat(report.technical().schools()).isNotEmpty();
        assertThat(report.technical().measured())
                .extracting(Report.Entry::label)
                .contains("Compression", "Leak-down");
    }

    @Test
    void aTwoStrokeIsNotWarnedOfARingThatItDoesNotHave() {
        assertThat(report(Bench.inline(2).twoStroke().dry(800, 790)).toString()).doesNotContain("oil control ring");
    }

    @Test
    void aLetterheadThatIsTooLongIsRefusedAtItsField() {
        assertThatThrownBy(() -> new Letterhead("x".repeat(81), null, null, null).checked())
                .isInstanceOfSatisfying(
                        InvalidInput.class,
                        e -> assertThat(e.problems().get(0).field()).isEqualTo("shop"));
        assertThat(new Letterhead(" Marrow Sound Yard ", null, null, null)
                        .checked()
                        .shop())
                .isEqualTo("Marrow Sound Yard");
        assertThat(Letterhead.NONE.onPaper()).isEqualTo(Paper.A4);
    }
}
