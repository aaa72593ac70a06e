package silentotter.core.report;

import java.util.Objects;
import org.jspecify.annotations.Nullable;
import silentotter.core.input.Problems;

/**
 * How this shop signs its reports. Whatever is left out is left off them.
 *
 * @param shop its name, to 80 characters
 * @param line under it, to 160: what it does, where it is
 * @param money what stands behind amounts, to 8, such as a currency's letters
 * @param paper A4 where nothing was chosen
 */
public record Letterhead(
        @Nullable String shop,
        @Nullable String line,
        @Nullable String money,
        @Nullable Paper paper) {
    public static final Letterhead NONE = new Letterhead(null, null, null, null);

    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_LINE = 160;
    private static final int LONGEST_MONEY = 8;

    /**
     * The same without space around its words.
     *
     * @throws silentotter.core.input.InvalidInput with everything that is wrong, by field
     */
    public Letterhead checked() {
        Problems problems = new Problems();
        Letterhead stripped = new Letterhead(
                problems.text("shop", shop, LONGEST_NAME),
                problems.text("line", line, LONGEST_LINE),
                problems.text("money", money, LONGEST_MONEY),
                paper);
        problems.throwIfAny();
        return stripped;
    }

    public Paper onPaper() {
        return Objects.requireNonNullElse(paper, Paper.A4);
    }
}
