package silentotter.core.oil;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import silentotter.core.engine.MakerLimits;
import silentotter.core.engine.SourcedLimit;
import silentotter.core.finding.Judged;
import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Say;

/** Asks every school of its own figure. */
final class OilSchools {
    private OilSchools() {}

    static OilOpinion opinion(
            OilSchool school,
            MakerLimits limits,
            List<AxisResult> axes,
            Optional<Estimate<Double>> fuel,
            Optional<Estimate<Double>> perKwh) {
        return switch (school.measure()) {
            case MAKERS -> maker(limits, axes);
            case LITRES_PER_1000_KM ->
                of(
                        school,
                        axes.stream().flatMap(a -> a.litresPer1000Km().stream()).findFirst(),
                        "Needs dips with distance, and a litre known on this stick.");
            case PERCENT_OF_FUEL -> of(school, fuel, "Needs the fuel that was burnt, written down with the dips.");
            case GRAMS_PER_KWH ->
                of(
                        school,
                        perKwh,
                        "Needs the fuel that was burnt; the power follows from it, within some fifteen per cent.");
        };
    }

    private static OilOpinion maker(MakerLimits limits, List<AxisResult> axes) {
        Optional<Estimate<Double>> km =
                axes.stream().flatMap(a -> a.litresPer1000Km().stream()).findFirst();
        Optional<Estimate<Double>> hours =
                axes.stream().flatMap(a -> a.mlPerHour().stream()).findFirst();
        if (limits.oilLitresPer1000Km().isPresent() && km.isPresent()) {
            return judged(OilSchool.MAKER, km.get(), limits.oilLitresPer1000Km().get());
        }
        if (limits.oilMlPerHour().isPresent() && hours.isPresent()) {
            return judged(OilSchool.MAKER, hours.get(), limits.oilMlPerHour().get());
        }
        return new OilOpinion(
                OilSchool.MAKER,
                Optional.empty(),
                Optional.empty(),
                false,
                "Enter the maker's figure at Intake, a distance or an hour as the log counts.");
    }

    private static OilOpinion judged(OilSchool school, Estimate<Double> rate, SourcedLimit<Double> limit) {
        return judged(school, rate, limit.value(), limit.value(), limit.verified() ? "verified" : "unverified");
    }

    private static OilOpinion of(OilSchool school, Optional<Estimate<Double>> rate, String missing) {
        return rate.map(r -> judged(school, r, school.watch(), school.fault(), ""))
                .orElseGet(() -> new OilOpinion(school, Optional.empty(), Optional.empty(), false, missing));
    }

    private static OilOpinion judged(
            OilSchool school, Estimate<Double> rate, double watch, double fault, String source) {
        Judged judged = Judged.of(rate.best(), watch, fault);
        boolean proved = Judged.isSure(rate, watch, fault);
        String figure = school.measure() == OilSchool.OilMeasure.LITRES_PER_1000_KM
                ? Say.litresPer1000Km(rate.low()) + " to " + Say.litresPer1000Km(rate.high())
                : String.format(Locale.ROOT, "%.2f to %.2f", rate.low(), rate.high())
                        .replace("-", "−");
        return new OilOpinion(
                school,
                Optional.of(rate),
                Optional.of(judged),
                proved,
                figure + (source.isEmpty() ? "" : ", figure " + source) + (proved ? "" : ", not proved yet"));
    }
}
