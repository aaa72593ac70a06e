package silentotter.core.plugs;

import java.util.Optional;

/**
 * What all plugs of the engine have in common.
 *
 * @param distanceKm run on these plugs, 0 to 500 000 km
 * @param hours run on these plugs, 0 to 20 000 h
 * @param ageUnknown whether nobody knows how long they have been in
 * @param wastedSpark whether two cylinders share a coil and every second plug fires backwards
 * @param newGapMm gap when they were new, 0.2 to 3 mm; the maker's figure where empty
 */
public record PlugSet(
        Optional<PlugMake> make,
        Optional<HeatRange> heatRange,
        Optional<Double> distanceKm,
        Optional<Double> hours,
        Optional<Boolean> ageUnknown,
        Optional<Boolean> wastedSpark,
        Optional<Double> newGapMm) {
    static final PlugSet EMPTY = new PlugSet(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    private static final double NEW_KM = 500;
    private static final double NEW_HOURS = 10;
    /** Distance that wears a plug as much as an hour does, km; for engines that count hours. Trade practice. */
    private static final double KM_PER_HOUR = 50;

    /** Whether they have run too little to say much. */
    public boolean isNew() {
        return known().isPresent()
                && (distanceKm.filter(d -> d < NEW_KM).isPresent()
                        || hours.filter(h -> h < NEW_HOURS).isPresent());
    }

    /** Distance run, or what the hours amount to; empty where the age is unknown. */
    Optional<Double> known() {
        return ageUnknown.orElse(false) ? Optional.empty() : distanceKm.or(() -> hours.map(h -> h * KM_PER_HOUR));
    }

    /** How the electrodes are made. */
    public enum PlugMake {
        PLAIN,
        FINE_WIRE
    }

    /** The heat range fitted, against the one specified. */
    public enum HeatRange {
        AS_SPECIFIED,
        HOTTER,
        COLDER
    }
}
