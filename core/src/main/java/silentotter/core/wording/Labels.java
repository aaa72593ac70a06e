package silentotter.core.wording;

import java.util.Locale;
import java.util.ResourceBundle;

/** The one table of the words of choices, {@code labels.properties}; another language is another such file beside it. */
public final class Labels {
    private static final ResourceBundle TABLE =
            ResourceBundle.getBundle("silentotter.core.wording.labels", Locale.ROOT);

    private Labels() {}

    /**
     * In lower case unless it begins a sentence; may carry {@link Say marks} for quantities.
     *
     * @throws java.util.MissingResourceException for a choice that is never shown and so has no words
     */
    public static String of(Enum<?> choice) {
        return TABLE.getString(choice.getDeclaringClass().getSimpleName() + "." + choice.name());
    }
}
