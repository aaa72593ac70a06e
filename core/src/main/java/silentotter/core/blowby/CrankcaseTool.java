package silentotter.core.blowby;

import org.jspecify.annotations.Nullable;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.wording.Labelled;

/**
 * Something of the shop's that crankcase pressure is read with.
 *
 * @param orificeMm of an adapter, with its edge in dischargeCoefficient and the bores it is meant for
 * @param fluidDensity of a slack tube, kg/m³
 * @param resolutionPa the last digit of a digital gauge
 */
public record CrankcaseTool(
        ToolKind kind,
        String name,
        @Nullable Double orificeMm,
        @Nullable Double dischargeCoefficient,
        @Nullable Double orificeFromMm,
        @Nullable Double orificeToMm,
        @Nullable TubeKind tube,
        @Nullable Double inclineDeg,
        @Nullable Double fluidDensity,
        @Nullable Double resolutionPa) {

    /** What it is. */
    public enum ToolKind implements Labelled {
        ADAPTER,
        SLACK_TUBE,
        DIGITAL
    }

    /** Adds everything that is wrong with it. */
    public void check(Problems problems) {
        if (kind == null) {
            problems.add(FieldProblem.of("kind", "is missing", "ADAPTER, SLACK_TUBE, DIGITAL"));
        }
        if (problems.text("name", name, BlowbyReader.LONGEST_NAME).isEmpty()) {
            problems.add("name", "is missing");
        }
        if (kind == ToolKind.ADAPTER) {
            problems.required("orificeMm", orificeMm, AllowedRange.BREATHER_ORIFICE, v -> v);
        } else {
            problems.optional("orificeMm", orificeMm, AllowedRange.BREATHER_ORIFICE, v -> v);
        }
        problems.optional("dischargeCoefficient", dischargeCoefficient, AllowedRange.DISCHARGE, v -> v);
        problems.optional("orificeFromMm", orificeFromMm, AllowedRange.BORE, v -> v);
        problems.optional("orificeToMm", orificeToMm, AllowedRange.BORE, v -> v);
        problems.optional("fluidDensity", fluidDensity, AllowedRange.FLUID_DENSITY, v -> v);
        problems.optional("resolutionPa", resolutionPa, AllowedRange.GAUGE_RESOLUTION, v -> v);
        if (tube == TubeKind.INCLINED) {
            problems.required("inclineDeg", inclineDeg, AllowedRange.INCLINE, v -> v);
        } else {
            problems.optional("inclineDeg", inclineDeg, AllowedRange.INCLINE, v -> v);
        }
    }
}
