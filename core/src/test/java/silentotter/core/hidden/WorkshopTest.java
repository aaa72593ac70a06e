package silentotter.core.hidden;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.CompressionReading;
import silentotter.core.compression.PassKind;
import silentotter.core.engine.Cycle;
import silentotter.core.examination.Examination;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Shop;
import silentotter.core.input.AllowedRange;
import silentotter.core.interpretation.Interpreter;
import silentotter.core.job.JobRecord;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.leakdown.Place;

/** The workshop writes down what a technician could have read, and its faults show where they would. */
class WorkshopTest {
    private static final Map<RoundDone, List<HiddenJob>> KNOWN = new EnumMap<>(RoundDone.class);

    private static List<HiddenJob> jobs(RoundDone done) {
        return KNOWN.computeIfAbsent(
                done,
                d -> LongStream.rangeClosed(1, 200)
                        .mapToObj(seed -> Workshop.job(seed, d))
                        .toList());
    }

    private static Map<Integer, Double> dry(JobRecord record) {
        Map<Integer, Double> kPa = new HashMap<>();
        record.all(CompressionPass.class).stream()
                .filter(p -> p.kind() == PassKind.DRY)
                .flatMap(p -> p.readings().stream())
                .forEach((CompressionReading r) ->
                        kPa.put(r.cylinder().value(), r.value().kPa()));
        return kPa;
    }

    @Test
    void everyReadingIsOneThatTheSheetWouldTake() {
        for (HiddenJob job : jobs(RoundDone.MIXED)) {
            assertThat(dry(job.record()).values())
                    .as("seed %d", job.seed())
                    .allMatch(kPa -> kPa >= AllowedRange.READING.min() && kPa <= AllowedRange.READING.max());
            assertThat(job.record().all(LeakdownReading.class))
                    .as("seed %d", job.seed())
                    .allMatch(r -> r.percent() >= 0 && r.percent() <= 100);
        }
    }

    @Test
    void compressionOnlyIsCompressionOnly() {
        for (HiddenJob job : jobs(RoundDone.COMPRESSION_ONLY)) {
            assertThat(job.record().all(LeakdownReading.class)).isEmpty();
            assertThat(job.record()
                            .last(Examination.class, Examination.EMPTY)
                            .plugs()
                            .plugs())
                    .isEmpty();
            assertThat(dry(job.record())).as("seed %d", job.seed()).isNotEmpty();
        }
    }

    @Test
    void aLeakingExhaustValveIsHeardAtTheExhaustMoreOftenThanElsewhere() {
        int atExhaust = 0;
        int atIntake = 0;
        for (HiddenJob job : jobs(RoundDone.FULL)) {
            for (HiddenFault fault : job.faults()) {
                if (fault.fault() == Fault.EXHAUST_VALVE) {
                    atExhaust += heard(job, fault, Place.EXHAUST) ? 1 : 0;
                    atIntake += heard(job, fault, Place.INTAKE) ? 1 : 0;
                }
            }
        }
        assertThat(atExhaust).isGreaterThan(2 * atIntake).isGreaterThan(5);
    }

    private static boolean heard(HiddenJob job, HiddenFault fault, Place place) {
        return job.record().all(LeakdownReading.class).stream()
                .filter(r -> fault.at(r.cylinder().value()))
                .anyMatch(r -> r.heard().getOrDefault(place, Heard.NOTHING).compareTo(Heard.FAINT) > 0);
    }

    @Test
    void faultsThatAnEngineCannotHaveAreNotDrawn() {
        for (HiddenJob job : jobs(RoundDone.FULL)) {
            assertThat(job.faults())
                    .as("seed %d", job.seed())
                    .allMatch(f -> job.record().engine().cycle() != Cycle.TWO_STROKE
                            || !f.fault().isOfFourStrokesOnly())
                    .hasSizeLessThanOrEqualTo(2);
        }
    }

    @Test
    void nothingIsWrongWithAboutOneInFive() {
        long sound =
                jobs(RoundDone.FULL).stream().filter(j -> j.faults().isEmpty()).count();
        assertThat(sound).isBetween(25L, 55L);
    }

    /** A falsified reading differs from the one of the same round that went right. */
    @Test
    void aFalsifiedReadingIsMovedAndSaysHowFar() {
        for (HiddenJob job : jobs(RoundDone.MIXED)) {
            job.falsified().ifPresent(f -> {
                assertThat(f.moved()).as("seed %d, %s", job.seed(), f.how()).isNotNegative();
                assertThat(f.cylinders())
                        .isNotEmpty()
                        .allMatch(c -> c >= 1
                                && c <= job.record().engine().arrangement().count());
                assertThat(f.test()).isIn("COMPRESSION", "LEAKDOWN");
            });
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 4, 8, 16})
    void engineOfAskedSize(int cylinders) {
        assertThat(EngineMaker.engine(new Draw(3), OptionalInt.of(cylinders))
                        .arrangement()
                        .count())
                .isEqualTo(cylinders);
        HiddenJob job = Workshop.job(3, RoundDone.FULL, cylinders);
        assertThat(Interpreter.interpret(job.record(), Shop.USUAL).diagnosis().cylinders())
                .hasSize(cylinders);
    }

    /** Plain rules are no straw man: on full rounds they find more than half. */
    @Test
    void plainRulesFindMoreThanTheHighestLeakAlone() {
        Scores scores = Scores.of(RoundDone.FULL, 900, 20);
        assertThat(scores.line()).contains("|");
        assertThat(scores.rank3()).isGreaterThanOrEqualTo(scores.rank1());
        assertThat(scores.reliability()).contains("|");
    }
}
