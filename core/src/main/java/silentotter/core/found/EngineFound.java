package silentotter.core.found;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import silentotter.core.fault.Fault;
import silentotter.core.wording.Labelled;

/**
 * What belongs to no single cylinder. What is empty was not looked at, which is not "good".
 *
 * @param deckMm how far the deck is from flat, 0 to 5
 * @param headMm how far the head is from flat, 0 to 5
 * @param runOutMm of the crank, 0 to 5
 * @param head under pressure with water
 * @param crankSeals of a two-stroke's crankcase, with its base, reeds and intake
 * @param casting whether oil comes through it where none should
 * @param odd loose or wrong parts, in somebody's words
 * @param repair by fault, what mending the engine for it said
 */
public record EngineFound(
        Optional<Double> deckMm,
        Optional<Double> headMm,
        Optional<Double> runOutMm,
        Optional<HeadTest> head,
        Optional<OilPump> oilPump,
        Optional<BearingsFound> bearings,
        Optional<VentilationFound> ventilation,
        Optional<TurboFound> turbo,
        Optional<OutsideFound> outside,
        Optional<RiserFound> riser,
        Optional<TimingFound> timing,
        Optional<CrankSeals> crankSeals,
        Optional<Casting> casting,
        Optional<String> odd,
        Map<Fault, Mended> repair) {

    public static final EngineFound NOTHING = new EngineFound(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Map.of());

    public EngineFound {
        repair = Map.copyOf(Objects.requireNonNullElse(repair, Map.of()));
    }

    /** The head and the block's top, pressed off. */
    public enum HeadTest implements Labelled {
        TIGHT,
        CRACKED
    }

    /** The oil pump. */
    public enum OilPump implements Labelled {
        SOUND,
        WORN
    }

    /** Main and big-end bearings. */
    public enum BearingsFound implements Labelled {
        SOUND,
        WORN,
        WIPED
    }

    /** Valve, hose and separator of the crankcase ventilation. */
    public enum VentilationFound implements Labelled {
        CLEAR,
        BLOCKED
    }

    /** The oil seals of a charger. */
    public enum TurboFound implements Labelled {
        DRY,
        OIL_PAST_SEAL
    }

    /** Gaskets and seals to the outside. */
    public enum OutsideFound implements Labelled {
        DRY,
        LEAKING
    }

    /** Riser or elbow of a wet exhaust. */
    public enum RiserFound implements Labelled {
        SOUND,
        LETS_WATER_BACK
    }

    /** Timing of the cam against the crank. */
    public enum TimingFound implements Labelled {
        RIGHT,
        OFF
    }

    /** Seals of a crankcase that breathes the mixture. */
    public enum CrankSeals implements Labelled {
        TIGHT,
        LEAKING
    }

    /** The casting itself. */
    public enum Casting implements Labelled {
        SOUND,
        POROUS
    }

    static <E extends Enum<E>> boolean is(Optional<E> found, E what) {
        return found.filter(x -> x == what).isPresent();
    }
}
