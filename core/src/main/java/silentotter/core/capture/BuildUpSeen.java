package silentotter.core.capture;

import java.util.List;

/**
 * The strokes of one cranking, as far as a gauge behind a check valve has shown them.
 *
 * @param number of the cranking, growing
 * @param strokesKPa what the gauge held after each stroke that raised it
 * @param settled whether no stroke has raised it for longer than one takes
 * @param valveLeaks whether what was held fell between two strokes, or afterwards, by more than a sound valve lets it
 */
public record BuildUpSeen(long number, List<Double> strokesKPa, boolean settled, boolean valveLeaks) {
    public static final BuildUpSeen NOTHING = new BuildUpSeen(0, List.of(), false, false);

    public BuildUpSeen {
        strokesKPa = List.copyOf(strokesKPa);
    }
}
