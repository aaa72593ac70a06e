package silentotter.core.blowby;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One reading of crankcase pressure as the API, the database and the case file write it: plain numbers, units in the names.
 * It holds what was read and the instruments as they were, so that a change in the shop changes no earlier reading.
 *
 * @param legsMm what each leg of a U-tube stands from the index, rising and falling; their sum is the height
 * @param oneLegMm what one leg moved from where both stood level; the height is twice that
 * @param heightMm between the levels, along the scale of a well or inclined tube; negative under suction, like the others
 * @param inclineDeg of an inclined tube, from level
 * @param pressurePa of a digital gauge; negative under suction
 * @param resolutionPa its last digit
 * @param orificeFromMm the smallest bore that the adapter is meant for, to the largest in orificeToMm
 * @param pulsing whether the level danced, so that a mean was read
 * @param checked what was checked of the set-up
 */
public record BlowbyDocument(
        BlowbyPoint point,
        CrankcaseVent ventilation,
        @Nullable Double rpm,
        @Nullable String adapter,
        @Nullable Double orificeMm,
        @Nullable Double dischargeCoefficient,
        @Nullable Double orificeFromMm,
        @Nullable Double orificeToMm,
        CrankcaseGauge instrument,
        @Nullable String gauge,
        @Nullable TubeKind tube,
        @Nullable Double inclineDeg,
        @Nullable List<Double> legsMm,
        @Nullable Double oneLegMm,
        @Nullable Double heightMm,
        @Nullable Double fluidDensity,
        @Nullable Double pressurePa,
        @Nullable Double resolutionPa,
        @Nullable Double gasTemperatureC,
        @Nullable Boolean pulsing,
        @Nullable Set<SetUpCheck> checked) {

    Set<SetUpCheck> checks() {
        return Objects.requireNonNullElse(checked, Set.of());
    }

    /** The same reading, had it been taken at another point. */
    public BlowbyDocument at(BlowbyPoint other, CrankcaseVent vent) {
        return with(other, vent, legsMm, oneLegMm, heightMm, pressurePa);
    }

    /** The same reading, had its number been told as a slip says. Only what belongs to the slip's instrument changes. */
    public BlowbyDocument mended(GaugeSlip slip) {
        return switch (slip) {
            case ONE_LEG -> with(point, ventilation, null, soleHeight(), null, pressurePa);
            case BOTH_LEGS -> with(point, ventilation, null, null, oneLegMm, pressurePa);
            default ->
                with(
                        point,
                        ventilation,
                        legsMm,
                        oneLegMm,
                        heightMm,
                        pressurePa == null ? null : pressurePa * slip.factor());
        };
    }

    /** The height that was written down, taken for what it was: one leg. */
    private @Nullable Double soleHeight() {
        return legsMm != null ? Double.valueOf(legsMm.get(0) + legsMm.get(1)) : heightMm;
    }

    private BlowbyDocument with(
            BlowbyPoint otherPoint,
            CrankcaseVent vent,
            @Nullable List<Double> legs,
            @Nullable Double oneLeg,
            @Nullable Double height,
            @Nullable Double pa) {
        return new BlowbyDocument(
                otherPoint,
                vent,
                rpm,
                adapter,
                orificeMm,
                dischargeCoefficient,
                orificeFromMm,
                orificeToMm,
                instrument,
                gauge,
                tube,
                inclineDeg,
                legs,
                oneLeg,
                height,
                fluidDensity,
                pa,
                resolutionPa,
                gasTemperatureC,
                pulsing,
                checked);
    }
}
