package silentotter.core.waveform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Said;
import silentotter.core.finding.Shop;
import silentotter.core.input.Problems;
import silentotter.core.job.JobRecord;
import silentotter.core.practice.PracticeCase;
import silentotter.core.waveform.WaveformResult.CylinderShare;

/** Files, strokes that are known, and what they say. */
class WaveformTest {
    // ---- files

    @ParameterizedTest
    @CsvSource(
            delimiterString = "#",
            value = {
                "Time;Pressure\\n0;1,5\\n0,001;2,5\\n0,002;3,5 # ; # true # 1 # 0 # .001",
                "s,kPa\\n0.000,101.2\\n0.001,102.2\\n0.002,103 # , # false # 1 # 0 # .001",
                "made by\\n2026\\n\\nA\\tB\\n5\\t0.1\\n7\\t0.2\\n4\\t0.3 # \\t # false # 3 # 1 # .1",
                "1.5 7\\n1.2 6\\n1.9 8 # ' ' # false # 0 # # ",
                "1.5\\n1.2\\n1.9 # '' # false # 0 # # "
            })
    void theLayoutOfAFileIsGuessed(
            String text, String delimiter, boolean comma, int header, Integer time, Double step) {
        CsvShape shape =
                CsvShape.of(text.replace("\\n", "\n").replace("\\t", "\t")).orElseThrow();
        assertThat(shape.delimiter()).isEqualTo(delimiter.equals("\\t") ? "\t" : delimiter);
        assertThat(shape.decimalComma()).isEqualTo(comma);
        assertThat(shape.headerLines()).isEqualTo(header);
        assertThat(shape.timeColumn()).isEqualTo(time);
        if (step != null) {
            assertThat(shape.timeStep()).isCloseTo(step, within(1e-9));
        }
    }

    @Test
    void namesAndTheUnitsBelowThemAreTakenTogether() {
        assertThat(CsvShape.of("Time;Cable\ns;A\n0;1\n1;2\n2;3").orElseThrow().names())
                .containsExactly("Time, s", "Cable, A");
        assertThat(CsvShape.of("1;2\n2;5\n3;9").orElseThrow().names()).containsExactly("column 1", "column 2");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "hello", "PK\u0003\u0004 nothing", "a;b\nc;d\n", "1;2\n"})
    void whatHoldsNoNumbersIsNoWaveform(String text) {
        assertThat(CsvShape.of(text)).isEmpty();
    }

    // ---- strokes

    private record Made(Samples samples, List<Double> peaks) {}

    /** Crests of given heights, one after the other, at a speed that wanders; noise as a share of the highest. */
    private static Made made(double[] heights, double apart, int count, double noise, double base, long seed) {
        Random random = new Random(seed);
        double step = .002;
        List<Double> peaks = new ArrayList<>();
        double t = .4;
        for (int i = 0; i < count; i++) {
            peaks.add(t);
            t += apart * (1 + .04 * random.nextGaussian());
        }
        float[] values = new float[(int) ((t + .3) / step)];
        double highest = IntStream.range(0, heights.length)
                .mapToDouble(i -> heights[i])
                .max()
                .orElseThrow();
        for (int i = 0; i < values.length; i++) {
            double v = base + noise * highest * random.nextGaussian();
            for (int p = 0; p < count; p++) {
                double off = (i * step - peaks.get(p)) / apart;
                if (Math.abs(off) < .5) {
                    double c = Math.cos(Math.PI * off);
                    v += heights[p % heights.length] * c * c * c * c;
                }
            }
            values[i] = (float) v;
        }
        return new Made(new Samples(step, values), peaks);
    }

    @ParameterizedTest
    @CsvSource({
        // one cylinder while cranking; a starter's four; six; with one that is half dead; crankcase pulses
        "1, 1, .55, .01, 100",
        "1, 1, .14, .03, 180",
        "1, 1, .09, .03, 180",
        "1, .5, .14, .03, 180",
        "1, .9, .05, .05, 60"
    })
    void knownStrokesAreFound(double high, double low, double apart, double noise, double base) {
        int found = 0;
        int all = 0;
        int spurious = 0;
        for (long seed = 0; seed < 25; seed++) {
            Made made = made(new double[] {high, high, low, high}, apart, 40, noise, base / 100, seed);
            List<Double> marks = PeakFinder.find(made.samples());
            all += made.peaks().size();
            for (double peak : made.peaks()) {
                found += marks.stream().anyMatch(m -> Math.abs(m - peak) < .15 * apart) ? 1 : 0;
            }
            spurious += (int) marks.stream()
                    .filter(m -> made.peaks().stream().noneMatch(p -> Math.abs(m - p) < .3 * apart))
                    .count();
        }
        assertThat(found).isGreaterThanOrEqualTo((int) Math.ceil(.99 * all));
        assertThat(spurious).isLessThanOrEqualTo(all / 100);
    }

    @Test
    void nothingThatRepeatsHasNoStrokes() {
        assertThat(PeakFinder.find(new Samples(.001, new float[5000]))).isEmpty();
        assertThat(PeakFinder.find(new Samples(.001, new float[3]))).isEmpty();
    }

    @Test
    void aMarkSetByHandSitsOnTheNearestCrest() {
        Made made = made(new double[] {1}, .5, 6, .005, 0, 3);
        List<Double> byHand = made.peaks().stream().map(p -> p + .05).toList();
        List<Stroke> strokes = Strokes.at(byHand, made.samples(), WaveformKind.CRANKING_PRESSURE);
        for (int i = 0; i < strokes.size(); i++) {
            assertThat(strokes.get(i).seconds()).isCloseTo(made.peaks().get(i), within(.02));
            assertThat(strokes.get(i).value()).isCloseTo(1, within(.02));
        }
    }

    // ---- what they say

    private static final Engine FOUR =
            PracticeCase.of("lesson-12").orElseThrow().bench().engine();

    private static Said said(Waveform... waveforms) {
        return WaveformWork.read(
                new JobRecord(
                        FOUR,
                        PracticeCase.of("lesson-12")
                                .orElseThrow()
                                .bench()
                                .job()
                                .record()
                                .job(),
                        List.of(waveforms)),
                Shop.USUAL,
                Said.NOTHING);
    }

    private static WaveformResult only(Said said) {
        return said.of(WaveformAnalysis.class, WaveformAnalysis.NONE).results().get(0);
    }

    private static Waveform current(double[] inFiringOrder, Optional<Integer> first) {
        Made made = made(inFiringOrder, .14, 34, .02, 1.5, 9);
        return new Waveform(
                WaveformKind.STARTER_CURRENT,
                "cable.csv",
                Optional.empty(),
                Strokes.at(PeakFinder.find(made.samples()), made.samples(), WaveformKind.STARTER_CURRENT),
                first);
    }

    @Test
    void theStarterTellsWhichCylinderIsLowAndWeighsLittle() {
        // Firing 1-3-4-2: the third stroke is cylinder 4.
        Said said = said(current(new double[] {1, 1, .6, 1}, Optional.of(0)));
        List<CylinderShare> shares = only(said).shares();
        assertThat(shares).hasSize(4);
        assertThat(shares.get(3).cylinder()).isEqualTo(CylinderNumber.of(4));
        assertThat(shares.get(3).percent()).isBetween(52.0, 68.0);
        assertThat(shares.get(3).sigma()).isLessThan(5);
        assertThat(only(said).rpm().orElseThrow()).isCloseTo(214, within(12.0));
        assertThat(said.findings()).singleElement().satisfies(f -> {
            assertThat(f.cylinders()).containsExactly(CylinderNumber.of(4));
            assertThat(f.ratios().values()).allMatch(r -> r <= 2);
        });
        assertThat(said(current(new double[] {1, .97, .98, 1}, Optional.of(0))).findings())
                .isEmpty();
    }

    @Test
    void withoutAMarkNoStrokeHasACylinder() {
        WaveformResult result = only(said(current(new double[] {1, 1, .6, 1}, Optional.empty())));
        assertThat(result.shares()).isEmpty();
        assertThat(result.says()).contains("Mark one stroke");
    }

    @Test
    void aStrokeThatWasNotSeenLeavesItsPlaceFree() {
        Waveform whole = current(new double[] {1, 1, .6, 1}, Optional.of(0));
        List<Stroke> holed = new ArrayList<>(whole.strokes());
        holed.remove(9);
        WaveformResult result =
                only(said(new Waveform(whole.kind(), whole.name(), Optional.empty(), holed, Optional.of(0))));
        // Whose stroke each is, is counted in one place: the tenth's is left free.
        assertThat(result.places()).startsWith(0, 1, 2, 3, 4, 5, 6, 7, 8, 10, 11);
        assertThat(result.shares().get(3).percent()).isBetween(52.0, 68.0);
    }

    @Test
    void aPulseThatStandsOutNamesItsCylinder() {
        Made made = made(new double[] {.5, .5, .5, 1.2}, .05, 60, .03, .6, 4);
        Said said = said(new Waveform(
                WaveformKind.CRANKCASE_PULSES,
                "tap.csv",
                Optional.empty(),
                Strokes.at(PeakFinder.find(made.samples()), made.samples(), WaveformKind.CRANKCASE_PULSES),
                Optional.of(0)));
        assertThat(said.findings()).extracting(Finding::cylinders).containsExactly(List.of(CylinderNumber.of(2)));
    }

    @Test
    void peaksWithoutACheckValveAreSetBesideAGauge() {
        Made made = made(new double[] {1300}, .55, 7, .005, 0, 2);
        WaveformResult result = only(said(new Waveform(
                WaveformKind.CRANKING_PRESSURE,
                "three.csv",
                Optional.of(CylinderNumber.of(3)),
                Strokes.at(PeakFinder.find(made.samples()), made.samples(), WaveformKind.CRANKING_PRESSURE),
                Optional.empty())));
        assertThat(result.peak().orElseThrow().measured().kPa()).isCloseTo(1300, within(25.0));
        double gauge = result.peak().orElseThrow().asGauge().orElseThrow().kPa();
        assertThat(gauge).isBetween(600.0, 1290.0);
        assertThat(result.rpm().orElseThrow()).isCloseTo(218, within(12.0));
    }

    @Test
    void whatCannotBeIsSaidAtItsPlace() {
        Problems problems = new Problems();
        new Waveform(
                        WaveformKind.CRANKING_PRESSURE,
                        " ",
                        Optional.empty(),
                        List.of(new Stroke(2, 1), new Stroke(1, 1)),
                        Optional.of(5))
                .check(4, problems, "w.");
        assertThatThrownBy(problems::throwIfAny)
                .hasMessageContaining("w.name")
                .hasMessageContaining("w.cylinder")
                .hasMessageContaining("w.strokes")
                .hasMessageContaining("w.first");
    }
}
