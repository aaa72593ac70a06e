package silentotter.core.inside;

import java.util.Optional;
import silentotter.core.finding.Contamination;
import silentotter.core.wording.Labelled;

/** One cylinder seen through its plug or injector hole. */
public record CylinderInside(
        Optional<Crown> crown,
        Optional<BoreWall> bore,
        Optional<IntakeBack> intakeBack,
        Optional<ExhaustFace> exhaustFace,
        Optional<Boolean> waterMarks,
        Optional<Contamination> contaminatedBy) {
    boolean has(Crown which) {
        return crown.filter(c -> c == which).isPresent();
    }

    boolean has(BoreWall which) {
        return bore.filter(b -> b == which).isPresent();
    }

    boolean has(IntakeBack which) {
        return intakeBack.filter(b -> b == which).isPresent();
    }

    boolean has(ExhaustFace which) {
        return exhaustFace.filter(f -> f == which).isPresent();
    }

    /** What was seen of a cylinder as a whole; the most telling thing wins. */
    public enum InsideLook implements Labelled {
        HOLED,
        SCORED,
        WASHED,
        OIL_WET,
        FUEL_WET,
        BURNT,
        GLAZED,
        DRY;
    }

    /** Empty while too little was said of it. */
    public Optional<InsideLook> look() {
        if (has(Crown.HOLED)) {
            return Optional.of(InsideLook.HOLED);
        }
        if (has(BoreWall.SCORED)) {
            return Optional.of(InsideLook.SCORED);
        }
        if (has(Crown.WASHED_CLEAN) || waterMarks.orElse(false)) {
            return Optional.of(InsideLook.WASHED);
        }
        if (has(Crown.WET_OIL) || has(IntakeBack.WET_OIL)) {
            return Optional.of(InsideLook.OIL_WET);
        }
        if (has(Crown.WET_FUEL)) {
            return Optional.of(InsideLook.FUEL_WET);
        }
        if (has(ExhaustFace.BURNT)) {
            return Optional.of(InsideLook.BURNT);
        }
        if (has(BoreWall.GLAZED)) {
            return Optional.of(InsideLook.GLAZED);
        }
        return crown.isPresent() || bore.isPresent() ? Optional.of(InsideLook.DRY) : Optional.empty();
    }

    /** The piston crown. */
    public enum Crown {
        DRY_CARBON,
        WET_OIL,
        WET_FUEL,
        WASHED_CLEAN,
        HOLED
    }

    /** The wall of the bore. */
    public enum BoreWall {
        HATCH_SEEN,
        GLAZED,
        SCORED,
        RUSTY
    }

    /** The back of the intake valve, as far as it is seen. */
    public enum IntakeBack {
        DRY,
        WET_OIL,
        CARBON
    }

    /** The face and edge of the exhaust valve. */
    public enum ExhaustFace {
        EVEN,
        BURNT,
        DEPOSIT_ON_SEAT
    }
}
