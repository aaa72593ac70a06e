package silentotter.core.diagnosis;

import java.util.Optional;
import silentotter.core.wording.Worded;

/**
 * The verdict in two lines and what to do next.
 *
 * @param certain what is known
 * @param meant what it means; empty where nothing can be said yet
 * @param next one action
 */
public record Headline(HeadlineLine certain, Optional<HeadlineLine> meant, String next) implements Worded {

    /** @param words how sure; not a figure where little was tested */
    public record HeadlineLine(String text, double probability, String words) implements Worded {}
}
