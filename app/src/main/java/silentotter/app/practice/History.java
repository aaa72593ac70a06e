package silentotter.app.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import silentotter.core.fault.Family;
import silentotter.core.practice.Lesson;

/** What one technician has finished, where it went wrong, and what to take next. */
final class History {
    private History() {}

    /**
     * Two that somebody takes for each other.
     *
     * @param was what it was, in words
     * @param said what was said instead
     */
    record Confused(String was, String said, int times) {}

    /**
     * @param score mean natural logarithm of what the truth was given; 0 is best
     * @param confused most often first
     * @param next key of the case to take now
     * @param why that one, in a sentence
     */
    record PracticeRecord(int finished, int named, double score, List<Confused> confused, String next, String why) {}

    /** @param finished of one technician, newest first */
    static PracticeRecord of(List<Finished> finished) {
        Map<List<Family>, Integer> pairs = new LinkedHashMap<>();
        finished.stream()
                .filter(f -> !f.named())
                .forEach(f -> pairs.merge(List.of(f.was(), f.said()), 1, Integer::sum));
        List<Confused> confused = pairs.entrySet().stream()
                .sorted(Map.Entry.<List<Family>, Integer>comparingByValue().reversed())
                .map(e -> new Confused(
                        e.getKey().get(0).words(), e.getKey().get(1).words(), e.getValue()))
                .toList();
        Set<String> taken = finished.stream().map(Finished::key).collect(Collectors.toSet());
        Optional<Lesson> weak = pairs.entrySet().stream()
                .sorted(Map.Entry.<List<Family>, Integer>comparingByValue().reversed())
                .flatMap(e -> lessonsAbout(e.getKey()).stream())
                .filter(l -> !taken.contains(key(l)))
                .findFirst();
        Optional<Lesson> fresh =
                Lesson.ALL.stream().filter(l -> !taken.contains(key(l))).findFirst();
        String next = weak.or(() -> fresh).map(History::key).orElse("hard-" + (1 + finished.size()));
        return new PracticeRecord(
                finished.size(),
                (int) finished.stream().filter(Finished::named).count(),
                finished.stream().mapToDouble(Finished::score).average().orElse(0),
                confused,
                next,
                weak.isPresent()
                        ? "It is about what you took for something else."
                        : fresh.isPresent()
                                ? "The next lesson in order."
                                : "All lessons are done; a hard one nobody made.");
    }

    private static String key(Lesson lesson) {
        return "lesson-" + lesson.number();
    }

    private static List<Lesson> lessonsAbout(List<Family> families) {
        List<Lesson> about = new ArrayList<>(Lesson.ALL.stream()
                .filter(l -> l.families().stream().anyMatch(families::contains))
                .toList());
        about.sort(Comparator.comparingInt(Lesson::number));
        return about;
    }

    /**
     * A finished case.
     *
     * @param was the family that was there, the first of several; nothing wrong of a sound engine
     */
    record Finished(String key, Family was, Family said, boolean named, double score) {}
}
