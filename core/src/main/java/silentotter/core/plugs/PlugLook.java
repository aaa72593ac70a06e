package silentotter.core.plugs;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import silentotter.core.plugs.Plug.Damage;
import silentotter.core.plugs.Plug.Deposit;
import silentotter.core.plugs.Plug.ElectrodeWear;
import silentotter.core.plugs.Plug.NoseSurface;
import silentotter.core.plugs.Plug.Shade;
import silentotter.core.plugs.Plug.Wetness;
import silentotter.core.wording.Labelled;

/** What a plug looks like as a whole, in one word; the most telling thing on it wins. */
public enum PlugLook implements Labelled {
    SPECKS,
    BROKEN,
    WASHED,
    OIL_WET,
    FUEL_WET,
    WET,
    BRIDGED,
    ASH,
    SOOT,
    PALE,
    TAN;

    private record Line(PlugLook look, Predicate<Plug> seen) {}

    private static final List<Line> MOST_TELLING_FIRST = List.of(
            new Line(SPECKS, p -> p.has(Deposit.METAL_SPECKS)),
            new Line(BROKEN, p -> p.has(Damage.BROKEN_INSULATOR) || p.has(ElectrodeWear.MELTED)),
            new Line(WASHED, p -> p.has(NoseSurface.STEAM_CLEANED) || p.has(Deposit.WATER_STAIN)),
            new Line(OIL_WET, p -> p.has(Wetness.WET_STAYS_OILY) || p.has(Deposit.OILY_CARBON)),
            new Line(FUEL_WET, p -> p.has(Wetness.WET_EVAPORATES)),
            new Line(WET, p -> p.has(Wetness.WET_NOT_RUBBED)),
            new Line(BRIDGED, p -> p.has(Damage.BRIDGED_GAP)),
            new Line(ASH, p -> p.has(Deposit.ASH)),
            new Line(SOOT, p -> p.has(Deposit.SOFT_SOOT) || p.has(Shade.BLACK)),
            new Line(PALE, p -> p.has(Shade.WHITE) || p.has(Shade.GREY) || p.has(NoseSurface.BLISTERED)),
            new Line(TAN, p -> p.shade().isPresent()));

    /** The look of a plug; empty while too little was said of it. */
    public static Optional<PlugLook> of(Plug plug) {
        return MOST_TELLING_FIRST.stream()
                .filter(l -> l.seen().test(plug))
                .map(Line::look)
                .findFirst();
    }
}
