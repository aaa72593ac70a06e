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

    /** What was seen of a cylinder as a whole; the most telling thing wins. */
    public enum Look {
        HOLED("holed"),
        SCORED("scored"),
        WASHED("washed clean"),
        OIL_WET("oil wet"),
        FUEL_WET("fuel wet"),
        BURNT("burnt"),
        GLAZED("glazed"),
        DRY("dry");

        private final String words;

        Look(String words) {
            this.words = words;
        }

        /** In a few words, for the row on the sheet. */
        public String words() {
            return words;
        }
    }

    /** Empty while too little was said of it. */
    public Optional<Look> look() {
        if (has(Crown.HOLED)) {
            return Optional.of(Look.HOLED);
        }
        if (has(BoreWall.SCORED)) {
            return Optional.of(Look.SCORED);
        }
        if (has(Crown.WASHED_CLEAN) || waterMarks.orElse(false)) {
            return Optional.of(Look.WASHED);
        }
        if (has(Crown.WET_OIL) || has(IntakeBack.WET_OIL)) {
            return Optional.of(Look.OIL_WET);
        }
        if (has(Crown.WET_FUEL)) {
            return Optional.of(Look.FUEL_WET);
        }
        if (has(ExhaustFace.BURNT)) {
            return Optional.of(Look.BURNT);
        }
        if (has(BoreWall.GLAZED)) {
            return Optional.of(Look.GLAZED);
        }
        return crown.isPresent() || bore.isPresent() ? Optional.of(Look.DRY) : Optional.empty();
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
