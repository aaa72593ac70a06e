package silentotter.core.oil;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import silentotter.core.engine.MakerLimits;
import silentotter.core.quantity.Estimate;

/** Whether oil use, and more of it than the leading school allows, is proved, and which dip would prove it. */
record OilProofs(Stick stick, MakerLimits limits) {
    List<OilProof> of(OilLog log, LevelFit fit, List<OilOpinion> opinions) {
        List<OilProof> proofs = new ArrayList<>();
        OilRate rate = OilRate.of(fit);
        boolean uses = rate.perUnit().low() > 0;
        proofs.add(proof(
                log,
                fit,
                "Uses oil at all",
                uses ? Optional.of(true) : Optional.empty(),
                Math.max(rate.perUnit().best(), 0)));
        opinions.stream().filter(o -> o.judged().isPresent()).findFirst().ifPresent(o -> {
            double limit = o.school().measure() == OilSchool.OilMeasure.MAKERS
                    ? makersLimit(log.meter())
                    : o.school().fault();
            double perLimit = o.rate().map(Estimate::best).orElse(0.0);
            // The limit in units of this axis: rate and limit stand in one proportion.
            double away = perLimit == 0 ? 0 : Math.abs(rate.perUnit().best() * (limit / perLimit - 1));
            Optional<Boolean> above = o.rate().get().low() > limit
                    ? Optional.of(true)
                    : o.rate().get().high() < limit ? Optional.of(false) : Optional.empty();
            proofs.add(proof(log, fit, "Above " + o.school().words(), above, away));
        });
        return proofs;
    }

    private double makersLimit(Meter meter) {
        return meter == Meter.HOURS
                ? limits.oilMlPerHour().map(l -> l.value()).orElse(0.0)
                : limits.oilLitresPer1000Km().map(l -> l.value()).orElse(0.0);
    }

    private OilProof proof(OilLog log, LevelFit fit, String asked, Optional<Boolean> proved, double away) {
        if (proved.isPresent()) {
            return new OilProof(asked, proved, Optional.empty(), proved.get() ? "proved" : "proved that it does not");
        }
        double sigma = stick.unit() == StickUnit.MILLIMETRES ? 1 : 0.05;
        OptionalDouble after = away > 0 ? fit.nextDip(away, sigma) : OptionalDouble.of(Double.POSITIVE_INFINITY);
        double oilLeft = OilRate.of(fit)
                .until(stick.low().orElse(Double.NEGATIVE_INFINITY))
                .map(Estimate::best)
                .orElse(Double.POSITIVE_INFINITY);
        double most = Math.max(3 * fit.span(), Double.MIN_NORMAL);
        if (after.isEmpty()) {
            return new OilProof(asked, proved, Optional.empty(), "not proved yet: one more dip tells");
        }
        double n = after.getAsDouble();
        if (n > most || n > oilLeft) {
            return new OilProof(
                    asked,
                    proved,
                    Optional.empty(),
                    "not proved yet, and one dip more will not do: it lies too near. Several dips, each repeated, tell.");
        }
        return new OilProof(
                asked, proved, Optional.of(n), "not proved yet: dip again after " + RateWords.along(log.meter(), n));
    }
}
