package silentotter.app.json;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;
import silentotter.core.quantity.Volume;

/**
 * How quantities stand in JSON: as numbers in their base unit, which the name of their field says. A {@code Pressure value}
 * is {@code valueKPa: 905.2}, an {@code Optional<Estimate<LeakArea>> area} is {@code areaMm2: {low, best, high}}.
 */
public final class Quantities {
    /** A further quantity is one line here. */
    private static final Map<Class<?>, As<?>> TABLE = Map.of(
            Pressure.class, new As<Pressure>("KPa", Pressure::kPa),
            LeakArea.class, new As<LeakArea>("Mm2", LeakArea::squareMm),
            Length.class, new As<Length>("Mm", Length::mm),
            Volume.class, new As<Volume>("Ml", Volume::millilitres),
            Temperature.class, new As<Temperature>("C", Temperature::celsius),
            CrankSpeed.class, new As<CrankSpeed>("Rpm", CrankSpeed::rpm));

    private Quantities() {}

    private record As<Q>(String suffix, ToDoubleFunction<Q> inBase) {
        double of(Object quantity) {
            @SuppressWarnings("unchecked")
            Q own = (Q) quantity;
            return inBase.applyAsDouble(own);
        }
    }

    public static List<Class<?>> all() {
        return List.copyOf(TABLE.keySet());
    }

    /** What the unit of a quantity adds to the name of a field; empty for what is none. */
    public static Optional<String> suffix(Class<?> type) {
        return Optional.ofNullable(TABLE.get(type)).map(As::suffix);
    }

    /** A quantity as a number in its base unit. */
    public static double inBase(Object quantity) {
        return TABLE.get(quantity.getClass()).of(quantity);
    }
}
