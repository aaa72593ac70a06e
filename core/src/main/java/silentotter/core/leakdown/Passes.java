package silentotter.core.leakdown;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.leakdown.LeakdownReading.LeakdownKind;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;
import silentotter.core.wording.Say;

/** What a wet leak-down and one at a second pressure say beside the standard one. */
final class Passes {
    /** A change of area beyond this factor, either way, is more than two readings differ by. */
    private static final double CLEAR_CHANGE = 1.5;

    private Passes() {}

    static List<String> read(List<LeakdownReading> counting, Pressure ambient) {
        List<String> result = new ArrayList<>();
        counting.stream().map(LeakdownReading::cylinder).distinct().sorted().forEach(c -> {
            Optional<LeakdownReading> standard = last(counting, c, LeakdownKind.STANDARD);
            last(counting, c, LeakdownKind.WET).ifPresent(w -> standard.ifPresent(s -> result.add(wet(s, w))));
            last(counting, c, LeakdownKind.LOW_PRESSURE)
                    .ifPresent(l ->
                            standard.flatMap(s -> lowPressure(s, l, ambient)).ifPresent(result::add));
        });
        return result;
    }

    private static Optional<LeakdownReading> last(
            List<LeakdownReading> counting, CylinderNumber cylinder, LeakdownKind kind) {
        return counting.stream()
                .filter(r -> r.cylinder().equals(cylinder) && r.kind() == kind)
                .reduce((a, b) -> b);
    }

    private static String wet(LeakdownReading dry, LeakdownReading wet) {
        String figures = "Cylinder " + Say.cylinder(dry.cylinder()) + ": with oil on the crown "
                + Say.number(wet.percent()) + " % instead of " + Say.number(dry.percent()) + " %. ";
        boolean fell = wet.percent() < dry.percent() && wet.differsFrom(dry);
        return figures
                + (fell
                        ? "A clear fall: the oil sealed the rings. At rest the oil's volume changes nothing, so nothing is taken off."
                        : "No clear change: not the rings, unless one is broken.");
    }

    private static Optional<String> lowPressure(LeakdownReading high, LeakdownReading low, Pressure ambient) {
        Optional<Estimate<LeakArea>> a = LeakdownAnalyst.area(high, ambient);
        Optional<Estimate<LeakArea>> b = LeakdownAnalyst.area(low, ambient);
        if (a.isEmpty() || b.isEmpty() || a.get().best().squareMm() == 0) {
            return Optional.empty();
        }
        double change = b.get().best().squareMm() / a.get().best().squareMm();
        String figures = "Cylinder " + Say.cylinder(high.cylinder()) + ": "
                + Say.area(b.get().best()) + " at the low pressure, "
                + Say.area(a.get().best()) + " at the high one. ";
        return Optional.of(figures
                + (change > CLEAR_CHANGE
                        ? "It closes with pressure: a ring or valve that seats late, not a hole."
                        : change < 1 / CLEAR_CHANGE
                                ? "It opens with pressure: an oil film that blows through, or a crack."
                                : "The same area: a hole."));
    }
}
