package silentotter.core.wording;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;

/** Fills sentences: the one place where a mark becomes words, in the units and with the labels of whoever reads. */
public record Wording(Engine engine, Units units) {
    private static final Pattern MARK = Pattern.compile("\\{(\\w+):(-?[\\d.]+)}");

    /** @return the sentence; a mark that is none stays as it is */
    public String fill(String sentence) {
        return sentence.indexOf('{') < 0
                ? sentence
                : MARK.matcher(sentence)
                        .replaceAll(m -> Matcher.quoteReplacement(inWords(m.group(1), m.group(2), m.group())));
    }

    private String inWords(String mark, String value, String whole) {
        return mark.equals("cyl")
                ? engine.label(CylinderNumber.of(Integer.parseInt(value)))
                : units.inWords(mark, Double.parseDouble(value)).orElse(whole);
    }
}
