package silentotter.app.report;

import static silentotter.app.report.Drawing.LEAK;
import static silentotter.app.report.Drawing.NONE;
import static silentotter.app.report.Drawing.OIL;
import static silentotter.app.report.Drawing.at;
import static silentotter.app.report.Drawing.n;

import java.util.Optional;
import silentotter.app.report.Drawing.Pen;
import silentotter.core.diagnosis.EscapePath;
import silentotter.core.diagnosis.Sureness;
import silentotter.core.finding.PathKind;

/**
 * The ways that air and oil take past one cylinder. How thick a line is says how much, how it is broken says how sure; colour
 * only helps.
 */
final class EscapeDrawing {
    private final CylinderDrawing of;
    private final Drawing to;
    private final Optional<Double> oilMlPerHour;

    /** @param oilMlPerHour what the engine uses; which of it goes which way nobody knows */
    EscapeDrawing(CylinderDrawing of, Optional<Double> oilMlPerHour) {
        this.of = of;
        this.to = of.to;
        this.oilMlPerHour = oilMlPerHour;
    }

    static String dash(Sureness sureness) {
        return switch (sureness) {
            case NEAR_CERTAIN -> "";
            case LIKELY -> "9 3";
            case POSSIBLE -> "3 3";
            case OPEN -> "1 5";
        };
    }

    /** It doubles with each fourfold area. */
    private double weight(EscapePath path) {
        if (path.kind().isOil()) {
            double measured = oilMlPerHour
                    .map(ml -> Math.max(2, Math.min(8, 2 + 1.3 * Math.log(1 + ml / 5) / Math.log(2))))
                    .orElse(3.5);
            return path.sureness() == Sureness.OPEN ? 2 : measured;
        }
        if (path.sureness() == Sureness.OPEN) {
            return 2.4;
        }
        double area = path.area().map(a -> a.best().squareMm()).orElse(1.0);
        return Math.max(2, Math.min(9, 3 * Math.sqrt(area)));
    }

    /** @param towardsRight whether the neighbour that it leaks to stands on the right */
    void draw(EscapePath path, boolean towardsRight) {
        double w = weight(path);
        boolean open = path.sureness() == Sureness.OPEN;
        Pen pen = new Pen(path.kind().isOil() ? OIL : LEAK, w, dash(path.sureness()));
        double k = of.k;
        switch (path.kind()) {
            case RINGS -> {
                for (double x : new double[] {of.left + 1, of.right - 1}) {
                    to.line(x, of.crown - 8 * k, x, of.bottom - 6 * k, pen);
                    arrow(x, of.bottom + 2, 90, pen, open);
                }
            }
            case INTAKE_VALVE, EXHAUST_VALVE -> {
                int side = path.kind() == PathKind.INTAKE_VALVE ? -1 : 1;
                double seat = side < 0 ? of.left + of.port * .85 : of.right - of.port * .85;
                double out = seat + side * of.port * .72;
                to.path(
                        at("M", seat, of.face + 14 * k)
                                + at("C", seat, of.face - 16 * k)
                                + at(" ", out, of.head + 16 * k)
                                + at(" ", out, of.head - 2 * k),
                        pen,
                        NONE);
                arrow(out, of.head - 8 * k, -90, pen, open);
            }
            case GASKET_NEIGHBOUR -> {
                double from = towardsRight ? of.right - 6 : of.left + 6;
                double until = towardsRight ? of.right + 14 : of.left - 14;
                to.line(from, of.gasket, until, of.gasket, pen);
                arrow(until, of.gasket, towardsRight ? 0 : 180, pen, false);
            }
            case GASKET_COOLANT -> {
                double jacket = of.right + (of.right - of.left) * .3;
                to.path(
                        at("M", of.right - 8, of.gasket + 5)
                                + at("Q", jacket, of.gasket)
                                + at(" ", jacket, of.gasket + 22 * k),
                        pen,
                        NONE);
                arrow(jacket, of.gasket + 24 * k, 90, pen, open);
            }
            case OIL_PAST_RINGS -> {
                double x = of.left + (of.right - of.left) * .2;
                to.line(x, of.bottom + 2, x, of.crown - 4, pen);
                arrow(x, of.crown - 6, -90, pen, open);
            }
            case OIL_PAST_STEM -> {
                double stem = of.left + of.port * .85 + 3;
                to.line(stem, of.plug + 2, stem, of.face + 6, pen);
                arrow(stem, of.face + 8, 90, pen, open);
            }
            case OUTSIDE -> {
                // Out of the sheet, as an arrow is drawn that comes straight at one.
                double x = of.left - 7;
                to.line(of.left + 5, of.gasket, of.left - 3, of.gasket, pen);
                to.circle(x, of.gasket, 3 + w * .6, pen.wide(Math.min(w, 2.5)), Drawing.WHITE);
                to.circle(x, of.gasket, Math.min(w, 2.4), pen.wide(.1), LEAK);
            }
        }
    }

    private void arrow(double x, double y, int degrees, Pen pen, boolean open) {
        if (open) {
            return;
        }
        double s = 3.5 + pen.width() * .8;
        to.begin("translate(" + n(x) + " " + n(y) + ") rotate(" + degrees + ")");
        to.area(at("M", 0, -s / 1.5) + at("L", s, 0) + at("L", 0, s / 1.5) + "Z", pen.colour());
        to.end();
    }
}
