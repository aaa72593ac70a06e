package silentotter.app.report;

import static silentotter.app.report.Drawing.n;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.diagnosis.EscapePath;
import silentotter.core.engine.Bank.BankSide;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.engine.FiringOrder;
import silentotter.core.engine.Layout;
import silentotter.core.engine.Traits;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.oil.OilAnalysis;
import silentotter.core.report.Report.Band;
import silentotter.core.report.Report.Column;

/** The section of an engine for paper: one band of its cylinders, each in the column in which its readings stand. */
final class SectionDrawing {
    private static final double LYING_BORE = 90;

    private final Engine engine;
    private final List<EscapePath> paths;
    private final Optional<Double> oilMlPerHour;
    private final Map<CylinderNumber, Double> depths;

    SectionDrawing(Interpretation said) {
        engine = said.engine();
        paths = said.diagnosis().paths();
        oilMlPerHour =
                said.said().of(OilAnalysis.class, OilAnalysis.NONE).mlPerHour().map(e -> e.best());
        depths = depths();
    }

    /**
     * Crowns, 0 at top and 1 at bottom, with the first of the firing order on compression at the top. Without a firing order
     * every second piston is down, as a draughtsman would draw it.
     */
    private Map<CylinderNumber, Double> depths() {
        List<CylinderNumber> order =
                engine.firingOrder().map(FiringOrder::cylinders).orElse(List.of());
        double cycle = engine.cycle() == Cycle.TWO_STROKE ? 360 : 720;
        List<CylinderNumber> standing = engine.arrangement().banks().stream()
                .flatMap(b -> b.cylinders().stream())
                .toList();
        Map<CylinderNumber, Double> all = new HashMap<>();
        for (int i = 0; i < standing.size(); i++) {
            int at = order.indexOf(standing.get(i));
            double degrees = at < 0
                    ? i % 2 * 180
                    : engine.firingOrder()
                            .map(FiringOrder::intervalsDeg)
                            .filter(each -> each.size() == order.size())
                            .map(each -> each.subList(0, at).stream()
                                    .mapToDouble(d -> d)
                                    .sum())
                            .orElse(cycle / order.size() * at);
            all.put(standing.get(i), (1 - Math.cos(Math.toRadians(degrees))) / 2);
        }
        return all;
    }

    boolean isLying() {
        return engine.arrangement().layout() == Layout.FLAT;
    }

    /**
     * @param column width of a column, like all lengths here in pixels of 1/96 inch
     * @param gap before another bank
     */
    String svg(Band band, double column, double gap, double height, String title) {
        Drawing drawing = new Drawing();
        List<Column> columns = band.columns();
        List<EscapeDrawing> ways = new ArrayList<>();
        double x = 0;
        for (int i = 0; i < columns.size(); i++) {
            x += columns.get(i).gap() && i > 0 ? gap : 0;
            if (isLying()) {
                lying(drawing, columns.get(i), x, column, height);
            } else {
                CylinderDrawing one = new CylinderDrawing(
                        drawing, x, column, height - 8, look(columns.get(i), isFirst(columns, i), isLast(columns, i)));
                one.draw();
                ways.add(new EscapeDrawing(one, oilMlPerHour));
            }
            x += column;
        }
        // After all cylinders, so that no wall lies over an arrow that comes from next door.
        for (int i = 0; i < ways.size(); i++) {
            ways(columns, i, ways.get(i));
        }
        return drawing.svg(x, height, title);
    }

    private void ways(List<Column> columns, int i, EscapeDrawing to) {
        for (EscapePath p : paths) {
            if (p.cylinder().equals(columns.get(i).cylinder())) {
                to.draw(
                        p,
                        p.towards()
                                .filter(t -> i + 1 < columns.size()
                                        && columns.get(i + 1).cylinder().equals(t))
                                .isPresent());
            }
        }
    }

    /** A cylinder of a flat engine lies on its side, its head outwards. */
    private void lying(Drawing drawing, Column column, double x, double width, double height) {
        double across = Math.min(height - 8, LYING_BORE);
        double above = (height - across) / 2;
        boolean right = engine.arrangement().bankOf(column.cylinder()).side() == BankSide.RIGHT;
        drawing.begin(
                right
                        ? "matrix(0 1 -1 0 " + n(x + width - 2) + " " + n(above) + ")"
                        : "matrix(0 -1 1 0 " + n(x + 2) + " " + n(above + across) + ")");
        CylinderDrawing one = new CylinderDrawing(drawing, 0, across, width - 8, look(column, true, true));
        one.draw();
        EscapeDrawing to = new EscapeDrawing(one, oilMlPerHour);
        paths.stream().filter(p -> p.cylinder().equals(column.cylinder())).forEach(p -> to.draw(p, true));
        drawing.end();
    }

    private CylinderDrawing.Look look(Column column, boolean first, boolean last) {
        return new CylinderDrawing.Look(
                depths.getOrDefault(column.cylinder(), 0.0),
                first,
                last,
                engine.cycle() != Cycle.TWO_STROKE,
                engine.traits().cooling().filter(c -> c == Traits.Cooling.AIR).isEmpty());
    }

    private static boolean isFirst(List<Column> columns, int i) {
        return i == 0 || columns.get(i).gap();
    }

    private static boolean isLast(List<Column> columns, int i) {
        return i == columns.size() - 1 || columns.get(i + 1).gap();
    }
}
