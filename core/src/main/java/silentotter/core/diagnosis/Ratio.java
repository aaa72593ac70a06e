package silentotter.core.diagnosis;

import java.util.Locale;

/** A likelihood ratio with two digits, as a table has it. */
final class Ratio {
    private Ratio() {}

    static String words(double ratio) {
        return ratio >= 10 ? String.format(Locale.ROOT, "%.0f", ratio) : String.format(Locale.ROOT, "%.2g", ratio);
    }
}
