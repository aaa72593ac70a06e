package silentotter.core.calculation;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import silentotter.core.flow.AirFlow;
import silentotter.core.flow.TwoHoles;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;

/** Leak-down formulas without a job: plain numbers in, plain numbers out. */
public final class LeakdownCalculations {
    private static final double IDEAL = 1;
    private static final Temperature USUAL_AIR = Temperature.ofCelsius(20);

    private LeakdownCalculations() {}

    public record LeakAreaIn(
            Double supplyKPa,
            @Nullable Double leakPercent,
            @Nullable Double cylinderKPa,
            Double orificeMm,
            @Nullable Double dischargeCoefficient,
            @Nullable Double ambientKPa,
            @Nullable Double temperatureC) {}

    public record LeakAreaOut(double leakPercent, double leakAreaMm2, double equivalentHoleMm, double freeAirLPerMin) {}

    public record LeakReadingIn(
            Double leakAreaMm2,
            Double supplyKPa,
            Double orificeMm,
            @Nullable Double dischargeCoefficient,
            @Nullable Double ambientKPa) {}

    public record LeakReadingOut(double leakPercent, double cylinderKPa, double freeAirLPerMin) {}

    public record TesterOrificeIn(
            Double bleedHoleMm,
            @Nullable Double bleedDischargeCoefficient,
            Double supplyKPa,
            Double leakPercent,
            @Nullable Double ambientKPa) {}

    public record TesterOrificeOut(double orificeEffectiveAreaMm2, double orificeMm) {}

    public static LeakAreaOut leakArea(LeakAreaIn in) {
        Problems problems = new Problems();
        Temperature air = problems.optional(
                        "temperatureC", in.temperatureC(), AllowedRange.TEMPERATURE, Temperature::ofCelsius)
                .orElse(USUAL_AIR);
        if ((in.leakPercent() == null) == (in.cylinderKPa() == null)) {
            problems.add(FieldProblem.of(
                    "leakPercent",
                    "give either leakPercent or cylinderKPa",
                    AllowedRange.LEAK_PERCENT_OF_A_HOLE.inWords()));
        }
        Optional<Double> percent =
                problems.optional("leakPercent", in.leakPercent(), AllowedRange.LEAK_PERCENT_OF_A_HOLE, v -> v);
        Optional<Pressure> given =
                problems.optional("cylinderKPa", in.cylinderKPa(), AllowedRange.CYLINDER_PRESSURE, Pressure::ofKPa);
        TwoHoles tester = tester(problems, in.supplyKPa(), in.orificeMm(), in.dischargeCoefficient(), in.ambientKPa());
        Pressure cylinder = given.orElseGet(() -> tester.cylinderPressure(percent.orElseThrow()));
        Optional<LeakArea> leak = problems.attempt("cylinderKPa", () -> tester.leak(cylinder));
        problems.throwIfAny();
        return new LeakAreaOut(
                tester.percent(cylinder),
                leak.orElseThrow().squareMm(),
                leak.orElseThrow().equivalentHole().mm(),
                freeAir(tester, leak.orElseThrow(), cylinder, air));
    }

    public static LeakReadingOut leakReading(LeakReadingIn in) {
        Problems problems = new Problems();
        Optional<LeakArea> leak =
                problems.required("leakAreaMm2", in.leakAreaMm2(), AllowedRange.LEAK_AREA, LeakArea::ofSquareMm);
        TwoHoles tester = tester(problems, in.supplyKPa(), in.orificeMm(), in.dischargeCoefficient(), in.ambientKPa());
        Pressure cylinder = tester.settlesAt(leak.orElseThrow());
        return new LeakReadingOut(
                tester.percent(cylinder), cylinder.kPa(), freeAir(tester, leak.orElseThrow(), cylinder, USUAL_AIR));
    }

    public static TesterOrificeOut testerOrifice(TesterOrificeIn in) {
        Problems problems = new Problems();
        Optional<Length> hole =
                problems.required("bleedHoleMm", in.bleedHoleMm(), AllowedRange.BLEED_HOLE, Length::ofMm);
        double discharge = problems.optional(
                        "bleedDischargeCoefficient",
                        in.bleedDischargeCoefficient(),
                        AllowedRange.BLEED_DISCHARGE,
                        v -> v)
                .orElse(IDEAL);
        Optional<Double> percent =
                problems.required("leakPercent", in.leakPercent(), AllowedRange.LEAK_PERCENT_OF_A_HOLE, v -> v);
        percent.filter(p -> p == 0)
                .ifPresent(p -> problems.add(FieldProblem.of(
                        "leakPercent", "a bleed hole that reads 0 says nothing of the orifice", "above 0 %")));
        TwoHoles unknown = tester(problems, in.supplyKPa(), 1.0, IDEAL, in.ambientKPa());
        LeakArea orifice = unknown.orificeFor(
                LeakArea.ofHole(hole.orElseThrow(), discharge), unknown.cylinderPressure(percent.orElseThrow()));
        return new TesterOrificeOut(orifice.squareMm(), orifice.equivalentHole().mm());
    }

    /** @throws silentotter.core.input.InvalidInput with these problems and those found before */
    private static TwoHoles tester(
            Problems problems, Double supplyKPa, Double orificeMm, Double discharge, Double ambientKPa) {
        Optional<Pressure> supply = problems.required("supplyKPa", supplyKPa, AllowedRange.SUPPLY, Pressure::ofKPa);
        Optional<Length> orifice = problems.required("orificeMm", orificeMm, AllowedRange.ORIFICE, Length::ofMm);
        double cd = problems.optional("dischargeCoefficient", discharge, AllowedRange.DISCHARGE, v -> v)
                .orElse(IDEAL);
        Pressure ambient = problems.optional("ambientKPa", ambientKPa, AllowedRange.AMBIENT, Pressure::ofKPa)
                .orElse(Pressure.STANDARD_ATMOSPHERE);
        problems.throwIfAny();
        return new TwoHoles(LeakArea.ofHole(orifice.orElseThrow(), cd), supply.orElseThrow(), ambient);
    }

    private static double freeAir(TwoHoles tester, LeakArea leak, Pressure cylinder, Temperature air) {
        return AirFlow.freeAirLitresPerMinute(leak, cylinder.plus(tester.ambient()), tester.ambient(), air);
    }
}
