package silentotter.core.calculation;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import silentotter.core.flow.BreatherOrifice;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.instruments.SlackTube;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;

/** Crankcase blow-by without a job: pressure before an orifice to flow, and its share of the air breathed. */
public final class BlowByCalculations {
    private static final Temperature USUAL_GAS = Temperature.ofCelsius(20);

    private BlowByCalculations() {}

    /**
     * @param pressurePa before the orifice; or the slack tube in legRiseMm
     * @param legRiseMm in millimetres of fluid
     * @param legs {@code one} where legRiseMm is what one leg moved, {@code both} where it is the height between the levels
     * @param fluidDensity kg/m³, water where it is left out
     * @param gasTemperatureC of the crankcase gas; 20 °C where it is left out
     * @param displacementL of the engine, with rpm: then the share of the air breathed (four-stroke) is told
     * @param filling air breathed over displacement, about 0.8 without boost; 1 where it is left out
     */
    public record BlowByIn(
            Double orificeMm,
            @Nullable Double dischargeCoefficient,
            @Nullable Double pressurePa,
            @Nullable Double legRiseMm,
            @Nullable String legs,
            @Nullable Double fluidDensity,
            @Nullable Double gasTemperatureC,
            @Nullable Double displacementL,
            @Nullable Double rpm,
            @Nullable Double filling) {}

    public record BlowByOut(
            double pressurePa, double inchesWater, double flowLPerMin, Optional<Double> shareOfIntakePercent) {}

    /** @throws silentotter.core.input.InvalidInput with everything that is wrong, by field */
    public static BlowByOut blowBy(BlowByIn in) {
        Problems problems = new Problems();
        Optional<Length> hole =
                problems.required("orificeMm", in.orificeMm(), AllowedRange.BREATHER_ORIFICE, Length::ofMm);
        double discharge = problems.optional(
                        "dischargeCoefficient", in.dischargeCoefficient(), AllowedRange.DISCHARGE, v -> v)
                .orElse(BreatherOrifice.SHARP_EDGE);
        Temperature gas = problems.optional(
                        "gasTemperatureC", in.gasTemperatureC(), AllowedRange.WALL_TEMPERATURE, Temperature::ofCelsius)
                .orElse(USUAL_GAS);
        Optional<Pressure> pressure = pressure(in, problems);
        Optional<Double> breathed = breathed(in, problems);
        problems.throwIfAny();
        double flow = new BreatherOrifice(hole.orElseThrow(), discharge).litresPerMinute(pressure.orElseThrow(), gas);
        double pa = pressure.orElseThrow().pa();
        return new BlowByOut(pa, pa / SlackTube.INCH_OF_WATER_PA, flow, breathed.map(air -> 100 * flow / air));
    }

    private static Optional<Pressure> pressure(BlowByIn in, Problems problems) {
        if ((in.pressurePa() == null) == (in.legRiseMm() == null)) {
            problems.add(FieldProblem.of(
                    "pressurePa", "give either pressurePa or legRiseMm", AllowedRange.CRANKCASE_PRESSURE.inWords()));
            return Optional.empty();
        }
        SlackTube tube =
                new SlackTube(problems.optional("fluidDensity", in.fluidDensity(), AllowedRange.FLUID_DENSITY, v -> v)
                        .orElse(SlackTube.WATER.fluidDensity()));
        Optional<Length> rise = problems.optional("legRiseMm", in.legRiseMm(), AllowedRange.LEG_RISE, Length::ofMm);
        if (in.legRiseMm() != null && !"one".equals(in.legs()) && !"both".equals(in.legs())) {
            problems.add(FieldProblem.of("legs", "says whether one leg was read or both", "one, both"));
        }
        return in.legRiseMm() == null
                ? problems.optional("pressurePa", in.pressurePa(), AllowedRange.CRANKCASE_PRESSURE, Pressure::ofPa)
                : rise.map("one".equals(in.legs()) ? tube::ofOneLeg : tube::between)
                        .filter(p -> within(p, problems));
    }

    private static boolean within(Pressure pressure, Problems problems) {
        Optional<FieldProblem> problem = AllowedRange.CRANKCASE_PRESSURE.problemWith("legRiseMm", pressure.pa());
        problem.ifPresent(problems::add);
        return problem.isEmpty();
    }

    /** Litres of air a minute that a four-stroke breathes; empty where size or speed is left out. */
    private static Optional<Double> breathed(BlowByIn in, Problems problems) {
        Optional<Double> litres =
                problems.optional("displacementL", in.displacementL(), AllowedRange.DISPLACEMENT, v -> v);
        Optional<Double> rpm = problems.optional("rpm", in.rpm(), AllowedRange.RATED_SPEED, v -> v);
        double filling = problems.optional("filling", in.filling(), AllowedRange.FILLING, v -> v)
                .orElse(1.0);
        return litres.flatMap(l -> rpm.map(n -> l * n / 2 * filling));
    }
}
