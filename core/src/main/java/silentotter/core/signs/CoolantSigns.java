package silentotter.core.signs;

import java.util.Optional;
import silentotter.core.finding.Contamination;

/**
 * The coolant as found. A hot cap is never opened.
 *
 * @param bubbles whether bubbles rise soon after a cold start
 * @param pressureCold whether the system has pressure soon after a cold start
 */
public record CoolantSigns(
        Optional<CoolantLevel> level,
        Optional<CoolantFilm> film,
        Optional<Boolean> bubbles,
        Optional<Boolean> pressureCold,
        Optional<GasTest> gasTest,
        Optional<Contamination> contaminatedBy) {
    static final CoolantSigns EMPTY = new CoolantSigns(
            Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** What the coolant level does over days. */
    public enum CoolantLevel {
        HOLDS,
        FALLING_WITH_DRIP,
        FALLING_NO_DRIP
    }

    /** What floats in the coolant. */
    public enum CoolantFilm {
        CLEAN,
        OIL_FILM,
        FROTH
    }

    /** Chemical test of the coolant for combustion gas. */
    public enum GasTest {
        POSITIVE,
        NEGATIVE
    }
}
