package silentotter.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import silentotter.core.finding.Shop;

/** The way that the planner would have gone, on every lesson. */
class RouteTest {
    /** Its first answer is to read again, which a route without hands cannot: see {@link PracticeTest}. */
    private static final int READ_AGAIN = 17;
    /** From here on it is named among a handful; what is cheap to mend the planner does not prove further. */
    private static final double LEADS = .25;

    @Test
    void thePlannerSolvesTheLessons() {
        List<String> unsolved = Lesson.ALL.parallelStream()
                .filter(l -> l.number() != READ_AGAIN)
                .map(RouteTest::end)
                .flatMap(Optional::stream)
                .toList();
        assertThat(unsolved).isEmpty();
    }

    /** What the planner leaves in doubt. */
    private static Optional<String> end(Lesson lesson) {
        PracticeCase of = PracticeCase.of("lesson-" + lesson.number()).orElseThrow();
        List<Debrief.RouteStep> route = Debriefing.route(of, Shop.USUAL);
        assertThat(route).as(lesson.title()).isNotEmpty();
        double given = route.get(route.size() - 1).given();
        return given < LEADS ? Optional.of(lesson.number() + " " + lesson.title() + " " + given) : Optional.empty();
    }
}
