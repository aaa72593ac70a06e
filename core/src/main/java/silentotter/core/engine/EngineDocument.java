package silentotter.core.engine;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import silentotter.core.engine.Bank.BankSide;
import silentotter.core.engine.Rotation.Turning;
import silentotter.core.engine.Traits.Cooling;
import silentotter.core.engine.Traits.Exhaust;
import silentotter.core.engine.Traits.Fuel;
import silentotter.core.engine.Traits.FuelSystem;
import silentotter.core.engine.Traits.Ignition;
import silentotter.core.engine.Traits.Induction;

/** An engine as the API, the database and the case file write it: plain numbers, units in the names. */
public record EngineDocument(
        String name,
        Layout layout,
        List<BankDocument> banks,
        @Nullable Double veeDeg,
        @Nullable Double leanDeg,
        @Nullable Map<String, String> labels,
        @Nullable List<Integer> firingOrder,
        @Nullable List<Double> intervalsDeg,
        @Nullable RotationDocument rotation,
        @Nullable Cycle cycle,
        @Nullable Ignition ignition,
        @Nullable Fuel fuel,
        @Nullable FuelSystem fuelSystem,
        @Nullable Induction induction,
        @Nullable Cooling cooling,
        @Nullable Exhaust exhaust,
        @Nullable Boolean compressionRelease,
        @Nullable Double ratedPowerKw,
        @Nullable Double ratedRpm,
        @Nullable Double boreMm,
        @Nullable Double strokeMm,
        @Nullable Double rodMm,
        @Nullable Double compressionRatio,
        @Nullable Double intakeClosingDeg,
        @Nullable LimitDocument compressionNominalKPa,
        @Nullable LimitDocument compressionMinimumKPa,
        @Nullable LimitDocument compressionSpreadKPa,
        @Nullable LimitDocument intakeClearanceMm,
        @Nullable LimitDocument exhaustClearanceMm,
        @Nullable LimitDocument plugGapMm,
        @Nullable LimitDocument blowbyLimitPa,
        @Nullable Double blowbyLimitOrificeMm,
        @Nullable LimitDocument oilLimitLitresPer1000Km,
        @Nullable LimitDocument oilLimitMlPerHour,
        @Nullable Double oilWithFilterLitres,
        @Nullable Double oilWithoutFilterLitres,
        @Nullable Double dipstickSpanMm,
        @Nullable Double dipstickSpanLitres,
        @Nullable Integer dipstickParts,
        @Nullable String family) {

    /** A row of cylinders from the free end to the flywheel end. */
    public record BankDocument(BankSide side, List<Integer> cylinders) {}

    /** Direction of rotation for somebody who looks at the given end. */
    public record RotationDocument(Turning turning, EngineEnd seenFrom) {}

    /** A maker's figure with its source. */
    public record LimitDocument(Double value, @Nullable String source, boolean verified) {}
}
