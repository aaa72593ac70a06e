package silentotter.app.report;

import java.util.Locale;

/** Lines and areas of a drawing, written as SVG in the order in which they lie over each other. No words stand in it. */
final class Drawing {
    static final String INK = "#141d26";
    static final String METAL = "#7d898d";
    static final String LEAK = "#b92a17";
    static final String OIL = "#7a5200";
    static final String WATER = "#54718a";
    static final String WHITE = "#ffffff";
    static final String NONE = "none";

    private static final double HATCH_STEP = 7;

    private final StringBuilder svg = new StringBuilder();

    /** A pen. @param dash empty for a solid line */
    record Pen(String colour, double width, String dash) {
        static Pen ink(double width) {
            return new Pen(INK, width, "");
        }

        Pen wide(double other) {
            return new Pen(colour, other, dash);
        }
    }

    /** Opens a part that is turned or moved; {@link #end} closes it. @param transform empty for none */
    void begin(String transform) {
        svg.append(transform.isEmpty() ? "<g>" : "<g transform=\"" + transform + "\">");
    }

    void end() {
        svg.append("</g>");
    }

    /** @param path as SVG writes it, such as {@code M0 0H5} */
    void path(String path, Pen pen, String fill) {
        svg.append("<path d=\"")
                .append(path)
                .append('"')
                .append(fill(fill))
                .append(stroke(pen))
                .append("/>");
    }

    void line(double x1, double y1, double x2, double y2, Pen pen) {
        path(at("M", x1, y1) + at("L", x2, y2), pen, NONE);
    }

    void area(String path, String fill) {
        svg.append("<path d=\"").append(path).append('"').append(fill(fill)).append(" stroke=\"none\"/>");
    }

    void rectangle(double x, double y, double width, double height, Pen pen, String fill) {
        path(at("M", x, y) + "H" + n(x + width) + "V" + n(y + height) + "H" + n(x) + "Z", pen, fill);
    }

    void circle(double x, double y, double radius, Pen pen, String fill) {
        svg.append(String.format(Locale.ROOT, "<circle cx=\"%.2f\" cy=\"%.2f\" r=\"%.2f\"", x, y, radius))
                .append(fill(fill))
                .append(stroke(pen))
                .append("/>");
    }

    /**
     * Metal in section: lines at 45 degrees, each as long as the area is wide there. Lines and no pattern, which a PDF would
     * hold as a picture.
     */
    void hatched(double x, double y, double width, double height) {
        StringBuilder lines = new StringBuilder();
        double first = Math.ceil((x + y) / HATCH_STEP) * HATCH_STEP;
        for (double sum = first; sum < x + width + y + height; sum += HATCH_STEP) {
            double from = Math.max(x, sum - y - height);
            double to = Math.min(x + width, sum - y);
            if (to > from) {
                lines.append(at("M", from, sum - from)).append(at("L", to, sum - to));
            }
        }
        if (lines.length() > 0) {
            path(lines.toString(), new Pen(METAL, .7, ""), NONE);
        }
    }

    String svg(double width, double height, String title) {
        return String.format(
                        Locale.ROOT,
                        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.2fpx\" height=\"%.2fpx\" viewBox=\"0 0 %.2f %.2f\""
                                + " role=\"img\" aria-label=\"%s\" alt=\"%s\" data-section=\"\">",
                        width,
                        height,
                        width,
                        height,
                        title,
                        title)
                + svg
                + "</svg>";
    }

    /** A command of a path with its place. */
    static String at(String command, double x, double y) {
        return command + n(x) + " " + n(y);
    }

    static String n(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }

    private static String fill(String fill) {
        return " fill=\"" + fill + "\"";
    }

    private static String stroke(Pen pen) {
        return " stroke=\"" + pen.colour() + "\" stroke-width=\"" + n(pen.width()) + "\""
                + (pen.dash().isEmpty() ? "" : " stroke-dasharray=\"" + pen.dash() + "\"");
    }
}
