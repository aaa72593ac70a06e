package silentotter.app.report;

import static silentotter.app.report.Drawing.WATER;
import static silentotter.app.report.Drawing.WHITE;
import static silentotter.app.report.Drawing.at;
import static silentotter.app.report.Drawing.n;

import silentotter.app.report.Drawing.Pen;

/**
 * One cylinder in section: head, ports, valves, gasket, bore, piston with its rings, water jacket or fins; and the ways past
 * it. The paper's twin of the drawing on the screen.
 */
final class CylinderDrawing {
    /** Share of the column that the bore takes. */
    private static final double BORE = .6;
    /** The height that all others here are drawn for. */
    private static final double DRAWN = 202;

    /**
     * What a cylinder looks like.
     *
     * @param depth of the crown, 0 at top and 1 at bottom
     * @param first and last whether a bank begins or ends here, so that its outer wall is drawn
     */
    record Look(double depth, boolean first, boolean last, boolean valves, boolean water) {}

    final Drawing to;
    final double left;
    final double right;
    final double middle;
    final double k;
    final double plug;
    final double head;
    final double face;
    final double gasket;
    final double bottom;
    final double crown;
    final double port;
    private final Look look;
    private final double from;
    private final double until;

    CylinderDrawing(Drawing to, double x, double width, double height, Look look) {
        this.to = to;
        this.look = look;
        k = height / DRAWN;
        middle = x + width / 2;
        left = middle - width * BORE / 2;
        right = middle + width * BORE / 2;
        from = look.first() ? left - width * .16 : x;
        until = look.last() ? right + width * .16 : x + width;
        plug = 4 * k;
        head = 24 * k;
        face = 64 * k;
        gasket = 68 * k;
        bottom = 186 * k;
        crown = (90 + 50 * look.depth()) * k;
        port = (right - left) * .26;
    }

    void draw() {
        head();
        block();
        piston();
        to.line(from, gasket, left, gasket, Pen.ink(3));
        to.line(right, gasket, until, gasket, Pen.ink(3));
    }

    private void head() {
        to.rectangle(from, head, until - from, face - head, Pen.ink(1), WHITE);
        to.hatched(from, head, until - from, face - head);
        if (!look.water()) {
            for (int i = 0; i <= 7; i++) {
                double x = from + i * (until - from) / 7;
                to.line(x, head - 9 * k, x, head, Pen.ink(1.4));
            }
        }
        double wide = Math.min(7, port * .5) + 2;
        to.rectangle(middle - wide / 2, plug, wide, face - plug, Pen.ink(1), WHITE);
        to.line(middle, face, middle, face + 5, Pen.ink(1.6));
        if (look.valves()) {
            valve(left + port * .85, -1);
            valve(right - port * .85, 1);
        }
    }

    /** A port that sweeps from the valve seat up to the side of the head, and its valve. */
    private void valve(double x, int side) {
        double w = port * .42;
        double out = x + side * port * .95;
        to.path(
                at("M", x - w, face)
                        + curve(x - w, face - 20 * k, out - side * w * 1.4, head + 12 * k, out - side * w * 1.4, head)
                        + "L" + n(out + side * w * .6) + " " + n(head)
                        + curve(out + side * w * .6, head + 14 * k, x + w, face - 16 * k, x + w, face)
                        + "Z",
                Pen.ink(1),
                WHITE);
        to.line(x, plug + 4 * k, x, face, Pen.ink(1.5));
        to.line(x - port * .5, face + 1, x + port * .5, face + 1, Pen.ink(2.6));
    }

    private static String curve(double x1, double y1, double x2, double y2, double x, double y) {
        return at("C", x1, y1) + at(" ", x2, y2) + at(" ", x, y);
    }

    private void block() {
        if (look.water()) {
            jacket(from, left);
            jacket(right, until);
        } else {
            fins(left, from);
            fins(right, until);
        }
        to.line(left, gasket, left, bottom, Pen.ink(1.5));
        to.line(right, gasket, right, bottom, Pen.ink(1.5));
        to.line(from, bottom, left, bottom, Pen.ink(1));
        to.line(right, bottom, until, bottom, Pen.ink(1));
        if (!look.valves()) {
            windows();
        }
    }

    private void jacket(double x0, double x1) {
        to.hatched(x0, gasket, x1 - x0, bottom - gasket);
        double inset = Math.max(2.5, (x1 - x0) * .2);
        double wide = x1 - x0 - 2 * inset;
        if (wide < 3) {
            return;
        }
        double y = gasket + 14 * k;
        double high = 74 * k;
        to.rectangle(x0 + inset, y, wide, high, Pen.ink(.8), WHITE);
        for (double share : new double[] {.2, .4, .6, .8}) {
            to.line(
                    x0 + inset + 1.5,
                    y + high * share,
                    x0 + inset + wide - 1.5,
                    y + high * share,
                    new Pen(WATER, .8, "4 2"));
        }
    }

    /** A thin barrel that carries fins instead of a jacket. */
    private void fins(double bore, double edge) {
        double barrel = bore + Math.signum(edge - bore) * Math.min(6, Math.abs(edge - bore) * .35);
        to.hatched(Math.min(bore, barrel), gasket, Math.abs(barrel - bore), bottom - gasket);
        double step = (bottom - gasket - 12 * k) / 9;
        for (int i = 0; i < 9; i++) {
            double y = gasket + 8 * k + i * step;
            to.line(barrel, y, edge, y, Pen.ink(Math.max(1.2, 2.4 * k)));
        }
    }

    /** A two-stroke breathes through windows in its bore: exhaust on the right, transfer on the left, intake under the piston. */
    private void windows() {
        double top = (90 + 50 * .62) * k;
        double low = 140 * k;
        double under = low + 22 * k;
        double outLeft = Math.max(from, left - (right - left) * .34);
        double outRight = Math.min(until, right + (right - left) * .34);
        to.path(
                at("M", right, top)
                        + at("L", outRight, top - 12 * k)
                        + "V" + n(low - 12 * k)
                        + at("L", right, low)
                        + "Z",
                Pen.ink(1),
                WHITE);
        to.path(
                at("M", left, top + 7 * k) + "H" + n(outLeft + 4) + "V" + n(bottom) + "H" + n(outLeft + 10) + "V"
                        + n(low) + "H" + n(left) + "Z",
                Pen.ink(1),
                WHITE);
        to.rectangle(right, under, outRight - right, 13 * k, Pen.ink(1), WHITE);
    }

    private void piston() {
        double l = left + 2;
        double r = right - 2;
        double skirt = crown + 44 * k;
        double land = Math.min(8, (r - l) * .16);
        to.path(
                at("M", l, skirt) + "V" + n(crown) + "H" + n(r) + "V" + n(skirt) + "H" + n(r - land)
                        + curve(r - land, crown + 20 * k, l + land, crown + 20 * k, l + land, skirt)
                        + "Z",
                Pen.ink(1.3),
                WHITE);
        for (double down : new double[] {6, 12, 18}) {
            double y = crown + down * k;
            to.line(left, y, left + land, y, Pen.ink(Math.max(1, 2.2 * k)));
            to.line(right - land, y, right, y, Pen.ink(Math.max(1, 2.2 * k)));
        }
        double pin = crown + 27 * k;
        to.line(middle, pin, middle, bottom + 6 * k, Pen.ink(Math.max(1.6, 3.4 * k)));
        to.circle(middle, pin, Math.max(1.6, 4 * k), Pen.ink(1.3), WHITE);
    }
}
