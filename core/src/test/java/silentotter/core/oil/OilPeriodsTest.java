package silentotter.core.oil;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import silentotter.core.oil.OilPeriods.End;
import silentotter.core.oil.OilPeriods.Period;
import silentotter.core.quantity.Estimate;

class OilPeriodsTest {
    private static final LocalDate NEVER = LocalDate.of(2040, 1, 1);

    private static Notebook dipped(Notebook book, int times, double apart) {
        for (int i = 0; i < times; i++) {
            book.dip().run(apart);
        }
        return book;
    }

    private static End byHours(double hours) {
        return new End(NEVER, Optional.of(hours), Optional.empty());
    }

    private static List<OilEntry> undated(List<OilEntry> entries) {
        return entries.stream()
                .map(e -> new OilEntry(
                        e.number(),
                        e.kind(),
                        Optional.empty(),
                        e.km(),
                        e.hours(),
                        e.mm(),
                        e.dipSigmaMm(),
                        e.spans(),
                        e.dipSigmaSpans(),
                        e.litres(),
                        e.hurried(),
                        e.sloping(),
                        e.grade(),
                        e.fuelLitres(),
                        e.newMeter(),
                        e.afterPouring(),
                        e.counts()))
                .toList();
    }

    private static List<Optional<Period>> rates(List<OilEntry> entries, End... ends) {
        return OilPeriods.of(Notebook.engine(Notebook.SPAN_MM, Notebook.SPAN_L), entries, List.of(), List.of(ends));
    }

    @Test
    void eachPeriodHasItsOwnRateAndHoldsTheTruthAsOftenAsItSays() {
        int held = 0;
        for (int seed = 0; seed < 60; seed++) {
            Random random = new Random(seed);
            List<OilEntry> entries = undated(Notebook.entries(dipped(new Notebook(random, .02, 100), 8, 8)
                    .topUp(1, Certainty.MEASURED)
                    .lines()));
            Period rate = rates(entries, byHours(130), byHours(200)).get(1).orElseThrow();
            assertThat(rate.meter()).isEqualTo(Meter.HOURS);
            held += rate.litres().low() <= .02 && .02 <= rate.litres().high() ? 1 : 0;
        }
        assertThat(held).isGreaterThanOrEqualTo(53);
    }

    @Test
    void aPeriodWithoutTwoDipsOfItsOwnSaysNothing() {
        List<OilEntry> entries = undated(Notebook.entries(
                dipped(new Notebook(new Random(3), .02, 100), 6, 10).lines()));
        assertThat(rates(entries, byHours(105), byHours(160), byHours(300)).stream()
                        .map(Optional::isPresent))
                .containsExactly(false, true, false);
    }

    @Test
    void whereNoLitreIsKnownOnTheStickNothingIsSaid() {
        List<OilEntry> entries = Notebook.entries(
                dipped(new Notebook(new Random(3), .02, 100), 6, 10).lines());
        assertThat(OilPeriods.of(Notebook.engine(null, null), entries, List.of(), List.of(byHours(500))))
                .containsExactly(Optional.empty());
    }

    @Test
    void aLineThatCannotBeAsItIsWrittenSilencesItsPeriodOnly() {
        Notebook book = dipped(new Notebook(new Random(5), .02, 100), 8, 10);
        // Poured and not written down.
        book.gain(1);
        dipped(book, 8, 10);
        List<OilEntry> entries = undated(Notebook.entries(book.lines()));
        assertThat(Notebook.read(book.lines()).faults()).isNotEmpty();
        assertThat(rates(entries, byHours(155), byHours(200), byHours(500)).stream()
                        .map(Optional::isPresent))
                .containsExactly(true, false, true);
    }

    @Test
    void anotherRateAfterAnOilChangeIsNoRiddle() {
        int riddles = 0;
        for (int seed = 0; seed < 20; seed++) {
            Notebook book = Notebook.honest(new Random(seed), .02, 20);
            double from = book.hours();
            List<OilEntryDocument> lines = new ArrayList<>(book.fill(6).lines());
            lines.addAll(later(Notebook.honest(new Random(100 + seed), .007, 20), from - 3999));
            OilAnalysis said = Notebook.read(lines);
            riddles += said.faults().size();
            // What it uses is what it uses now.
            Estimate<Double> now = said.mlPerHour().orElseThrow();
            assertThat(now.best()).isBetween(5.0, 9.0);
            assertThat(said.axes().get(0).lines().get(0).from().at()).isLessThan(from);
        }
        assertThat(riddles).isLessThanOrEqualTo(1);
    }

    /** The same lines after so many hours more. */
    private static List<OilEntryDocument> later(Notebook book, double hours) {
        return book.lines().stream()
                .map(l -> new OilEntryDocument(
                        l.kind(),
                        LocalDate.parse(l.date()).plusYears(2).toString(),
                        null,
                        l.hours() + hours,
                        l.mmFromFull(),
                        null,
                        null,
                        l.litres(),
                        null,
                        null,
                        l.waitMinutes(),
                        l.ground(),
                        null,
                        l.certainty(),
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null))
                .toList();
    }
}
