package silentotter.core.inference;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import silentotter.core.fault.Cause;
import silentotter.core.fault.EngineKind;

/**
 * What the model takes from a job. Arrays of cylinders are by index, cylinder 1 at 0; NaN where a cylinder was not read.
 * Whatever was not done is null and does not speak.
 *
 * @param priors probability of every {@link Cause} by its ordinal, before any test, complaint and history included
 * @param judged findings whose weight is judged rather than computed
 */
public record SealCase(
        Body body,
        double[] priors,
        @Nullable Compression compression,
        @Nullable Leakdown leakdown,
        @Nullable Plugs plugs,
        @Nullable Blowby blowby,
        @Nullable OilUse oilUse,
        Signs signs,
        List<Judged> judged) {

    /** Shares of the poured oil that stay on the crown. */
    public static final double[] RETENTION = {.35, .65, 1};
    /** How many places are listened at: intake, exhaust, crankcase, coolant, neighbouring hole. */
    public static final int PLACES = 5;
    /** Index of the neighbouring hole. */
    public static final int NEIGHBOUR = 4;

    /**
     * The engine as a body.
     *
     * @param order cylinder indices as they stand, bank after bank
     * @param joined whether the one at this place and the next share a head gasket; one less than cylinders
     * @param scale bore over 90 mm
     * @param displacementL of the whole engine
     */
    public record Body(EngineKind kind, int[] order, boolean[] joined, double scale, double displacementL) {
        public int cylinders() {
            return order.length;
        }

        /** Displacement over two litres, kept between .3 and 2.5: what oil use is measured in. */
        double z() {
            return Math.max(.3, Math.min(2.5, displacementL / 2));
        }
    }

    /**
     * Cranking compression.
     *
     * @param lnKPa natural logarithm of each final reading
     * @param sigma scatter of each reading as a share, repeatability and division together
     * @param attempts how many readings of each cylinder agree, 1 or more
     * @param floor whether the reading only says "at least"
     * @param lnLevelSigma how far the twin's level may be off
     * @param lnStaticSigma spread of ln(leak at cranking speed / leak at rest) of the whole engine
     * @param throttleShut whether somebody said that the throttle was shut, or a release was fitted
     * @param wet by cylinder; null where no oil was given
     */
    public record Compression(
            double[] lnKPa,
            double[] sigma,
            int[] attempts,
            boolean[] floor,
            boolean hot,
            double lnLevelSigma,
            double lnStaticSigma,
            boolean throttleShut,
            GaugeCurve curve,
            @Nullable Wet[] wet) {}

    /**
     * A wet reading.
     *
     * @param rise over the dry one, as a share
     * @param sigma scatter of a rise of nothing, as a share: what the gauge repeats, and how the oil lay
     * @param curves with the oil that stays on the crown at each of {@link #RETENTION}
     */
    public record Wet(double rise, double sigma, GaugeCurve[] curves) {
        /** Where the artefact is computed from the size of the cylinder. */
        public static final double COMPUTED_ARTEFACT = .045;
        /** Where a sister measured it under the same hand: what both share drops out. */
        public static final double MEASURED_ARTEFACT = .035;
    }

    /**
     * Leak-down.
     *
     * @param sigma repeatability at zero, points, the dial included
     * @param sigmaShare what the reading adds, as a share of it
     * @param lnBiasSigma how far the tester may be off, ln of the area
     * @param heard by cylinder and place; -1 where nobody listened
     * @param towards which neighbour a sound at a plug hole came from; -1 where it was not said
     * @param tapped what a retest after the valve was tapped said
     */
    public record Leakdown(
            double[] percent,
            double[] sigma,
            double sigmaShare,
            double lnBiasSigma,
            PercentCurve[] curves,
            int[][] heard,
            int[] towards,
            Tapped[] tapped) {}

    /** What a retest after a tap on the valve said. */
    public enum Tapped {
        NOT_DONE,
        CAME_BACK,
        UNCHANGED,
        WORSE
    }

    /** Plug looks by cylinder; null where one was not read. */
    public record Plugs(@Nullable Look[] looks) {}

    /** What a plug may look like, as the model tells them apart. */
    public enum Look {
        SOUND,
        OIL_WET,
        ASH,
        ONE_SIDED,
        STEAM,
        SPECKS,
        FUEL,
        SOOT,
        PALE,
        WORN
    }

    /**
     * Blow-by.
     *
     * @param litresPerMinute through the orifice; NaN where only the crankcase as found was read
     * @param smallestLitres what the gauge cannot tell from nothing: the flow at 6 Pa
     * @param litresPerArea flow per mm² of running leak in this state of load
     * @param pressurePa before the orifice; NaN where not read
     * @param asFoundPa crankcase pressure with the ventilation working; NaN where not read
     */
    public record Blowby(
            double litresPerMinute, double smallestLitres, double litresPerArea, double pressurePa, double asFoundPa) {}

    /** Measured oil use, L/1000 km, and its standard error. */
    public record OilUse(double rate, double standardError) {}

    /**
     * Signs that the model computes with; null where nobody looked.
     *
     * @param standing blue smoke after standing
     * @param load blue smoke under load
     * @param overrun blue smoke on and after the overrun
     */
    public record Signs(
            @Nullable Boolean standing,
            @Nullable Boolean load,
            @Nullable Boolean overrun,
            @Nullable Boolean warmWhite,
            @Nullable Boolean bubbles,
            @Nullable Boolean combustionGas,
            @Nullable Boolean coolantLoss,
            @Nullable Boolean milky,
            @Nullable Boolean breatherOil,
            @Nullable Boolean metal,
            @Nullable Boolean outsideWet,
            @Nullable Boolean sags) {
        public static final Signs NONE =
                new Signs(null, null, null, null, null, null, null, null, null, null, null, null);
    }

    /**
     * A finding of which somebody judged how much it weighs.
     *
     * @param id stable within the case
     * @param cylinder index; -1 for the whole engine
     * @param ratios likelihood ratio for each cause it speaks of
     * @param group findings of one group have one cause and are tempered together
     */
    public record Judged(String id, int cylinder, Map<Cause, Double> ratios, String group) {}

    /** Prior of a cause, 0 to 1. */
    public double prior(Cause cause) {
        return priors[cause.ordinal()];
    }

    SealCase with(Compression other) {
        return new SealCase(body, priors, other, leakdown, plugs, blowby, oilUse, signs, judged);
    }

    SealCase with(Leakdown other) {
        return new SealCase(body, priors, compression, other, plugs, blowby, oilUse, signs, judged);
    }
}
