package silentotter.core.diagnosis;

import java.util.List;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.wording.Worded;

/**
 * One thing that was seen, measured or told, with what it is worth for each suspect.
 *
 * @param id stable within the job
 * @param station name of the station it comes from
 * @param seen what was seen, in a line
 * @param says what that says; empty where the figure says it
 * @param because what was seen, and why it says that
 * @param figure the measured value, where there is one, and what it is held against
 * @param reliability in words
 * @param stops whether the engine must not be run for it
 * @param evidence heaviest first
 */
public record WeighedFinding(
        String id,
        String station,
        List<CylinderNumber> cylinders,
        String seen,
        String says,
        String because,
        Optional<String> figure,
        Optional<String> against,
        String reliability,
        Optional<String> tellApart,
        boolean stops,
        List<Evidence> evidence)
        implements Worded {

    /**
     * What a finding is worth for a suspect.
     *
     * @param suspect index into the suspects of the answer
     * @param decibans ten times the decimal logarithm of the odds with it over the odds without it
     */
    public record Evidence(int suspect, double decibans, Kind kind, String reason) implements Worded {}

    /** Where a weight comes from. */
    public enum Kind {
        /** A likelihood ratio that somebody judged, with its reason. */
        JUDGED,
        /** From the model of what the test would read. */
        COMPUTED
    }

    WeighedFinding with(List<Evidence> weighed) {
        return new WeighedFinding(
                id, station, cylinders, seen, says, because, figure, against, reliability, tellApart, stops, weighed);
    }

    /** What it is worth for a suspect, 0 where nothing. @param suspect index into the suspects of the answer */
    public double decibansFor(int suspect) {
        return evidence.stream()
                .filter(e -> e.suspect() == suspect)
                .mapToDouble(Evidence::decibans)
                .findFirst()
                .orElse(0);
    }

    /** Whether it was seen where a suspect sits: what is seen at a sister only moves the level that one is held against. */
    public boolean isAbout(Suspect s) {
        return cylinders.isEmpty()
                || s.cylinders().isEmpty() && id.startsWith("rule:")
                || cylinders.stream().anyMatch(s.cylinders()::contains);
    }
}
