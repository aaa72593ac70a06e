package silentotter.core.standin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import silentotter.core.flow.TwoHoles;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.scpi.ScpiNumber;
import silentotter.core.standin.StandIn.StandInKind;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.CrankingTwin;
import silentotter.core.twin.CylinderGeometry;

class StandInTest {
    private static final CylinderGeometry GEOMETRY = CylinderGeometry.of(Length.ofMm(86), Length.ofMm(86), 9.8);
    private static final double STROKE = 720 / (220 * 6.0);

    private static StandInEngine engine(double... leaks) {
        return new StandInEngine(
                GEOMETRY,
                CrankSpeed.ofRpm(220),
                Arrays.stream(leaks).mapToObj(LeakArea::ofSquareMm).toList(),
                List.of(1, 3, 4, 2),
                true,
                8);
    }

    private static StandIn standIn(StandInKind kind, Mischief mischief) {
        return new StandIn(kind, engine(.3, .3, 4, .3), mischief, 1);
    }

    private static double value(StandIn instrument, double now) {
        return numbers(instrument.answer("READ?", now).get(0))[0];
    }

    private static double[] numbers(String line) {
        return Arrays.stream(line.split(","))
                .mapToDouble(t -> ScpiNumber.of(t).orElseThrow().value())
                .toArray();
    }

    /** The exchange that the manual shows happens just so. */
    @Test
    void theExchangeInTheManualHappensAsItIsWritten() throws IOException {
        String manual = Files.readString(Path.of("../docs/instruments.md"));
        Matcher block = Pattern.compile("```text\n(.*?)```", Pattern.DOTALL).matcher(manual);
        assertThat(block.find()).isTrue();
        StandIn instrument = standIn(StandInKind.COMPRESSION, Mischief.NONE);
        double now = 0;
        List<String> happened = new ArrayList<>();
        for (String line : block.group(1).split("\n")) {
            Matcher later = Pattern.compile("\\((\\d+) s later\\)").matcher(line);
            if (later.matches()) {
                now += Double.parseDouble(later.group(1));
                happened.add(line);
            } else if (line.startsWith("> ")) {
                happened.add(line);
                happened.addAll(instrument.answer(line.substring(2), now));
            }
        }
        assertThat(String.join("\n", happened) + "\n").isEqualTo(block.group(1));
    }

    @Test
    void theTransducerHoldsAfterEachStrokeWhatTheTwinSays() {
        StandIn instrument = standIn(StandInKind.COMPRESSION, Mischief.NONE);
        instrument.answer("ROUT:CYL 3", 0);
        instrument.answer("INIT", 10);
        CrankingSetup usual = CrankingSetup.usual(GEOMETRY).withLeakArea(LeakArea.ofSquareMm(4));
        List<Pressure> strokes = CrankingTwin.run(usual);
        for (int i = 0; i < strokes.size(); i++) {
            assertThat(value(instrument, 10 + .25 + (i + .9) * STROKE))
                    .isCloseTo(strokes.get(i).kPa(), within(.01));
        }
        assertThat(value(instrument, 10.1)).isZero();
        instrument.answer("ABOR", 20);
        assertThat(value(instrument, 20.5)).isZero();
    }

    @Test
    void aLeakingValveLosesBetweenTheStrokesWhatItHeld() {
        StandIn tight = standIn(StandInKind.COMPRESSION, Mischief.NONE);
        StandIn leaking = standIn(StandInKind.COMPRESSION, new Mischief(0, 2, 0, false));
        tight.answer("INIT", 0);
        leaking.answer("INIT", 0);
        assertThat(value(leaking, 8)).isLessThan(.5 * value(tight, 8));
        assertThat(value(tight, 60)).isCloseTo(value(tight, 8), within(1e-6));
    }

    @Test
    void theTesterSettlesWhereTwoHolesDo() {
        StandIn instrument = standIn(StandInKind.LEAKDOWN, Mischief.NONE);
        instrument.answer("ROUT:CYL 3;:INIT", 0);
        double[] settled = numbers(instrument.answer("MEAS:PRES?", 30).get(0));
        TwoHoles master =
                LeakdownTester.MASTER.holes(Pressure.STANDARD_ATMOSPHERE).orElseThrow();
        assertThat(settled[0]).isCloseTo(689.476, within(.01));
        assertThat(settled[1])
                .isCloseTo(master.settlesAt(LeakArea.ofSquareMm(4)).kPa(), within(.01));
        assertThat(numbers(instrument.answer("MEAS:PRES?", 1).get(0))[1]).isLessThan(settled[1]);
    }

    @Test
    void theClampShowsEveryCylinderInFiringOrderAndTheWeakOneLess() {
        StandIn instrument = standIn(StandInKind.STARTER, Mischief.NONE);
        instrument.answer("INIT", 0);
        // Peaks of 1, 3, 4 and 2 in the fifth cycle.
        double[] peaks = IntStream.range(0, 4)
                .mapToDouble(i -> value(instrument, 5 * STROKE + (i + .5) * STROKE / 4))
                .toArray();
        assertThat(peaks[1]).isLessThan(peaks[0] - 10);
        assertThat(peaks[2]).isCloseTo(peaks[0], within(.5));
        assertThat(peaks[3]).isCloseTo(peaks[0], within(.5));
    }

    @Test
    void theCrankcasePulsesMostForTheCylinderThatLeaks() {
        StandIn instrument = standIn(StandInKind.CRANKCASE, Mischief.NONE);
        double cycle = 2 * 60 / 800.0;
        double[] pulses = IntStream.range(0, 4)
                .mapToDouble(i -> value(instrument, 10 * cycle + (i + .5) * cycle / 4))
                .toArray();
        assertThat(pulses[1]).isGreaterThan(pulses[0] + 20);
        assertThat(pulses[1]).isGreaterThan(pulses[2] + 20);
    }

    @Test
    void aStreamLeavesNoSampleOutHoweverLateItIsAskedFor() {
        StandIn instrument = standIn(StandInKind.COMPRESSION, Mischief.USUAL);
        instrument.answer("SENS:RATE 1000", 0);
        instrument.answer("INIT;STR:STAR", 1);
        List<String> lines = new ArrayList<>();
        for (double now = 1; now < 4; now += .173) {
            lines.addAll(instrument.stream(now, 100_000));
        }
        for (int i = 0; i < lines.size(); i++) {
            assertThat(lines.get(i)).startsWith(i + ",");
        }
        assertThat(lines.size()).isBetween(2800, 3000);
        assertThat(instrument.stream(10, 50)).hasSize(50);
        instrument.answer("STR:STOP", 11);
        assertThat(instrument.streams()).isFalse();
        assertThat(instrument.stream(12, 50)).isEmpty();
    }

    @Test
    void whatIsWrongIsAnErrorOfItsNumberAndChangesNothing() {
        StandIn instrument = standIn(StandInKind.LEAKDOWN, Mischief.NONE);
        for (String wrong :
                List.of("MEAS:VOLT?", "ROUT:CYL", "ROUT:CYL 1,2", "ROUT:CYL nine", "ROUT:CYL 9", "NONSENSE")) {
            assertThat(instrument.answer(wrong, 0)).isEmpty();
        }
        assertThat(instrument.answer("x".repeat(600), 0)).isEmpty();
        assertThat(IntStream.range(0, 8)
                        .mapToObj(i -> instrument.answer("SYST:ERR?", 0).get(0)))
                .containsExactly(
                        "-113,\"Undefined header\"",
                        "-109,\"Missing parameter\"",
                        "-108,\"Parameter not allowed\"",
                        "-120,\"Numeric data error\"",
                        "-222,\"Data out of range\"",
                        "-113,\"Undefined header\"",
                        "-363,\"Input buffer overrun\"",
                        "0,\"No error\"");
        for (int i = 0; i < 40; i++) {
            instrument.answer("NONSENSE", 0);
        }
        List<String> all = new ArrayList<>();
        for (int i = 0; i < 17; i++) {
            all.addAll(instrument.answer("SYST:ERR?", 0));
        }
        assertThat(all.get(15)).isEqualTo("-350,\"Queue overflow\"");
        assertThat(all.get(16)).isEqualTo("0,\"No error\"");
    }

    @Test
    void aSlippedUnitAnswersInBarAndSaysKilopascal() {
        StandIn slipped = standIn(StandInKind.COMPRESSION, new Mischief(0, Double.POSITIVE_INFINITY, 0, true));
        StandIn sound = standIn(StandInKind.COMPRESSION, Mischief.NONE);
        slipped.answer("INIT", 0);
        sound.answer("INIT", 0);
        assertThat(slipped.answer("UNIT:PRES?", 9)).containsExactly("KPA");
        assertThat(value(slipped, 9)).isCloseTo(value(sound, 9) / 100, within(1e-4));
    }

    @Test
    void theSameSeedHasTheSameNoise() {
        StandIn one = standIn(StandInKind.CRANKCASE, Mischief.USUAL);
        StandIn other = standIn(StandInKind.CRANKCASE, Mischief.USUAL);
        for (int i = 0; i < 5; i++) {
            assertThat(one.answer("READ?", i)).isEqualTo(other.answer("READ?", i));
        }
    }
}
