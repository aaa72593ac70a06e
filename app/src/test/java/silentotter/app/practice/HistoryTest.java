package silentotter.app.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import silentotter.app.practice.History.Finished;
import silentotter.core.fault.Family;

/** What somebody mixes up, and what to take next. */
class HistoryTest {
    private static Finished done(String key, Family was, Family said) {
        return new Finished(key, was, said, was == said, was == said ? -.2 : -1.6);
    }

    @Test
    void whoHasDoneNothingBeginsWithTheFirst() {
        History.PracticeRecord none = History.of(List.of());
        assertThat(none.next()).isEqualTo("lesson-1");
        assertThat(none.finished()).isZero();
        assertThat(none.score()).isZero();
    }

    @Test
    void lessonsComeInOrder() {
        assertThat(History.of(List.of(
                                done("lesson-1", Family.RINGS, Family.RINGS),
                                done("lesson-2", Family.VALVE_LEAK, Family.VALVE_LEAK)))
                        .next())
                .isEqualTo("lesson-3");
    }

    @Test
    void whatIsMixedUpMostComesNext() {
        History.PracticeRecord record = History.of(List.of(
                done("lesson-1", Family.RINGS, Family.RINGS),
                done("usual-3", Family.OIL_ENTRY, Family.RINGS),
                done("usual-4", Family.OIL_ENTRY, Family.RINGS),
                done("usual-5", Family.WATER_ENTRY, Family.NOTHING_WRONG)));
        assertThat(record.confused().get(0).times()).isEqualTo(2);
        assertThat(record.confused().get(0).was()).isEqualTo(Family.OIL_ENTRY.words());
        assertThat(record.confused()).hasSize(2);
        // The first lesson about oil or rings that was not taken yet.
        assertThat(record.next()).isEqualTo("lesson-8");
        assertThat(record.why()).contains("took for something else");
        assertThat(record.named()).isEqualTo(1);
        assertThat(record.score()).isCloseTo((-.2 - 3 * 1.6) / 4, within(1e-9));
    }

    @Test
    void whoHasDoneThemAllTakesAHardOne() {
        List<Finished> all = Stream.concat(
                        IntStream.rangeClosed(1, 20).mapToObj(n -> done("lesson-" + n, Family.RINGS, Family.RINGS)),
                        Stream.of(done("easy-1", Family.RINGS, Family.VALVE_LEAK)))
                .toList();
        assertThat(History.of(all).next()).isEqualTo("hard-22");
    }
}
