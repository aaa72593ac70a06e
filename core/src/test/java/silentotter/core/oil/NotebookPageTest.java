package silentotter.core.oil;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.core.oil.NotebookPage.DateOrder;
import silentotter.core.oil.NotebookPage.PageLine;

class NotebookPageTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    private static NotebookPage page(String... lines) {
        return NotebookPage.read(String.join("\n", lines), Optional.empty(), TODAY);
    }

    private static OilEntryDocument only(String line) {
        List<OilEntryDocument> entries = page(line).lines().get(0).entries();
        assertThat(entries).as(line).hasSize(1);
        return entries.get(0);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            2026-03-12 4512 h dip -6 mm             | 2026-03-12 | 4512 |      | -6   |
            12.3.2026; 4512 h; dip 6 mm below full  | 2026-03-12 | 4512 |      | -6   |
            12 Mar 4512 hrs stick 6,5 mm below      | 2026-03-12 | 4512 |      | -6.5 |
            March 12, 2026 88000 km dip +2 mm       | 2026-03-12 |      | 88000 | 2   |
            Mar 12 4512h full                       | 2026-03-12 | 4512 |      | 0    |
            12/3/26 50000 mi, -0.5 in               | 2026-03-12 |      | 80467.2 | -12.7 |
            25/11 4512 h dip -4 mm hot 10 min       | 2026-11-25 | 4512 |      | -4   |
            26/11 4512 h dip -4 mm                  | 2025-11-26 | 4512 |      | -4   |
            """)
    void aDipIsReadAsPeopleWriteIt(String line, String date, Double hours, Double km, Double mm) {
        OilEntryDocument e = only(line);
        assertThat(e.kind()).isEqualTo(OilEntryKind.DIP);
        assertThat(e.date()).isEqualTo(date);
        assertThat(e.hours()).isEqualTo(hours);
        if (km != null) {
            assertThat(e.distanceKm()).isCloseTo(km, within(0.01));
        }
        assertThat(e.mmFromFull()).isCloseTo(mm, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            3 Mar 4520 h topped up 0.5 l            | TOP_UP | 0.5   | MEASURED
            3 Mar 4520 h added half a litre         | TOP_UP | 0.5   | ABOUT
            3 Mar 4520 h topped up a pint           | TOP_UP | 0.52  | ABOUT
            3 Mar 4520 h top-up 1 qt, I think       | TOP_UP | 0.946 | REMEMBERED
            3 Mar 4520 h about 750 ml put in        | TOP_UP | 0.75  | ABOUT
            3 Mar 4520 h oil change 15W-40 8.5 L with filter | FILL | 8.5 | MEASURED
            3 Mar 4520 h drained 7,9 l              | DRAIN  | 7.9   | MEASURED
            """)
    void whatWasPouredIsReadWithHowWellItIsKnown(String line, OilEntryKind kind, double litres, Certainty certainty) {
        OilEntryDocument e = only(line);
        assertThat(e.kind()).isEqualTo(kind);
        assertThat(e.litres()).isCloseTo(litres, within(0.001));
        assertThat(e.certainty()).isEqualTo(certainty);
    }

    @Test
    void oneLineMayHoldADipAndWhatWasPouredAfterIt() {
        PageLine line =
                page("3 Mar 4520 h dip -14 mm, topped up 0.75 l 15W-40").lines().get(0);
        assertThat(line.entries())
                .extracting(OilEntryDocument::kind)
                .containsExactly(OilEntryKind.DIP, OilEntryKind.TOP_UP);
        assertThat(line.taken()).isEqualTo("dip 14 mm below full, then top-up of {L:0.75}, 15W-40; 2026-03-03, 4520 h");
        assertThat(line.entries().get(1).grade()).isEqualTo("15W-40");
    }

    @Test
    void whatCouldBeReadInTwoWaysIsAskedBack() {
        assertThat(page("4/3 4520 h dip -3 mm", "6/3 4540 h dip -5 mm").dateOrderAsked())
                .isTrue();
        assertThat(page("4/3 4520 h dip -3 mm", "16/3 4540 h dip -5 mm").dateOrderAsked())
                .isFalse();
        NotebookPage monthFirst = page("3/4/2026 4520 h dip -3 mm", "3/16/2026 4540 h dip -5 mm");
        assertThat(monthFirst.dateOrder()).isEqualTo(DateOrder.MONTH_FIRST);
        assertThat(monthFirst.lines().get(0).entries().get(0).date()).isEqualTo("2026-03-04");
        NotebookPage told = NotebookPage.read("4/3 4520 h dip -3 mm", Optional.of(DateOrder.MONTH_FIRST), TODAY);
        assertThat(told.lines().get(0).entries().get(0).date()).isEqualTo("2026-04-03");
        assertThat(page("1 Mar 4,512 h dip -3 mm").lines().get(0).asks()).anyMatch(a -> a.contains("two ways"));
        List<PageLine> sides =
                page("1 Mar 4512 h dip 3 mm", "2 Mar 4522 h dip 4 mm").lines();
        assertThat(sides.get(0).asks()).anyMatch(a -> a.startsWith("Below the full mark?"));
        assertThat(sides.get(1).asks()).isEmpty();
        assertThat(page("dip -3 mm").lines().get(0).asks()).anyMatch(a -> a.startsWith("When"));
        assertThat(page("1 Mar 4512 h topped up").lines().get(0).asks()).anyMatch(a -> a.startsWith("How much"));
        assertThat(page("1 Mar 4512 h dip -900 mm").lines().get(0).entries()).isEmpty();
    }

    @Test
    void barePagesTakeTheirMeterFromTheOtherLines() {
        List<PageLine> lines = page("1 Mar 4512 h dip -2 mm", "9 Mar 4540 -5", "looks fine to me")
                .lines();
        assertThat(lines.get(1).entries().get(0).hours()).isEqualTo(4540);
        assertThat(lines.get(1).entries().get(0).mmFromFull()).isEqualTo(-5);
        assertThat(lines.get(1).asks()).anyMatch(a -> a.contains("without a unit"));
        assertThat(lines.get(2).entries()).isEmpty();
        assertThat(lines.get(2).taken()).isEmpty();
    }

    @Test
    void aTableFromASpreadsheetIsReadToo() {
        List<PageLine> lines = page("Date;Hours;Dip;Added", "1.3.2026;4512,5;-2;", "9.3.2026;4540;-12,5;0,75")
                .lines();
        assertThat(lines.get(1).entries().get(0).hours()).isEqualTo(4512.5);
        assertThat(lines.get(2).entries()).hasSize(2);
        assertThat(lines.get(2).entries().get(0).mmFromFull()).isEqualTo(-12.5);
        assertThat(lines.get(2).entries().get(1).litres()).isEqualTo(0.75);
    }

    @Test
    void aPageBecomesARateAndASentenceForTheOwner() {
        NotebookPage page = page(
                "1 Mar 4512 h full",
                "8 Mar 4540 h dip -5 mm",
                "17 Mar 4571 h dip -11 mm",
                "17 Mar 4571 h topped up 0.5 l",
                "28 Mar 4602 h dip -10 mm",
                "6 Apr 4630 h -15 mm, 0.75 l added",
                "20 Apr 4661 h dip -11 mm");
        OilAnalysis said = Notebook.read(
                page.lines().stream().flatMap(l -> l.entries().stream()).toList());
        assertThat(said.faults()).isEmpty();
        assertThat(said.mlPerHour().orElseThrow().best()).isBetween(11.0, 16.0);
        assertThat(said.says()).startsWith("It uses ").contains("There is enough until");
        assertThat(said.due()).isNotEmpty();
    }

    @Test
    void anythingThatIsPastedIsReadOneWayOrTheOther() {
        Random random = new Random(31);
        String[] bits = {
            "12",
            "3",
            ".",
            ",",
            "/",
            "-",
            " ",
            "h",
            "km",
            "mm",
            "l",
            "qt",
            "a pint",
            "dip",
            "full",
            "topped up",
            "99999999999",
            "2026-13-45",
            "31 feb",
            "½",
            "\"",
            ";",
            "\t",
            "date",
            "{cyl:1}",
            "1/0",
            "0/0",
            "\n",
            "oil change",
            "?"
        };
        for (int i = 0; i < 20_000; i++) {
            StringBuilder text = new StringBuilder();
            for (int k = random.nextInt(14); k >= 0; k--) {
                text.append(bits[random.nextInt(bits.length)]).append(random.nextBoolean() ? " " : "");
            }
            NotebookPage page = NotebookPage.read(text.toString(), Optional.empty(), TODAY);
            Notebook.entries(
                    page.lines().stream().flatMap(l -> l.entries().stream()).toList());
        }
    }
}
