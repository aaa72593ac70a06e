package silentotter.core.oil;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.engine.OilData;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Judged;
import silentotter.core.finding.Said;
import silentotter.core.finding.Shop;
import silentotter.core.input.Problems;
import silentotter.core.interpretation.Interpreter;
import silentotter.core.job.JobRecord;
import silentotter.core.quantity.Estimate;

class OilLogTest {
    private static OilEntryDocument line(
            OilEntryKind kind, String date, Double km, Double hours, Double mm, Double spans, Double litres) {
        return new OilEntryDocument(
                kind, date, km, hours, mm, spans, null, litres, null, null, null, null, null, null, null, null, null,
                null, null, null, null);
    }

    private static OilEntryDocument dip(String date, double hours, double mm) {
        return line(OilEntryKind.DIP, date, null, hours, mm, null, null);
    }

    private static OilEntryDocument topUp(String date, Double hours, Double litres) {
        return line(OilEntryKind.TOP_UP, date, null, hours, null, null, litres);
    }

    private static Estimate<Double> mlPerHour(OilAnalysis said) {
        return said.mlPerHour().orElseThrow();
    }

    @Test
    void theTrueRateLiesInItsInterval93To97TimesInAHundred() {
        Random random = new Random(20261125);
        int inside = 0;
        for (int i = 0; i < 1000; i++) {
            double rate = 0.004 + 0.02 * random.nextDouble();
            Estimate<Double> found = mlPerHour(
                    Notebook.honest(random, rate, 4 + random.nextInt(12)).read());
            inside += found.low() <= 1000 * rate && 1000 * rate <= found.high() ? 1 : 0;
        }
        assertThat(inside / 10.0).isBetween(93.0, 97.0);
    }

    @Test
    void theOrderInWhichItWasWrittenDownAndWhereTheMeterBeganChangeNothing() {
        Random random = new Random(5);
        for (int i = 0; i < 40; i++) {
            List<OilEntryDocument> lines = Notebook.honest(random, 0.015, 9).lines();
            OilAnalysis said = Notebook.read(lines);
            List<OilEntryDocument> other = new ArrayList<>(lines.stream()
                    .map(d -> new OilEntryDocument(
                            d.kind(),
                            d.date(),
                            null,
                            d.hours() + 20_000,
                            d.mmFromFull(),
                            null,
                            null,
                            d.litres(),
                            null,
                            null,
                            d.waitMinutes(),
                            d.ground(),
                            null,
                            d.certainty(),
                            null,
                            null,
                            null,
                            null,
                            null,
                            null,
                            null))
                    .toList());
            Collections.shuffle(other, random);
            OilAnalysis again = Notebook.read(other);
            assertThat(mlPerHour(again).best()).isCloseTo(mlPerHour(said).best(), within(1e-6));
            assertThat(mlPerHour(again).high()).isCloseTo(mlPerHour(said).high(), within(1e-6));
            assertThat(again.faults()).hasSameSizeAs(said.faults());
            assertThat(again.axes().get(0).now().orElseThrow().level())
                    .isCloseTo(said.axes().get(0).now().orElseThrow().level(), within(1e-6));
        }
    }

    @Test
    void aDipAndAPourAndADipOfOneDayAreDoneInThatOrder() {
        List<OilEntryDocument> lines = List.of(
                dip("2026-03-01", 100, 0),
                dip("2026-03-10", 150, -1),
                topUp("2026-03-10", 150.0, 0.75),
                dip("2026-03-10", 150, -11),
                dip("2026-03-20", 200, -12));
        OilAnalysis said = Notebook.read(lines);
        assertThat(said.faults()).isEmpty();
        assertThat(mlPerHour(said).best()).isCloseTo(0.22 / 20 * 1500, within(1.0));
    }

    @Test
    void withoutTheLitresBetweenTheMarksTheRateIsInTheStickUntilAPourTeachesIt() {
        Notebook book = new Notebook(new Random(8), 0.012, 4000);
        book.dip().run(30).dip().run(30).dip();
        OilAnalysis bare = Notebook.read(Notebook.engine(null, null), book.lines());
        assertThat(bare.perLitre()).isEmpty();
        assertThat(bare.mlPerHour()).isEmpty();
        assertThat(bare.axes().get(0).perThousand().orElseThrow().best()).isCloseTo(16, within(4.0));
        assertThat(bare.notes()).anyMatch(n -> n.contains("that teaches it"));
        book.topUp(1, Certainty.MEASURED).dip().run(30).dip().run(30).dip();
        OilAnalysis taught = Notebook.read(Notebook.engine(null, null), book.lines());
        assertThat(taught.learnt()).isTrue();
        assertThat(taught.perLitre().orElseThrow()).isCloseTo(Notebook.SPAN_MM / Notebook.SPAN_L, within(3.0));
        assertThat(mlPerHour(taught).low()).isLessThan(12);
        assertThat(mlPerHour(taught).high()).isGreaterThan(12);
    }

    @Test
    void spansServeWhereNobodyMeasuresMillimetres() {
        List<OilEntryDocument> lines = List.of(
                line(OilEntryKind.DIP, "2026-01-01", 1000.0, null, null, 0.0, null),
                line(OilEntryKind.DIP, "2026-02-01", 2000.0, null, null, -0.4, null),
                line(OilEntryKind.DIP, "2026-03-01", 3000.0, null, null, -0.8, null));
        OilAnalysis said = Notebook.read(Notebook.engine(null, 2.0), lines);
        assertThat(said.unit()).isEqualTo(StickUnit.SPANS);
        assertThat(said.axes().get(0).litresPer1000Km().orElseThrow().best()).isCloseTo(0.8, within(1e-6));
        assertThat(said.axes().get(0).lowAt().orElseThrow().best()).isCloseTo(3500, within(1e-6));
        assertThat(said.opinions().get(0).school()).as("the leading one first").isEqualTo(OilSchool.LITRES_0_6);
        assertThat(said.opinions().get(0).judged()).contains(Judged.FAULT);
    }

    @Test
    void aPourWithoutMeterReadingIsPlacedByItsDay() {
        List<OilEntryDocument> lines = List.of(
                dip("2026-03-01", 100, 0),
                dip("2026-03-11", 200, -14),
                topUp("2026-03-16", null, 0.75),
                dip("2026-03-21", 300, -18),
                dip("2026-03-31", 400, -32));
        OilAnalysis said = Notebook.read(lines);
        assertThat(mlPerHour(said).best()).isCloseTo(14 / 100.0 / 20 * 1500, within(0.6));
        assertThat(said.axes().get(0).spots()).anyMatch(s -> !s.read() && Math.abs(s.at() - 250) < 1e-9);
    }

    @Test
    void anotherMeterIsABreakAndNoNegativeDistance() {
        List<OilEntryDocument> lines = new ArrayList<>(
                List.of(dip("2026-03-01", 5000, 0), dip("2026-03-11", 5100, -7), dip("2026-04-01", 60, -14)));
        assertThat(Notebook.read(lines).faults()).anyMatch(f -> f.kind() == OilFaultKind.METER_SLIP);
        lines.set(
                2,
                new OilEntryDocument(
                        OilEntryKind.DIP,
                        "2026-03-12",
                        null,
                        0.0,
                        -7.0,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        true,
                        null,
                        null));
        lines.add(dip("2026-03-22", 100, -14));
        OilAnalysis said = Notebook.read(lines);
        assertThat(said.faults()).isEmpty();
        assertThat(mlPerHour(said).best()).isCloseTo(7 / 100.0 / 20 * 1500, within(1e-6));
    }

    @Test
    void notProvedSaysWhenToDipAgainAndThatDipThenProvesIt() {
        List<OilEntryDocument> lines =
                new ArrayList<>(List.of(dip("2026-03-01", 100, 0), dip("2026-03-03", 120, -1.5)));
        OilAnalysis said = Notebook.read(lines);
        OilProof uses = said.proofs().get(0);
        assertThat(uses.proved()).isEmpty();
        double after = uses.after().orElseThrow();
        assertThat(uses.says()).contains("dip again after");
        double at = 120 + after;
        lines.add(dip("2026-03-05", Math.ceil(at), -1.5 * (Math.ceil(at) - 100) / 20));
        assertThat(Notebook.read(lines).proofs().get(0).proved()).contains(true);
        assertThat(said.due())
                .anyMatch(d -> d.kind() == DueKind.NEXT_DIP
                        && d.date()
                                .filter(x -> x.isAfter(LocalDate.of(2026, 3, 2)))
                                .isPresent());
    }

    @Test
    void theLowMarkIsToldEarlyEdgeFirstWithItsDay() {
        Notebook book = new Notebook(new Random(3), 0.02, 4000);
        for (int i = 0; i < 5; i++) {
            book.dip().run(12);
        }
        OilAnalysis said = book.read();
        Estimate<Double> low = said.axes().get(0).lowAt().orElseThrow();
        double truth = 4000 + Notebook.SPAN_L / 0.02;
        assertThat(low.low()).isLessThan(truth);
        assertThat(low.high()).isGreaterThan(truth);
        OilDue due = said.due().get(0);
        assertThat(due.kind()).isEqualTo(DueKind.LOW_MARK);
        assertThat(due.hours().orElseThrow()).isEqualTo(low.low());
        assertThat(due.date()).isPresent();
    }

    @Test
    void anOilChangeThatHelpedIsToldApartFromOneThatDidNot() {
        Notebook book = new Notebook(new Random(4), 0.03, 4000);
        for (int i = 0; i < 5; i++) {
            book.dip().run(10);
        }
        book.drain(4).fill(6).gain(1.5);
        List<OilEntryDocument> lines = new ArrayList<>(book.lines());
        Notebook after = new Notebook(new Random(6), 0.008, book.hours());
        after.run(0);
        for (int i = 0; i < 5; i++) {
            after.dip().run(15);
        }
        after.lines().stream()
                .map(d -> dip(LocalDate.parse(d.date()).plusDays(60).toString(), d.hours(), d.mmFromFull()))
                .forEach(lines::add);
        OilChange change = Notebook.read(lines).changes().get(0);
        assertThat(change.differs()).isTrue();
        assertThat(change.says()).contains("less since");
        assertThat(change.before().low()).isGreaterThan(change.after().high());
    }

    @Test
    void whatWasDrainedIsHeldAgainstTheStick() {
        List<OilEntryDocument> lines = new ArrayList<>();
        lines.add(line(OilEntryKind.FILL, "2026-01-01", null, 1000.0, null, null, 6.0));
        for (int i = 0; i <= 5; i++) {
            lines.add(dip("2026-01-0" + (2 + i), 1000 + 20 * i, -3 * i));
        }
        lines.add(line(OilEntryKind.DRAIN, "2026-01-20", null, 1100.0, null, null, 4.9));
        assertThat(Notebook.read(lines).notes()).anyMatch(n -> n.contains("they agree"));
        lines.set(lines.size() - 1, line(OilEntryKind.DRAIN, "2026-01-20", null, 1100.0, null, null, 2.5));
        assertThat(Notebook.read(lines).faults()).anyMatch(f -> f.kind() == OilFaultKind.STICK_AGAINST_DRAIN);
    }

    @Test
    void aTrialIsToldBeforeAndAfterAndWatchesItsMark() {
        Notebook book = new Notebook(new Random(14), 0.02, 4000);
        for (int i = 0; i < 9; i++) {
            book.dip().run(8);
        }
        List<OilEntryDocument> lines = book.lines();
        Problems problems = new Problems();
        OilTrial trial = OilTrial.read(
                        new OilTrialDocument(
                                lines.get(4).date(),
                                null,
                                "harbour round, half load",
                                20.0,
                                null,
                                10.0,
                                true,
                                -18.0,
                                null),
                        null,
                        problems,
                        "")
                .orElseThrow();
        OilAnalysis said = OilAnalyst.analyse(
                Notebook.engine(Notebook.SPAN_MM, Notebook.SPAN_L),
                Notebook.entries(lines),
                List.of(trial),
                List.of(),
                OilSchool.LITRES_0_6);
        TrialResult result = said.trials().get(0);
        assertThat(result.before()).isPresent();
        assertThat(result.during().orElseThrow().best()).isCloseTo(2, within(0.6));
        assertThat(result.gramsPerKwh().orElseThrow().best()).isCloseTo(20 * 0.87 / 20, within(0.3));
        assertThat(said.due()).extracting(OilDue::kind).contains(DueKind.CHECKPOINT);
        assertThat(OilTrial.read(
                        new OilTrialDocument("2026-02-02", "2026-01-01", " ", null, null, null, null, 5.0, null),
                        null,
                        problems,
                        ""))
                .isEmpty();
        assertThat(problems.all()).extracting(p -> p.field()).contains("to", "load", "abortMm");
    }

    @Test
    void oilOverFuelIsAShareAndAnHourlyPower() {
        List<OilEntryDocument> lines = List.of(
                dip("2026-03-01", 100, 0),
                new OilEntryDocument(
                        OilEntryKind.DIP,
                        "2026-03-11",
                        null,
                        200.0,
                        -10.0,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        250.0,
                        null,
                        null,
                        null));
        OilAnalysis said = Notebook.read(lines);
        assertThat(said.percentOfFuel().orElseThrow().best()).isCloseTo(100 * 0.75 / 250, within(1e-6));
        assertThat(said.gramsPerKwh().orElseThrow().best()).isCloseTo(0.003 * 0.87 / 0.745 * 300, within(1e-3));
    }

    @Test
    void wrongLinesAreRefusedAtTheirField() {
        Problems problems = new Problems();
        OilEntryReader.read(
                0, line(OilEntryKind.DIP, null, null, null, -900.0, null, 2.0), null, problems, "oilLog[0].");
        assertThat(problems.all())
                .extracting(p -> p.field())
                .contains("oilLog[0].date", "oilLog[0].mmFromFull", "oilLog[0].litres");
        Problems more = new Problems();
        OilEntryReader.read(0, line(null, "2026-02-30", null, null, null, null, -1.0), null, more, "");
        assertThat(more.all()).extracting(p -> p.field()).contains("kind", "date");
    }

    @Test
    void oddLogsAreAnsweredOneWayOrTheOther() {
        Random random = new Random(77);
        Double[] litres = {null, 0.0, 0.5, 3.0, 1999.0};
        Double[] dips = {-500.0, -20.0, -3.0, 0.0, 0.1, 300.0};
        for (int i = 0; i < 5000; i++) {
            List<OilEntryDocument> lines = new ArrayList<>();
            for (int k = random.nextInt(8); k >= 0; k--) {
                OilEntryKind kind = OilEntryKind.values()[random.nextInt(4)];
                boolean isDip = kind == OilEntryKind.DIP;
                boolean inSpans = random.nextInt(4) == 0;
                lines.add(new OilEntryDocument(
                        kind,
                        random.nextInt(4) == 0
                                ? null
                                : "20" + (10 + random.nextInt(80)) + "-01-0" + (1 + random.nextInt(9)),
                        random.nextInt(3) == 0 ? null : Math.pow(10, random.nextInt(7)),
                        random.nextInt(3) == 0 ? null : Math.pow(10, random.nextInt(6)),
                        isDip && !inSpans ? dips[random.nextInt(dips.length)] : null,
                        isDip && inSpans ? random.nextDouble() * 8 - 5 : null,
                        null,
                        isDip ? null : litres[random.nextInt(litres.length)],
                        null,
                        null,
                        random.nextBoolean() ? null : random.nextDouble() * 20,
                        random.nextBoolean() ? null : Ground.values()[random.nextInt(3)],
                        null,
                        random.nextBoolean() ? null : Certainty.values()[random.nextInt(3)],
                        null,
                        null,
                        "{cyl:1}",
                        random.nextBoolean() ? null : Math.pow(10, random.nextInt(6)),
                        random.nextInt(5) == 0 ? true : null,
                        random.nextInt(5) == 0 ? random.nextBoolean() : null,
                        null));
            }
            List<OilEntry> read = new ArrayList<>();
            for (int k = 0; k < lines.size(); k++) {
                OilEntryReader.read(k, lines.get(k), random.nextInt(9) == 0 ? "x" : null, new Problems(), "")
                        .ifPresent(read::add);
            }
            Double mm = random.nextBoolean() ? null : 20.0;
            Double span = random.nextBoolean() ? null : 1.0;
            JobRecord bare = Bench.inline(4).record();
            JobRecord record = new JobRecord(Notebook.engine(mm, span), bare.job(), new ArrayList<>(read));
            OilAnalysis said = OilWork.read(record, Shop.USUAL, Said.NOTHING)
                    .of(OilAnalysis.class)
                    .orElseThrow();
            said.axes().forEach(x -> assertThat(x.rate().orElseThrow().best()).isFinite());
        }
    }

    @Test
    void onlyALogThatHoldsTogetherSpeaksOfWays() {
        List<OilEntryDocument> lines = Notebook.honest(new Random(2), 0.02, 10).lines();
        JobRecord bare = Bench.inline(4).record();
        OilData oil = Notebook.engine(Notebook.SPAN_MM, Notebook.SPAN_L).oil();
        assertThat(oil.dipstickSpan()).isPresent();
        List<OilEntryDocument> byKm = lines.stream()
                .map(d -> line(d.kind(), d.date(), d.hours() * 25, null, d.mmFromFull(), null, d.litres()))
                .toList();
        JobRecord record = new JobRecord(
                Notebook.engine(Notebook.SPAN_MM, Notebook.SPAN_L),
                bare.job(),
                new ArrayList<>(Notebook.entries(byKm)));
        List<Finding> said = Interpreter.interpret(record, Shop.USUAL).said().findings();
        assertThat(said).extracting(Finding::rule).contains("oil-use-high");
        assertThat(Optional.of(said).get()).noneMatch(s -> s.rule().equals("oil-use-sound"));
    }
}
