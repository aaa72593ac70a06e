package silentotter.core.twin;

import silentotter.core.quantity.Length;
import silentotter.core.quantity.Volume;

/**
 * Slider-crank geometry of one cylinder. Angles are degrees after top dead centre.
 *
 * @param bore cylinder bore
 * @param stroke piston stroke
 * @param rod connecting rod, centre to centre; longer than half the stroke
 * @param compressionRatio swept plus clearance over clearance volume, above 1
 */
public record CylinderGeometry(Length bore, Length stroke, Length rod, double compressionRatio) {
    /** Rod length over stroke where the rod is unknown: the middle of common practice. */
    public static final double USUAL_ROD_RATIO = 1.67;

    public CylinderGeometry {
        if (rod.mm() * 2 <= stroke.mm()) {
            throw new IllegalArgumentException("rod must be longer than half the stroke, but was " + rod);
        }
        if (!(compressionRatio > 1)) {
            throw new IllegalArgumentException("compression ratio must be above 1, but was " + compressionRatio);
        }
    }

    public static CylinderGeometry of(Length bore, Length stroke, double compressionRatio) {
        return new CylinderGeometry(bore, stroke, stroke.times(USUAL_ROD_RATIO), compressionRatio);
    }

    public Volume swept() {
        return Volume.ofCubicMetres(crownArea() * stroke.metres());
    }

    public Volume clearance() {
        return swept().times(1 / (compressionRatio - 1));
    }

    /** The same cylinder with its clearance changed by oil or a hose; the ratio follows. */
    public CylinderGeometry withClearance(Volume clearance) {
        return new CylinderGeometry(bore, stroke, rod, 1 + swept().millilitres() / clearance.millilitres());
    }

    /** Piston crown area, m². */
    double crownArea() {
        return Math.PI / 4 * bore.metres() * bore.metres();
    }

    /** Piston travel below top dead centre, m. */
    double travel(double degrees) {
        double a = Math.toRadians(degrees);
        double r = stroke.metres() / 2;
        double l = rod.metres();
        double s = r * Math.sin(a);
        return r + l - r * Math.cos(a) - Math.sqrt(l * l - s * s);
    }

    /** Rate of piston travel, m per radian of crank. */
    double travelRate(double degrees) {
        double a = Math.toRadians(degrees);
        double r = stroke.metres() / 2;
        double l = rod.metres();
        double s = r * Math.sin(a);
        return s + s * r * Math.cos(a) / Math.sqrt(l * l - s * s);
    }
}
