package silentotter.core.interpretation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import silentotter.core.compression.Bench;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.CompressionReading;
import silentotter.core.diagnosis.CylinderVerdict;
import silentotter.core.diagnosis.Tone;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.finding.Shop;
import silentotter.core.inference.GaugeCurve;
import silentotter.core.job.JobRecord;
import silentotter.core.job.Observation;
import silentotter.core.plugs.PlugSchool;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.PressureUnit;
import silentotter.core.twin.LeakCurve;

/** Properties of the interpretation as a whole: what must not matter does not. */
class InterpreterTest {
    private static final double[] SOUND = {1300, 1290, 1310, 1295};

    /** Engines with one cylinder somewhat or much below its sisters, or none. */
    private static double[] readings(Random random) {
        double[] kPa = SOUND.clone();
        kPa[random.nextInt(4)] *= 0.5 + random.nextDouble() / 2;
        return kPa;
    }

    private static Map<Integer, Tone> tones(Interpretation said) {
        Map<Integer, Tone> tones = new TreeMap<>();
        said.diagnosis().cylinders().forEach((c, v) -> tones.put(c.value(), v.tone()));
        return tones;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void whatTheShopCallsACylinderChangesNothingButItsName(int seed) {
        double[] kPa = readings(new Random(seed));
        Interpretation plain = Bench.inline(4).dry(kPa).interpret();
        Interpretation named =
                Bench.inline(4).labelled(2, "B").labelled(4, "Aft").dry(kPa).interpret();
        assertThat(named.diagnosis()).isEqualTo(plain.diagnosis());
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void anEngineCountedFromItsOtherEndIsTheSameEngine(int seed) {
        double[] kPa = readings(new Random(seed));
        double[] mirrored = IntStream.range(0, 4).mapToDouble(i -> kPa[3 - i]).toArray();
        Map<Integer, Tone> one = tones(Bench.inline(4).dry(kPa).interpret());
        Map<Integer, Tone> other = tones(Bench.inline(4).dry(mirrored).interpret());
        one.forEach((c, tone) -> assertThat(other.get(5 - c)).isEqualTo(tone));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void theOrderInWhichReadingsWereHandedOverDoesNotMatter(int seed) {
        Random random = new Random(seed);
        Bench bench = Bench.inline(4).dry(readings(random));
        JobRecord record = bench.record();
        CompressionPass pass = record.last(CompressionPass.class, null);
        List<CompressionReading> shuffled = new ArrayList<>(pass.readings());
        Collections.shuffle(shuffled, random);
        JobRecord other = new JobRecord(
                record.engine(),
                record.job(),
                List.of(new CompressionPass(pass.kind(), pass.conditions(), shuffled, pass.settled())));
        assertThat(Interpreter.interpret(other, Shop.USUAL).diagnosis())
                .isEqualTo(Interpreter.interpret(record, Shop.USUAL).diagnosis());
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void theUnitInWhichAValueWasTypedDoesNotMatter(int seed) {
        double[] kPa = readings(new Random(seed));
        for (PressureUnit unit : PressureUnit.values()) {
            double[] typed = IntStream.range(0, 4)
                    .mapToDouble(i -> Pressure.of(kPa[i] / Pressure.of(1, unit).kPa(), unit)
                            .kPa())
                    .toArray();
            assertThat(tones(Bench.inline(4).dry(typed).interpret()))
                    .isEqualTo(tones(Bench.inline(4).dry(kPa).interpret()));
        }
    }

    @Test
    void theSameRecordSaysTheSameTwice() {
        JobRecord record =
                Bench.inline(6).dry(1300, 1290, 900, 1310, 1295, 1305).record();
        Interpretation one = Interpreter.interpret(record, Shop.USUAL);
        Interpretation other = Interpreter.interpret(record, Shop.USUAL);
        assertThat(other.compression()).isEqualTo(one.compression());
        assertThat(other.diagnosis()).isEqualTo(one.diagnosis());
    }

    /** Something that no station knows. */
    private record Horoscope(String sign) implements Observation {}

    @Test
    void whatNoStationKnowsIsLeftAlone() {
        Bench bench = Bench.inline(4).dry(SOUND);
        Interpretation said = bench.interpret(new Horoscope("otter"));
        assertThat(said.diagnosis()).isEqualTo(bench.diagnose());
        assertThat(said.record().last(Horoscope.class, null).sign()).isEqualTo("otter");
    }

    @Test
    void whatCannotBeWorkedOutIsSaidAndTheRestStands() {
        Shop broken = new Shop(
                Map.of(),
                setup -> {
                    throw new IllegalStateException("no curve");
                },
                GaugeCurve::of);
        Interpretation said =
                Interpreter.interpret(Bench.inline(4).dry(1300, 1290, 800, 1310).record(), broken);
        assertThat(said.notComputed()).hasSize(1).first().asString().contains("kept and compared with each other");
        CylinderVerdict three = said.diagnosis().cylinders().get(CylinderNumber.of(3));
        assertThat(three.tone()).isEqualTo(Tone.LOSS);
        assertThat(said.compression().expected()).isEmpty();
    }

    @Test
    void aShopThatChoseNothingKnownHasTheUsualSchools() {
        Shop shop = new Shop(Map.of("PlugSchool", "ASTROLOGY"), LeakCurve::of, GaugeCurve::of);
        assertThat(shop.choice(PlugSchool.class, PlugSchool.FULL_READING)).isEqualTo(PlugSchool.FULL_READING);
        PlugSchool other = Optional.of(PlugSchool.values()[PlugSchool.values().length - 1])
                .filter(s -> s != PlugSchool.FULL_READING)
                .orElse(PlugSchool.values()[0]);
        assertThat(shop.choosing(other).choice(PlugSchool.class, PlugSchool.FULL_READING))
                .isEqualTo(other);
    }
}
