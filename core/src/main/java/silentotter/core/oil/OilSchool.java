package silentotter.core.oil;

import java.util.Optional;
import silentotter.core.engine.MakerLimits;
import silentotter.core.engine.SourcedLimit;
import silentotter.core.wording.Labelled;

/**
 * The schools of "how much oil may it use". They count by different things: an engine that idles all day uses little a
 * distance and much an hour. Trade practice; a maker's own figure wins where it is known.
 */
public enum OilSchool implements Labelled {
    MAKER(OilMeasure.MAKERS, 0, 0),
    LITRES_0_5(OilMeasure.LITRES_PER_1000_KM, 0.5, 0.5),
    LITRES_0_6(OilMeasure.LITRES_PER_1000_KM, 0.6, 0.6),
    LITRES_1(OilMeasure.LITRES_PER_1000_KM, 1, 1),
    FUEL_SHARE(OilMeasure.PERCENT_OF_FUEL, 0.3, 1),
    GRAMS_PER_KWH(OilMeasure.GRAMS_PER_KWH, 0.5, 1);

    /** What a school counts by. */
    enum OilMeasure {
        MAKERS,
        LITRES_PER_1000_KM,
        PERCENT_OF_FUEL,
        GRAMS_PER_KWH
    }

    private final OilMeasure measure;
    private final double watch;
    private final double fault;

    OilSchool(OilMeasure measure, double watch, double fault) {
        this.measure = measure;
        this.watch = watch;
        this.fault = fault;
    }

    /** From how many litres per 1000 km it speaks of a fault; empty where it counts by something else. */
    public Optional<Double> faultLitresPer1000Km(MakerLimits limits) {
        return switch (measure) {
            case LITRES_PER_1000_KM -> Optional.of(fault);
            case MAKERS -> limits.oilLitresPer1000Km().map(SourcedLimit::value);
            case PERCENT_OF_FUEL, GRAMS_PER_KWH -> Optional.empty();
        };
    }

    OilMeasure measure() {
        return measure;
    }

    double watch() {
        return watch;
    }

    double fault() {
        return fault;
    }
}
