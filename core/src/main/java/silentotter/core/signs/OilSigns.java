package silentotter.core.signs;

import java.util.Optional;
import silentotter.core.finding.Contamination;

/**
 * The oil as found.
 *
 * @param shortColdRuns whether it only made short runs in the cold lately: condensation is then the likelier cause of milk
 * @param waterDrained whether water came first when a little was drained
 * @param magnet what a magnet picks up
 * @param pleats what stands in the pleats of the opened filter
 * @param belowFullMm how far below the full mark the oil stands, −50 to 300 mm; negative above it
 * @param drainBackMinutes how long the engine had stood before the stick was read, 0 to 10080 min
 * @param water which water it is where water was found in oil or cylinder
 */
public record OilSigns(
        Optional<OilLevel> level,
        Optional<OilColour> colour,
        Optional<Milky> milky,
        Optional<Boolean> shortColdRuns,
        Optional<Boolean> waterDrained,
        Optional<Boolean> fuelSmell,
        Optional<Boolean> foam,
        Optional<Metal> glitter,
        Optional<Metal> magnet,
        Optional<Metal> pleats,
        Optional<Contamination> contaminatedBy,
        Optional<Double> belowFullMm,
        Optional<Double> drainBackMinutes,
        Optional<WaterKind> water) {
    /** Less than this and much of the oil is still above. */
    private static final double DRAIN_BACK_MINUTES = 5;

    static final OilSigns EMPTY = new OilSigns(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    /** A strip for salt or the colour of the coolant tells where water comes from. */
    public enum WaterKind {
        RAW,
        COOLANT
    }

    boolean isWater(WaterKind kind) {
        return water.filter(w -> w == kind).isPresent();
    }

    /** Oil still runs back: the stick reads low. */
    boolean readTooSoon() {
        return drainBackMinutes.filter(m -> m < DRAIN_BACK_MINUTES).isPresent()
                && (level.isPresent() || belowFullMm.isPresent());
    }

    boolean is(Milky where) {
        return milky.filter(m -> m == where).isPresent();
    }

    boolean milkyInside() {
        return is(Milky.ON_STICK) || is(Milky.THROUGHOUT);
    }

    boolean metal(Metal kind) {
        return glitter.filter(g -> g == kind).isPresent()
                || magnet.filter(m -> m == kind).isPresent()
                || pleats.filter(p -> p == kind).isPresent();
    }

    boolean has(OilLevel which) {
        return level.filter(l -> l == which).isPresent();
    }

    /** Oil level on the stick, level ground, after the wait. */
    public enum OilLevel {
        NOT_ON_STICK,
        BELOW_LOW_MARK,
        LOWER_HALF,
        UPPER_HALF,
        ABOVE_FULL_MARK
    }

    /** Colour of the oil on the stick. */
    public enum OilColour {
        HONEY,
        BROWN,
        BLACK,
        GREY
    }

    /** Where milky oil was seen. */
    public enum Milky {
        NONE,
        CAP_ONLY,
        ON_STICK,
        THROUGHOUT
    }

    /** Metal seen in oil, on a magnet or in the pleats of a filter. */
    public enum Metal {
        NONE,
        FINE,
        FLAKES
    }
}
