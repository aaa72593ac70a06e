package silentotter.core.compression;

import java.util.List;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.quantity.PressureUnit;
import silentotter.core.wording.Worded;

/**
 * Something typed that may be meant as something else. It is kept and asked about; nothing is taken for another thing in
 * silence.
 *
 * @param cylinders those affected; empty for the whole pass
 * @param text what makes one ask
 * @param readings as what else it may be meant, likeliest first; empty where only a person can say
 */
public record PassDoubt(Kind kind, List<CylinderNumber> cylinders, String text, List<Conversion> readings)
        implements Worded {
    /** What is asked. */
    public enum Kind {
        /** No engine reads like this in this unit. */
        UNIT,
        /** One value is a tenth of its sisters, or ten times as much. */
        DECIMAL,
        /** Values that do not build up: strokes of one cylinder, or one value each of several? */
        STROKES,
        /** More oil than most cylinders could take, and the size of this one is unknown. */
        DOSE
    }

    /** A change of all values from the unit they were taken in to the one that may have been meant. */
    public record Conversion(PressureUnit typedAs, PressureUnit meant) {
        public double times() {
            return meant.inKPa() / typedAs.inKPa();
        }
    }

    public PassDoubt {
        cylinders = List.copyOf(cylinders);
        readings = List.copyOf(readings);
    }
}
