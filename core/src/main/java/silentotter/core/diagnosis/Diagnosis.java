package silentotter.core.diagnosis;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.wording.Worded;

/**
 * All that is known of a job as one ranked, explained answer.
 *
 * @param suspects most likely first
 * @param reasons ids of at most three findings that carry the headline
 * @param contradictions first of all to be settled
 * @param open findings that the answer does not explain; they qualify it
 * @param stops why the engine must not be run
 * @param findings those that weigh most first
 * @param untested what was not done, and what the answer could not see for that
 * @param littleTested whether so little was tested that figures would say more than is known
 */
public record Diagnosis(
        Tone tone,
        Headline headline,
        List<Suspect> suspects,
        List<String> reasons,
        List<DoubtedReading> measuring,
        List<Contradiction> contradictions,
        List<String> open,
        List<String> stops,
        List<WeighedFinding> findings,
        List<String> untested,
        List<Assumption> assumed,
        List<NextStep> next,
        Map<CylinderNumber, CylinderVerdict> cylinders,
        List<EscapePath> paths,
        boolean littleTested,
        Optional<String> weakness)
        implements Worded {

    /** The same with what to do next as it was planned. @param line that as one line */
    public Diagnosis next(List<NextStep> planned, String line) {
        return new Diagnosis(
                tone,
                new Headline(headline.certain(), headline.meant(), line),
                suspects,
                reasons,
                measuring,
                contradictions,
                open,
                stops,
                findings,
                untested,
                assumed,
                planned,
                cylinders,
                paths,
                littleTested,
                weakness);
    }

    /** Whom the headline is about: the likeliest of those that anything was tested for; empty where nothing was. */
    public Optional<Suspect> leading() {
        return tone == Tone.EMPTY ? Optional.empty() : Suspect.leading(suspects);
    }

    /** One line that does not fit, above the reasons; empty where all fits. */
    public Optional<String> doesNotFit() {
        return contradictions.stream().findFirst().map(Contradiction::text);
    }

    /** What is certain and what it means, as one line for a list. */
    public String inOneLine() {
        return headline.meant().isEmpty() || !stops.isEmpty()
                ? headline.certain().text()
                : headline.certain().text()
                        + (headline.certain().text().contains(": ") ? ". " : ": ")
                        + headline.meant().get().text();
    }
}
