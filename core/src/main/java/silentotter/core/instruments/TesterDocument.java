package silentotter.core.instruments;

import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.instruments.LeakdownTester.TesterKind;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;

/**
 * A leak-down tester as the API, the database and the case file write it.
 *
 * @param checks by how many readings of bleed holes it is calibrated, where that is more than one
 */
public record TesterDocument(
        String name,
        TesterKind kind,
        @Nullable Double supplyKPa,
        @Nullable Double orificeMm,
        @Nullable Double dischargeCoefficient,
        @Nullable Double resolutionPercent,
        boolean calibrated,
        @Nullable Integer checks) {
    private static final int LONGEST_NAME = 60;
    private static final int MOST_CHECKS = 1000;

    /** As it was first entered, or calibrated once. */
    public TesterDocument(
            String name,
            TesterKind kind,
            @Nullable Double supplyKPa,
            @Nullable Double orificeMm,
            @Nullable Double dischargeCoefficient,
            @Nullable Double resolutionPercent,
            boolean calibrated) {
        this(name, kind, supplyKPa, orificeMm, dischargeCoefficient, resolutionPercent, calibrated, null);
    }

    public LeakdownTester read(Problems problems, String path) {
        String title = Objects.requireNonNullElse(name, "").strip();
        if (title.isEmpty() || title.length() > LONGEST_NAME) {
            problems.add(FieldProblem.of(
                    path + "name",
                    title.isEmpty() ? "is missing" : "is too long",
                    "1 to " + LONGEST_NAME + " characters"));
        }
        if (kind == null) {
            problems.add(path + "kind", "is missing");
        }
        Optional<Pressure> supply =
                problems.optional(path + "supplyKPa", supplyKPa, AllowedRange.SUPPLY, Pressure::ofKPa);
        Optional<Length> orifice = problems.optional(path + "orificeMm", orificeMm, AllowedRange.ORIFICE, Length::ofMm);
        double discharge = problems.optional(
                        path + "dischargeCoefficient", dischargeCoefficient, AllowedRange.DISCHARGE, v -> v)
                .orElse(1.0);
        double resolution = problems.optional(
                        path + "resolutionPercent", resolutionPercent, AllowedRange.RESOLUTION, v -> v)
                .orElse(0.0);
        if (checks != null && (checks < 1 || checks > MOST_CHECKS)) {
            problems.add(FieldProblem.of(path + "checks", "is not a number of checks", "1 to " + MOST_CHECKS));
        }
        return new LeakdownTester(
                title,
                Objects.requireNonNullElse(kind, TesterKind.ZONES),
                supply,
                orifice,
                discharge,
                resolution,
                calibrated ? Math.max(1, Objects.requireNonNullElse(checks, 1)) : 0);
    }

    /** The same tester with what bleed holes told of it. */
    public TesterDocument calibratedTo(double effectiveOrificeMm, double supply) {
        return new TesterDocument(name, kind, supply, effectiveOrificeMm, 1.0, resolutionPercent, true);
    }

    /** The same with what several checks told of it together. */
    public TesterDocument calibratedTo(double effectiveOrificeMm, double supply, int checked) {
        return new TesterDocument(
                name, kind, supply, effectiveOrificeMm, 1.0, resolutionPercent, true, checked > 1 ? checked : null);
    }

    /** Diameter of a round hole of coefficient 1 that lets through the same; empty where the orifice is not known. */
    public Optional<Double> effectiveOrificeMm() {
        return Optional.ofNullable(orificeMm)
                .map(o -> o * Math.sqrt(Objects.requireNonNullElse(dischargeCoefficient, 1.0)));
    }
}
