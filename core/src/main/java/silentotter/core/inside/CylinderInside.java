package silentotter.core.inside;

import java.util.Optional;
import silentotter.core.finding.Contamination;

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

    /** In a few words, for the row on the sheet. */
    public String inWords() {
        if (has(Crown.HOLED)) {
            return "holed";
        }
        if (has(BoreWall.SCORED)) {
            return "scored";
        }
        if (has(Crown.WASHED_CLEAN) || waterMarks.orElse(false)) {
            return "washed clean";
        }
        if (has(Crown.WET_OIL) || has(IntakeBack.WET_OIL)) {
            return "oil wet";
        }
        if (has(Crown.WET_FUEL)) {
            return "fuel wet";
        }
        if (has(ExhaustFace.BURNT)) {
            return "burnt";
        }
        if (has(BoreWall.GLAZED)) {
            return "glazed";
        }
        return crown.isPresent() || bore.isPresent() ? "dry" : "";
    }
}
