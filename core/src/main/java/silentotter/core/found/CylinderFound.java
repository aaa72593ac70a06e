package silentotter.core.found;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import silentotter.core.fault.Fault;
import silentotter.core.wording.Labelled;

/**
 * One cylinder as it was found. What is empty was not looked at, which is not "good".
 *
 * @param wearMm of the bore beyond its size when new, 0 to 10
 * @param taperMm top against bottom, 0 to 5
 * @param ovalityMm along against across, 0 to 5
 * @param gapsMm end gaps of the rings in their bore, top ring first, each 0 to 20
 * @param gasket the line of the head gasket round this bore
 * @param repair by fault, what mending this cylinder for it said
 */
public record CylinderFound(
        Optional<CrownFound> crown,
        Optional<BoreFound> bore,
        Optional<Double> wearMm,
        Optional<Double> taperMm,
        Optional<Double> ovalityMm,
        Optional<Skirt> skirt,
        Optional<RingsFound> rings,
        List<Double> gapsMm,
        Optional<OilRingFound> oilRing,
        Optional<OilDrains> drains,
        Optional<Lands> lands,
        Optional<ValveFound> intake,
        Optional<ValveFound> exhaust,
        Optional<GasketLine> gasket,
        Map<Fault, Mended> repair) {

    public CylinderFound {
        gapsMm = List.copyOf(Objects.requireNonNullElse(gapsMm, List.of()));
        repair = Map.copyOf(Objects.requireNonNullElse(repair, Map.of()));
    }

    /** The piston crown. */
    public enum CrownFound implements Labelled {
        DRY,
        WET_OIL,
        WET_WATER,
        WASHED_CLEAN,
        HOLED
    }

    /** The wall of the bore. */
    public enum BoreFound implements Labelled {
        HATCH_SEEN,
        HATCH_WORN_AWAY,
        GLAZED,
        SCORED,
        RUSTY
    }

    /** The piston below its rings. */
    public enum Skirt implements Labelled {
        SOUND,
        SCUFFED,
        LOOSE,
        CRACKED
    }

    /** The compression rings. */
    public enum RingsFound implements Labelled {
        FREE,
        STUCK,
        WORN,
        BROKEN
    }

    /** The oil control ring. */
    public enum OilRingFound implements Labelled {
        FREE,
        STUCK,
        WORN
    }

    /** The holes behind the oil control ring. */
    public enum OilDrains implements Labelled {
        OPEN,
        BLOCKED
    }

    /** The lands between the rings. */
    public enum Lands implements Labelled {
        WHOLE,
        CRACKED,
        BROKEN_OUT
    }

    /** The gasket round the bore. */
    public enum GasketLine implements Labelled {
        WHOLE,
        OPEN_TO_COOLANT,
        OPEN_TO_NEIGHBOUR,
        OPEN_TO_OUTSIDE,
        OPEN_TO_OIL
    }

    /** Whether something was seen; each thing that can be is of one place only. */
    boolean is(Labelled seen) {
        return Stream.of(crown, bore, skirt, rings, oilRing, drains, lands, gasket)
                .anyMatch(o -> o.filter(x -> x == seen).isPresent());
    }
}
