package silentotter.core.inference;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** Held against the answers of the model that was tried out first: a check of the build, not of the truth. */
class ReferenceTest {
    private static Map<String, Double> answer(ReferenceCases.Reference r) {
        Probabilities p = SealModel.of(r.seal()).probabilities();
        Map<String, Double> own = new TreeMap<>();
        p.members().forEach((m, value) -> own.put(ReferenceCases.name(m), value));
        own.put("none", p.nothingWrong());
        return own;
    }

    @Test
    void theAnswersAreThoseOfTheReferenceWithinAFewHundredths() {
        double sum = 0;
        int count = 0;
        for (ReferenceCases.Reference r : ReferenceCases.all()) {
            Map<String, Double> own = answer(r);
            TreeSet<String> names = new TreeSet<>(r.members().keySet());
            own.forEach((name, p) -> {
                // The reference leaves out what only the measuring does.
                if (p > .02 && !name.equals("all_alike")) {
                    names.add(name);
                }
            });
            for (String name : names) {
                sum += Math.abs(r.members().getOrDefault(name, 0.0) - own.getOrDefault(name, 0.0));
                count++;
            }
        }
        assertThat(sum / count).isLessThan(.032);
    }

    @Test
    void theSameCauseLeadsInNearlyAllOfThem() {
        long same = ReferenceCases.all().stream()
                .filter(r -> leader(r.members()).equals(leader(answer(r))))
                .count();
        assertThat(same).isGreaterThanOrEqualTo(22);
    }

    private static String leader(Map<String, Double> of) {
        return of.entrySet().stream()
                .filter(e -> !e.getKey().equals("all_alike"))
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
    }
}
