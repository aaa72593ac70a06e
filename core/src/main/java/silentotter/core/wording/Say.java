package silentotter.core.wording;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;
import silentotter.core.quantity.Volume;

/**
 * Puts quantities into sentences as marks such as <code>{kPa:905.2}</code>, <code>{mm2:1.85}</code>,
 * <code>{mL:5}</code>, <code>{C:20}</code>, and cylinders as <code>{cyl:3}</code>. {@link Wording} replaces each
 * mark by the value in the reader's unit; the sentence itself never changes with units or labels.
 */
public final class Say {
    /** Beyond this share of a figure its range makes it a rough one. */
    private static final double ROUGH = 0.2;

    private Say() {}

    /** What a person typed, so that it never stands in a sentence as a mark. */
    public static String typed(String words) {
        return words.replace("{", "(").replace("}", ")");
    }

    public static String pressure(Pressure pressure) {
        return mark("kPa", pressure.kPa(), 1);
    }

    /** Of a crankcase, in pascals: <code>{Pa:333}</code>. */
    public static String crankcase(Pressure pressure) {
        return mark("Pa", pressure.pa(), 2);
    }

    /** How fast oil goes: <code>{Lp1000km:0.42}</code>. */
    public static String litresPer1000Km(double rate) {
        return mark("Lp1000km", rate, 3);
    }

    public static String area(LeakArea area) {
        return mark("mm2", area.squareMm(), 3);
    }

    /** Of a bore or so, to the millimetre. */
    public static String length(Length length) {
        return mark("mm", length.mm(), 1);
    }

    public static String volume(Volume volume) {
        return mark("mL", volume.millilitres(), 2);
    }

    public static String temperature(Temperature temperature) {
        return mark("C", temperature.celsius(), 1);
    }

    public static String pressures(Estimate<Pressure> range) {
        return pressure(range.low()) + " to " + pressure(range.high());
    }

    /**
     * A leak with no more digits than its range allows: the last one stands where the range is a unit wide or more, so that
     * 2.80 (1.32 to 5.08) is "about 3", with the range behind it.
     */
    public static String about(Estimate<LeakArea> leak) {
        return roughly(leak) + " (" + area(leak.low()) + " to " + area(leak.high()) + ")";
    }

    /** The same without its range. */
    public static String roughly(Estimate<LeakArea> leak) {
        double low = leak.low().squareMm();
        double best = leak.best().squareMm();
        double high = leak.high().squareMm();
        double width = high - low;
        double unit = width > 0 ? Math.pow(10, Math.floor(Math.log10(width) + 1e-9)) : 0;
        double rounded = unit > 0 ? Math.round(best / unit) * unit : best;
        String figure = area(LeakArea.ofSquareMm(rounded > 0 ? rounded : best));
        boolean rough = width / 2 > ROUGH * best;
        return (rough ? "about " : "") + figure;
    }

    /** Litres, for quantities that are filled in rather than dosed: <code>{L:4.2}</code>. */
    public static String litres(double litres) {
        return mark("L", litres, 2);
    }

    /** A distance on the meter: <code>{km:1250}</code>. */
    public static String kilometres(double km) {
        return mark("km", km, 0);
    }

    /** Words as a sentence begins. @param words not empty */
    public static String sentence(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** A sentence as it goes on inside another. @param sentence not empty */
    public static String inside(String sentence) {
        return Character.toLowerCase(sentence.charAt(0)) + sentence.substring(1);
    }

    /** A share of one as whole per cent, such as {@code 73 %}. */
    public static String percent(double share) {
        return String.format(Locale.ROOT, "%.0f %%", share * 100);
    }

    /** A probability as whole per cent; one that is not quite certain is not said to be. @param probability 0 to 1 */
    public static String chance(double probability) {
        return probability > 0 && probability < .005
                ? "less than 1 %"
                : probability < 1 && probability > .995 ? "more than 99 %" : percent(probability);
    }

    /** Per cent with its sign, such as {@code −3.4 %}; from ten on without a decimal, which no gauge is good for. */
    public static String signedPercent(double share) {
        String text =
                String.format(Locale.ROOT, Math.abs(share) < 0.0995 ? "%.1f %%" : "%.0f %%", Math.abs(share) * 100);
        return (share < 0 ? "−" : "+") + text;
    }

    public static String number(double value) {
        return value == Math.rint(value)
                ? String.format(Locale.ROOT, "%.0f", value)
                : String.format(Locale.ROOT, "%.1f", value);
    }

    /** A cylinder, to be shown by the label that the shop uses: <code>{cyl:3}</code>. */
    public static String cylinder(CylinderNumber cylinder) {
        return "{cyl:" + cylinder + "}";
    }

    /** {@code 3}, {@code 3 and 4}, {@code 1, 3 and 4}, each as a mark. */
    public static String cylinders(Collection<CylinderNumber> cylinders) {
        List<String> texts = cylinders.stream().map(Say::cylinder).toList();
        if (texts.size() < 2) {
            return String.join("", texts);
        }
        String head = String.join(", ", texts.subList(0, texts.size() - 1));
        return head + " and " + texts.get(texts.size() - 1);
    }

    private static String mark(String unit, double value, int decimals) {
        return "{" + unit + ":" + String.format(Locale.ROOT, "%." + decimals + "f", value) + "}";
    }
}
