package silentotter.core.plugs;

import java.util.Map;
import java.util.Objects;

/**
 * All plugs of an engine on the tray.
 *
 * @param plugs by the number of the cylinder they came out of
 */
public record PlugTray(PlugSet set, Map<Integer, Plug> plugs) {
    public static final PlugTray EMPTY = new PlugTray(PlugSet.EMPTY, Map.of());

    public PlugTray {
        set = Objects.requireNonNullElse(set, PlugSet.EMPTY);
        plugs = Map.copyOf(Objects.requireNonNullElse(plugs, Map.of()));
    }
}
