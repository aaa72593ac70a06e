package silentotter.core.hidden;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Fault;
import silentotter.core.plugs.DepositSide;
import silentotter.core.plugs.Plug;
import silentotter.core.plugs.Plug.Deposit;
import silentotter.core.plugs.Plug.ElectrodeWear;
import silentotter.core.plugs.Plug.NoseSurface;
import silentotter.core.plugs.Plug.Shade;
import silentotter.core.plugs.Plug.Wetness;
import silentotter.core.plugs.PlugTray;

/** What the plugs of a hidden engine look like: habit first, then the fault, and now and then neither. */
final class HiddenPlugs {
    private HiddenPlugs() {}

    static PlugTray of(Draw d, Engine engine, List<HiddenFault> faults, Nature nature, boolean read) {
        Map<Integer, Plug> plugs = new HashMap<>();
        if (read) {
            for (int c = 1; c <= engine.arrangement().count(); c++) {
                plugs.put(c, plug(d, faults, nature, c));
            }
        }
        return new PlugTray(null, plugs);
    }

    private static Plug plug(Draw d, List<HiddenFault> faults, Nature nature, int c) {
        for (HiddenFault f : faults) {
            boolean here = f.at(c);
            boolean everywhere = f.cylinders().isEmpty();
            double oily = switch (f.fault()) {
                case OIL_CONTROL, STEM_SEAL -> here ? .75 : everywhere ? .32 : 0;
                case VENTILATION -> .25;
                case BROKEN -> here ? .5 : 0;
                case RING_SEAL -> here ? .3 + .05 * Math.min(6, f.size()) : 0;
                case EVEN_WEAR -> .2;
                default -> 0;
            };
            if (f.fault() == Fault.BROKEN && here && d.chance(.22)) {
                return made(null, Deposit.METAL_SPECKS, null, null, null, null);
            }
            if (d.chance(oily)) {
                return d.chance(.12)
                        ? made(null, Deposit.ASH, null, null, null, DepositSide.INTAKE_SIDE)
                        : d.chance(.55)
                                ? made(null, null, Wetness.WET_STAYS_OILY, null, null, null)
                                : made(null, Deposit.ASH, null, null, null, null);
            }
            if (f.fault() == Fault.COOLANT_ENTRY && here && d.chance(.42)) {
                return made(null, null, null, NoseSurface.STEAM_CLEANED, null, null);
            }
            boolean valve = f.fault() == Fault.EXHAUST_VALVE || f.fault() == Fault.INTAKE_VALVE;
            if (valve && here && f.size() > 3 && d.chance(.25)) {
                return made(null, null, Wetness.WET_EVAPORATES, null, null, null);
            }
        }
        double bad = .1 + .35 * nature.dirty();
        if (!d.chance(bad)) {
            return made(Shade.TAN, Deposit.NONE, Wetness.DRY, null, null, null);
        }
        return switch (d.weighted(.42, .2, .2, .08, .1)) {
            case 0 -> made(Shade.BLACK, Deposit.SOFT_SOOT, Wetness.DRY, null, null, null);
            case 1 -> made(Shade.WHITE, Deposit.NONE, Wetness.DRY, null, null, null);
            case 2 -> made(Shade.TAN, Deposit.NONE, Wetness.DRY, null, ElectrodeWear.ROUNDED, null);
            case 3 -> made(null, null, Wetness.WET_EVAPORATES, null, null, null);
            default ->
                d.chance(.5)
                        ? made(null, Deposit.ASH, null, null, null, null)
                        : made(null, null, Wetness.WET_STAYS_OILY, null, null, null);
        };
    }

    private static Plug made(
            @Nullable Shade shade,
            @Nullable Deposit deposit,
            @Nullable Wetness wetness,
            @Nullable NoseSurface surface,
            @Nullable ElectrodeWear wear,
            @Nullable DepositSide side) {
        return new Plug(
                Optional.ofNullable(shade),
                Optional.empty(),
                Optional.ofNullable(deposit),
                Optional.empty(),
                Optional.empty(),
                Optional.ofNullable(side),
                Optional.ofNullable(wetness),
                Optional.ofNullable(surface),
                Optional.empty(),
                Optional.ofNullable(wear),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }
}
