package silentotter.app.report;

import com.samskivert.mustache.Escapers;
import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import silentotter.core.report.Paper;

/** What all pages have in common: their paper, their style, and what XHTML can hold. */
final class PageTemplate {
    static final double SIDE_MM = 16;
    private static final double TOP_MM = 13;
    private static final double BOTTOM_MM = 17;

    private static final Template PAPER = template("paper.css");
    private static final Template STYLE = template("pages.css");

    private final Template pages;

    PageTemplate(String name) {
        pages = template(name);
    }

    record Sheet(double widthMm, double heightMm, double sideMm, double topMm, double bottomMm, double bodyMm) {}

    static Sheet sheet(Paper paper) {
        return new Sheet(
                paper.widthMm(),
                paper.heightMm(),
                SIDE_MM,
                TOP_MM,
                BOTTOM_MM,
                // A little less than there is: roundings must not make a page more.
                paper.heightMm() - TOP_MM - BOTTOM_MM - 6);
    }

    private static Template template(String name) {
        try (Reader text = new InputStreamReader(
                PageTemplate.class.getResourceAsStream("/report/" + name + ".mustache"), StandardCharsets.UTF_8)) {
            return Mustache.compiler().emptyStringIsFalse(true).compile(text);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** As a browser takes it. @param view what the templates name */
    ReportPage.Pages pages(Object view) {
        return new ReportPage.Pages(PAPER.execute(view), STYLE.execute(view), legal(pages.execute(view)));
    }

    /** The same as one document. */
    String document(Object view, String title, String subject) {
        ReportPage.Pages set = pages(view);
        String about = legal(Escapers.HTML.escape(subject));
        return "<!DOCTYPE html><html xmlns=\"http://www.w3.org/1999/xhtml\" lang=\"en\"><head><title>"
                + legal(Escapers.HTML.escape(title)) + "</title><meta name=\"description\" content=\"" + about
                + "\"/><meta name=\"subject\" content=\"" + about + "\"/><style>" + set.paper() + set.style()
                + "</style></head><body>" + set.pages() + "</body></html>";
    }

    /** What XML 1.0 cannot hold is left out; somebody may have pasted it. */
    private static String legal(String xml) {
        return xml.codePoints()
                .filter(c -> c == '\t'
                        || c == '\n'
                        || c == '\r'
                        || c >= 0x20 && c <= 0xD7FF
                        || c >= 0xE000 && c <= 0xFFFD
                        || c >= 0x10000)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    /** Words inside quotes of a style sheet, which is read by the rules of two languages: everything unusual by its number. */
    static String inCss(String text) {
        StringBuilder css = new StringBuilder();
        text.codePoints().forEach(c -> {
            if (Character.isLetterOrDigit(c) && c < 0x80 || c == ' ' || c == ',' || c == '.') {
                css.appendCodePoint(c);
            } else {
                css.append(String.format("\\%06x ", c));
            }
        });
        return css.toString();
    }
}
