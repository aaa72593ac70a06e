package silentotter.core.plugs;

import java.util.Optional;
import silentotter.core.finding.Contamination;

/**
 * One plug as it came out. Whatever was not looked at stays empty.
 *
 * @param tight whether it was tight before it was loosened
 * @param gapMm measured with a wire gauge, 0.2 to 3 mm
 */
public record Plug(
        Optional<Shade> shade,
        Optional<GroundElectrode> ground,
        Optional<Deposit> deposit,
        Optional<DepositAmount> amount,
        Optional<DepositPlace> place,
        Optional<DepositSide> side,
        Optional<Wetness> wetness,
        Optional<NoseSurface> surface,
        Optional<Double> gapMm,
        Optional<ElectrodeWear> wear,
        Optional<Damage> damage,
        Optional<Boolean> tight,
        Optional<Thread> thread,
        Optional<Well> well,
        Optional<Contamination> contaminatedBy) {
    boolean has(Shade which) {
        return shade.filter(s -> s == which).isPresent();
    }

    boolean has(Deposit which) {
        return deposit.filter(d -> d == which).isPresent();
    }

    boolean has(Wetness which) {
        return wetness.filter(w -> w == which).isPresent();
    }

    boolean has(NoseSurface which) {
        return surface.filter(s -> s == which).isPresent();
    }

    boolean has(ElectrodeWear which) {
        return wear.filter(w -> w == which).isPresent();
    }

    boolean has(Damage which) {
        return damage.filter(d -> d == which).isPresent();
    }

    boolean has(Thread which) {
        return thread.filter(t -> t == which).isPresent();
    }

    boolean has(DepositSide which) {
        return side.filter(s -> s == which).isPresent();
    }

    boolean has(DepositAmount which) {
        return amount.filter(a -> a == which).isPresent();
    }

    boolean loose() {
        return tight.filter(t -> !t).isPresent();
    }

    boolean wet() {
        return wetness.filter(w -> w != Wetness.DRY).isPresent();
    }

    /** Shade of the insulator nose, a new plug beside it. */
    public enum Shade {
        WHITE,
        GREY,
        LIGHT_TAN,
        TAN,
        BROWN,
        BLACK
    }

    /** Wet or dry, and what rubbing between two fingers says. */
    public enum Wetness {
        DRY,
        WET_NOT_RUBBED,
        WET_EVAPORATES,
        WET_STAYS_OILY
    }

    /** What lies on the plug. */
    public enum Deposit {
        NONE,
        SOFT_SOOT,
        OILY_CARBON,
        ASH,
        WATER_STAIN,
        METAL_SPECKS
    }

    /** The surface of the insulator nose. */
    public enum NoseSurface {
        NORMAL,
        BLISTERED,
        STEAM_CLEANED
    }

    /** Damage. */
    public enum Damage {
        NONE,
        BROKEN_INSULATOR,
        BRIDGED_GAP,
        BENT_GROUND
    }

    /** Wear of the electrodes. */
    public enum ElectrodeWear {
        SHARP,
        ROUNDED,
        MELTED
    }

    /** Whether the deposit lies on one side, towards the intake valve. */
    public boolean isOneSided() {
        return has(DepositSide.INTAKE_SIDE);
    }

    public boolean isWorn() {
        return has(ElectrodeWear.ROUNDED);
    }
}
