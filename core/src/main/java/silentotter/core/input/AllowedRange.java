package silentotter.core.input;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * The range in which each number of the job can be true at all. Wide on purpose: it stops slips of the finger and
 * wrong units, it does not judge an engine. Each says at which place of the
 * API and the case file it holds; {@code *} stands for a cylinder or one of several alike.
 */
public enum AllowedRange {
    CYLINDERS("cylinders", "", 1, 16, "the sheet draws one column a cylinder"),
    BORE("boreMm", "mm", 20, 1000, "model engines to large marine diesels"),
    STROKE("strokeMm", "mm", 15, 3500, "model engines to large marine diesels"),
    ROD("rodMm", "mm", 25, 4500, "longer than half the stroke"),
    COMPRESSION_RATIO("compressionRatio", ":1", 4, 26, "old side-valve engines to cold-start diesels"),
    INTAKE_CLOSING(
            "intakeClosingDeg", "° after bottom centre", 0, 120, "late Miller timing; exhaust port on a two-stroke"),
    LEAN("leanDeg", "° from upright", 0, 90, "90 is lying flat"),
    VEE("veeDeg", "°", 10, 180, "angle between the banks"),
    INTERVAL("intervalsDeg", "°", 0, 720, "0 where two cylinders fire together"),
    VALVE_CLEARANCE("valveClearanceMm", "mm", 0, 3, "0 with hydraulic lifters"),
    OIL_LITRES("oilLitres", "L", 0.05, 2000, "mower to ship"),
    DIPSTICK_SPAN_MM("dipstickSpanMm", "mm", 1, 500, ""),
    DIPSTICK_SPAN_LITRES("dipstickSpanLitres", "L", 0.01, 200, ""),
    PLUG_GAP("plugGapMm", "mm", 0.2, 3, ""),
    POWER("ratedPowerKw", "kW", 0.1, 20000, ""),
    RATED_SPEED("ratedRpm", "rpm", 50, 20000, ""),
    LIMIT_PRESSURE("limitKPa", "kPa", 100, 6000, "a maker's compression figure"),
    LIMIT_SPREAD("limitSpreadKPa", "kPa", 5, 2000, "a maker's allowed difference"),
    LIMIT_BLOWBY("blowbyLimitPa", "Pa", 10, 5000, "before the maker's own orifice"),
    LIMIT_BLOWBY_ORIFICE("blowbyLimitOrificeMm", "mm", 2, 80, "mowers to locomotives"),
    LIMIT_OIL_DISTANCE("oilLimitLitresPer1000Km", "L/1000 km", 0.01, 20, "a maker's oil use"),
    LIMIT_OIL_HOURS("oilLimitMlPerHour", "mL/h", 0.1, 20_000, "a maker's oil use"),
    DIPSTICK_PARTS("dipstickParts", "", 1, 20, "marks on the stick"),
    READING("strokesKPa", "kPa", 0, 7000, "no cranking gauge goes higher"),
    CRANKING_SPEED("crankingRpm", "rpm", 20, 1500, "hand crank to kick start"),
    BATTERY("batteryVolts", "V", 4, 60, "6 to 48 V systems while cranking"),
    CRANKING_LENGTH("lengthAmount", "", 1, 200, "strokes, turns, seconds or pulls"),
    GAUGE_FULL_SCALE("gaugeFullScaleKPa", "kPa", 300, 10000, ""),
    GAUGE_DIVISION("gaugeDivisionKPa", "kPa", 0.1, 500, ""),
    GAUGE_VOLUME("gaugeVolumeMl", "mL", 0.5, 200, "Bourdon tube, body and the hose beyond the check valve"),
    HOSE_VOLUME("hoseVolumeMl", "mL", 0, 100, "dead volume between cylinder and check valve"),
    OIL_DOSE("oilMl", "mL", 0, 100, "also at most a quarter of the clearance volume"),
    AMBIENT("ambientKPa", "kPa", 40, 115, "high pass to deep valley in high pressure"),
    ALTITUDE("altitudeM", "m", -450, 7000, "the Dead Sea to the highest drivable passes"),
    TEMPERATURE("temperatureC", "°C", -40, 60, "outdoor air"),
    WALL_TEMPERATURE("wallTemperatureC", "°C", -40, 250, ""),
    LEAK_AREA("leakAreaMm2", "mm²", 0, 200, ""),
    STROKES("strokes", "", 1, 60, ""),
    ENGINE_VALUE("round.engineValue", "", 0, 100_000_000, "the shop's money"),
    OIL_DIP("oilLog.mmFromFull", "mm from the full mark", -500, 300, "negative stands below it"),
    OIL_REPEATS("oilLog.repeatsMm", "mm from the full mark", -500, 300, "negative stands below it"),
    OIL_SPANS("oilLog.spansFromFull", "spans from the full mark", -5, 3, "negative stands below it"),
    OIL_POURED("oilLog.litres", "L", 0, 2000, "mower to ship"),
    OIL_WEIGHED("oilLog.kg", "kg", 0, 2000, "mower to ship"),
    OIL_TEMPERATURE("oilLog.temperatureC", "°C", -40, 200, "of the oil as it was weighed"),
    OIL_WAIT("oilLog.waitMinutes", "min", 0, 100_000, "since the engine stopped"),
    FUEL_LITRES("oilLog.fuelLitres", "L", 0, 1_000_000, "since the line before"),
    TRIAL_LOAD("oilTrials.loadKw", "kW", 0.1, 20_000, "mean load of the trial"),
    TRIAL_ABORT("oilTrials.abortMm", "mm from the full mark", -500, 0, "where the trial ends"),
    TRIAL_KM("oilTrials.everyKm", "km", 1, 100_000, "between checkpoints"),
    TRIAL_HOURS("oilTrials.everyHours", "h", 0.5, 10_000, "between checkpoints"),
    DIP("entries.dipMmFromMax", "mm from the full mark", -500, 300, "negative stands below it"),
    ADDED("entries.addedL", "L", 0, 2000, "mower to ship"),
    REMOVED("entries.removedL", "L", 0, 2000, "mower to ship"),
    DIP_SIGMA("dipSigmaMm", "mm", 0.1, 50, "one standard deviation of a dip"),
    BREATHER_ORIFICE("blowby.orificeMm", "mm", 2, 80, "mowers to locomotives"),
    BLOWBY_PRESSURE("blowby.pressurePa", "Pa", -10_000, 10_000, "a shut crankcase blows its seals out from 2500"),
    LEG("blowby.legsMm", "mm", -600, 600, "from the index; negative under suction"),
    ONE_LEG("blowby.oneLegMm", "mm", -600, 600, "from where both stood level"),
    TUBE_HEIGHT("blowby.heightMm", "mm", -1200, 1200, "between the levels, or along the slope"),
    INCLINE("blowby.inclineDeg", "° from level", 1, 90, ""),
    GAUGE_RESOLUTION("blowby.resolutionPa", "Pa", 0.01, 1000, "the last digit"),
    CRANKCASE_PRESSURE("pressurePa", "Pa", 0, 2500, "more blows the seals out of a shut crankcase"),
    LEG_RISE("legRiseMm", "mm", 0, 300, "2500 Pa are 255 mm of water"),
    FLUID_DENSITY("fluidDensity", "kg/m³", 600, 14_000, "petrol to mercury"),
    DISPLACEMENT("displacementL", "L", 0.02, 20_000, "model engines to ships"),
    FILLING("filling", "", 0.1, 4, "shut throttle to high boost"),
    INTAKE_FACTOR("intakeFactor", "", 0.2, 1, "1 is throttle wide open"),
    DISTANCE("distanceKm", "km", 0, 5_000_000, ""),
    HOURS("hours", "h", 0, 300_000, ""),
    SECONDS_TO_FIRE("intake.secondsToFire", "s", 0, 120, "longer, and the starter burns"),
    COLD_START("intake.coldStartC", "°C", -40, 60, "outdoor air"),
    STOOD_DAYS("intake.stoodDays", "days", 0, 36_500, ""),
    HOURS_SINCE_BUILT("intake.hoursSinceBuilt", "h", 0, 300_000, ""),
    WEAKNESS_TIMES("intake.weakness.times", "times", 1, 10, "a prior, not a proof"),
    BELOW_FULL("signs.oil.belowFullMm", "mm below the full mark", -50, 300, "negative stands above it"),
    DRAIN_BACK("signs.oil.drainBackMinutes", "min", 0, 10_080, "a week is as good as for ever"),
    OIL_PRESSURE_COLD("signs.oilPressure.coldKPa", "kPa", 0, 1500, ""),
    OIL_PRESSURE_COLD_SPEED("signs.oilPressure.coldRpm", "rpm", 200, 8000, "idle to full speed"),
    OIL_PRESSURE_HOT("signs.oilPressure.hotKPa", "kPa", 0, 1500, ""),
    OIL_PRESSURE_HOT_SPEED("signs.oilPressure.hotRpm", "rpm", 200, 8000, "idle to full speed"),
    STANDING("signs.smoke.*.standingHours", "h", 0, 10_000, ""),
    SOAK("signs.soak.minutes", "min", 1, 2880, "two days"),
    GAP("plugs.plugs.*.gapMm", "mm", 0, 3, "0 is bridged"),
    NEW_GAP("plugs.set.newGapMm", "mm", 0.2, 3, ""),
    SUPPLY("supplyKPa", "kPa", 20, 1500, "above any shop's air"),
    CYLINDER_PRESSURE("cylinderKPa", "kPa", 0, 1500, "at most the supply"),
    LEAK_PERCENT("leakPercent", "%", 0, 100, "100 is a wrong stroke, a holed piston or an open hose"),
    LEAK_PERCENT_OF_A_HOLE("holes.leakPercent", "%", 0, 99.5, "at 100 any hole fits"),
    ORIFICE("orificeMm", "mm", 0.2, 10, "metering orifice of a tester"),
    BLEED_HOLE("bleedHoleMm", "mm", 0.2, 10, "drilled hole to calibrate with"),
    DISCHARGE("dischargeCoefficient", "", 0.3, 1, "sharp edge 0.6, rounded 1"),
    BLEED_DISCHARGE("bleedDischargeCoefficient", "", 0.3, 1, "sharp edge 0.6, rounded 1"),
    RESOLUTION("resolutionPercent", "points", 0.1, 20, "smallest step that can be read"),
    INTAKE_CLEARANCE("valves.cylinders.*.intakeMm", "mm", 0, 3, ""),
    EXHAUST_CLEARANCE("valves.cylinders.*.exhaustMm", "mm", 0, 3, ""),
    HOLD_START("crankcase.*.startKPa", "kPa", 5, 100, "more pushes the seals out"),
    HOLD_END("crankcase.*.endKPa", "kPa", 0, 100, ""),
    HOLD_SECONDS("crankcase.*.seconds", "s", 5, 3600, ""),
    CHAMBER_START("crankcase.chambers.*.*.startKPa", "kPa", 5, 100, "more pushes the seals out"),
    CHAMBER_END("crankcase.chambers.*.*.endKPa", "kPa", 0, 100, ""),
    CHAMBER_SECONDS("crankcase.chambers.*.*.seconds", "s", 5, 3600, ""),
    BORE_WEAR("found.cylinders.*.wearMm", "mm", 0, 10, "beyond the size when new"),
    BORE_TAPER("found.cylinders.*.taperMm", "mm", 0, 5, ""),
    BORE_OVALITY("found.cylinders.*.ovalityMm", "mm", 0, 5, ""),
    RING_GAP("found.cylinders.*.gapsMm", "mm", 0, 20, "model engines to large marine diesels"),
    DECK_FLATNESS("found.engine.deckMm", "mm", 0, 5, ""),
    HEAD_FLATNESS("found.engine.headMm", "mm", 0, 5, ""),
    RUN_OUT("found.engine.runOutMm", "mm", 0, 5, ""),
    WEAR_LIMIT("found.limits.wearMm", "mm", 0.001, 10, "a maker's figure"),
    TAPER_LIMIT("found.limits.taperMm", "mm", 0.001, 5, "a maker's figure"),
    OVALITY_LIMIT("found.limits.ovalityMm", "mm", 0.001, 5, "a maker's figure"),
    RING_GAP_LIMIT("found.limits.gapMm", "mm", 0.01, 20, "a maker's figure"),
    FLATNESS_LIMIT("found.limits.flatnessMm", "mm", 0.001, 5, "a maker's figure"),
    RUN_OUT_LIMIT("found.limits.runOutMm", "mm", 0.001, 5, "a maker's figure"),
    WORK_COST("found.work.cost", "", 0, 100_000_000, "the shop's money"),
    WORK_HOURS("found.work.hours", "h", 0, 10_000, ""),
    TRIAL_CYLINDER("closing.trial.cylinder", "", 1, 16, ""),
    TRIAL_BETTER("closing.trial.better", "", 1, 90, "per cent of what it is now; leak-down in points"),
    TRIAL_UNTIL("closing.trial.untilHours", "h", 0, 300_000, ""),
    OWN_CYLINDER("closing.own.cylinder", "", 1, 16, ""),
    OWN_CERTAINTY("closing.own.certaintyPercent", "%", 1, 99, "nobody is wholly sure of a shut engine"),
    SERVICE_LITRES("service.litres", "L", 0, 2000, "");

    private final Pattern pattern;
    private final String unit;
    private final double min;
    private final double max;
    private final String reason;

    AllowedRange(String place, String unit, double min, double max, String reason) {
        this.pattern = Pattern.compile(".*\\." + place.replace(".", "\\.").replace("*", "[^.]+"));
        this.unit = unit;
        this.min = min;
        this.max = max;
        this.reason = reason;
    }

    public String unit() {
        return unit;
    }

    public double min() {
        return min;
    }

    public double max() {
        return max;
    }

    /** Why the range is what it is; may be empty where it is plain. */
    public String reason() {
        return reason;
    }

    /** The range in words, such as {@code 20 to 1000 mm}. */
    public String inWords() {
        return plain(min) + " to " + plain(max) + (unit.isEmpty() || unit.startsWith(":") ? "" : " " + unit);
    }

    /** What is wrong with a value in this range, if anything is. */
    public Optional<FieldProblem> problemWith(String path, double value) {
        if (Double.isFinite(value) && value >= min && value <= max) {
            return Optional.empty();
        }
        return Optional.of(FieldProblem.of(path, plain(value) + " is outside " + inWords(), inWords()));
    }

    /**
     * The range of a field by its path on the API or in a case file: {@code examination.plugs.plugs.3.gapMm}. Places say as
     * much of a path as is needed to mean one thing; where several fit, the one that says most counts.
     */
    public static Optional<AllowedRange> at(String path) {
        String plain = "." + path.replaceAll("\\[\\d+]", "");
        return Arrays.stream(values())
                .filter(r -> r.pattern.matcher(plain).matches())
                .max(Comparator.comparingInt(r -> r.pattern.pattern().length()));
    }

    private static String plain(double value) {
        return Double.isFinite(value)
                ? BigDecimal.valueOf(value).stripTrailingZeros().toPlainString()
                : Double.toString(value);
    }
}
