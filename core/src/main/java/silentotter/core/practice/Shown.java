package silentotter.core.practice;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import silentotter.core.oil.OilEntry;
import silentotter.core.plugs.PlugTray;
import silentotter.core.signs.Signs;
import silentotter.core.wording.Worded;

/**
 * What doing something shows: to be read off, listened to, or looked at, and written down by whoever practises.
 *
 * @param minutes that it took
 * @param says what happens, in a sentence
 * @param strokesKPa what a compression gauge holds after each stroke
 * @param gauges supply and cylinder of a leak-down tester, kPa
 * @param sounds where air comes out, at every place
 * @param beside the plug hole at which the neighbour is heard; 0 for whichever
 * @param crankcase as found, and at idle through an orifice
 */
public record Shown(
        Deed deed,
        double minutes,
        String says,
        List<Double> strokesKPa,
        List<Double> gauges,
        List<LeakSound> sounds,
        int beside,
        Optional<Crankcase> crankcase,
        Optional<Signs> signs,
        Optional<PlugTray> plugs,
        List<Dip> oil)
        implements Worded {

    /** @param orificeMm that was fitted for the second reading */
    public record Crankcase(double asFoundPa, double idlePa, double orificeMm) {}

    /**
     * A line of the oil log that was kept.
     *
     * @param mm on the dipstick from its full mark, negative below it; null for a top-up
     * @param litres poured in; null for a dip
     */
    public record Dip(
            double km, @Nullable Double mm, @Nullable Double litres) {
        static Dip of(OilEntry entry) {
            return new Dip(
                    entry.km().orElse(0.0),
                    entry.mm().orElse(null),
                    entry.litres().map(l -> l.best()).orElse(null));
        }
    }

    static Shown only(Deed deed, double minutes, String says) {
        return new Shown(
                deed,
                minutes,
                says,
                List.of(),
                List.of(),
                List.of(),
                0,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of());
    }
}
