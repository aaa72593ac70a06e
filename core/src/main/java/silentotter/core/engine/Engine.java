package silentotter.core.engine;

import java.util.Map;
import java.util.Optional;
import silentotter.core.engine.Traits.Exhaust;
import silentotter.core.engine.Traits.Fuel;
import silentotter.core.engine.Traits.Ignition;
import silentotter.core.engine.Traits.Induction;
import silentotter.core.input.InvalidInput;

/**
 * An engine as far as it is known: only name and arrangement are certain.
 *
 * @param name what this shop calls it; not blank
 * @param family what engines of its make and type are called together; empty where nobody said
 * @param labels how this shop labels cylinders where not by their number
 */
public record Engine(
        String name,
        Arrangement arrangement,
        Map<CylinderNumber, String> labels,
        Optional<FiringOrder> firingOrder,
        Optional<Rotation> rotation,
        Traits traits,
        Size size,
        MakerLimits limits,
        OilData oil,
        String family) {
    private static final double USUAL_RATIO_SPARK = 9.5;
    private static final double USUAL_RATIO_DIESEL = 18;

    public Engine {
        if (name.isBlank()) {
            throw new IllegalArgumentException("engine needs a name");
        }
        labels = Map.copyOf(labels);
        firingOrder.ifPresent(f -> f.checkedFor(arrangement, traits.cycle().orElse(Cycle.FOUR_STROKE)));
    }

    /** An engine of no family that anybody named. */
    public Engine(
            String name,
            Arrangement arrangement,
            Map<CylinderNumber, String> labels,
            Optional<FiringOrder> firingOrder,
            Optional<Rotation> rotation,
            Traits traits,
            Size size,
            MakerLimits limits,
            OilData oil) {
        this(name, arrangement, labels, firingOrder, rotation, traits, size, limits, oil, "");
    }

    /** The least that makes an engine. */
    public static Engine of(String name, Arrangement arrangement) {
        return new Engine(
                name,
                arrangement,
                Map.of(),
                Optional.empty(),
                Optional.empty(),
                Traits.UNKNOWN,
                Size.UNKNOWN,
                MakerLimits.UNKNOWN,
                OilData.UNKNOWN);
    }

    /** The same engine with another size. */
    public Engine withSize(Size changed) {
        return new Engine(name, arrangement, labels, firingOrder, rotation, traits, changed, limits, oil, family);
    }

    /** Four-stroke unless stated otherwise. */
    public Cycle cycle() {
        return traits.cycle().orElse(Cycle.FOUR_STROKE);
    }

    /** Compression ignition when stated, or when the fuel is diesel; spark otherwise. */
    public boolean isDiesel() {
        return traits.ignition()
                .map(i -> i == Ignition.COMPRESSION)
                .orElse(traits.fuel().filter(f -> f == Fuel.DIESEL).isPresent());
    }

    /** Whether charge is pressed in, by turbo or blower; not where induction is unknown. */
    public boolean isBoosted() {
        return traits.induction().filter(i -> i != Induction.NATURAL).isPresent();
    }

    public boolean hasWetExhaust() {
        return traits.exhaust().filter(e -> e == Exhaust.WET).isPresent();
    }

    public boolean hasCompressionRelease() {
        return traits.compressionRelease().orElse(false);
    }

    /** The ratio to compute with where the engine's own is unknown; costs accuracy in level, little in ratios. */
    public double assumedRatio() {
        return isDiesel() ? USUAL_RATIO_DIESEL : USUAL_RATIO_SPARK;
    }

    public String label(CylinderNumber cylinder) {
        return labels.getOrDefault(cylinder, cylinder.toString());
    }

    /** @throws InvalidInput at the field, when what was noted on one cylinder is to go to none of this engine, or stay */
    public void needsAnother(String field, int from, int to) {
        int count = arrangement.count();
        if (to < 1 || to > count || to == from) {
            throw InvalidInput.at(field, "must be another cylinder of this engine", "1 to " + count);
        }
    }
}
