package silentotter.core.practice;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How an engine stands after what was done to it: each deed takes its minutes, and some cannot be taken back.
 *
 * @param minutes spent so far
 * @param hot whether it is still warm
 * @param plugsOut whether all plugs are out
 * @param started whether it has run since it came: what is seen only at the first start is gone then
 * @param drained whether its oil is gone, with what could be seen in it
 * @param oilMl what lies on the crown, by cylinder: a plug stays wet with it, and rings are sealed by it
 */
public record Standing(
        double minutes,
        boolean hot,
        boolean plugsOut,
        boolean started,
        boolean drained,
        Map<Integer, Double> oilMl,
        double lastRan) {
    /** With its plugs out an engine is cold after so long, minutes. */
    private static final double COOLS = 45;

    /** Whoever came cold has run so long ago, minutes. */
    private static final double LONG_AGO = 100_000;

    private static final double REFIT = 8;
    private static final double FIRST_CRANK = 5;
    private static final double FEEL = 2;

    private static Standing arrived(boolean hot) {
        return new Standing(0, hot, false, false, false, Map.of(), hot ? 0 : -LONG_AGO);
    }

    /** How it stood when it came, and after each deed. */
    static List<Standing> after(boolean arrivesHot, int cylinders, List<Deed> deeds) {
        List<Standing> all = new ArrayList<>(List.of(arrived(arrivesHot)));
        boolean cranked = false;
        for (Deed deed : deeds) {
            all.add(all.get(all.size() - 1).and(deed, cylinders, cranked));
            cranked |= deed.kind() == DeedKind.CRANK;
        }
        return all;
    }

    /** Minutes of one thing; trade practice, as the planner takes them. */
    private double minutesOf(Deed deed, int cylinders, boolean cranked) {
        double refit = deed.kind().runs() && plugsOut ? REFIT : 0;
        return refit
                + switch (deed.kind()) {
                    case LOOK -> 10;
                    case SMOKE -> 8;
                    case BLOWBY -> 10;
                    case PLUGS -> 1 + .8 * cylinders;
                    case CRANK -> 2 + (cranked ? 0 : FIRST_CRANK);
                    case POUR_OIL -> 1;
                    case AIR -> 5 + (deed.stroke() ? FEEL : 0);
                    case OIL_TRIAL -> 25;
                    case WARM_UP -> 15;
                    case DRAIN_OIL -> 20;
                };
    }

    private Standing and(Deed deed, int cylinders, boolean cranked) {
        double then = minutes + minutesOf(deed, cylinders, cranked);
        boolean ran = deed.kind().runs();
        Map<Integer, Double> oil = new HashMap<>(ran ? Map.of() : oilMl);
        if (deed.kind() == DeedKind.POUR_OIL) {
            oil.merge(deed.cylinder(), deed.oilMl(), Double::sum);
        }
        double last = ran ? then : lastRan;
        return new Standing(
                then,
                then - last < COOLS,
                !ran && (plugsOut || deed.kind() == DeedKind.PLUGS || deed.kind() == DeedKind.AIR),
                started || ran,
                drained || deed.kind() == DeedKind.DRAIN_OIL,
                Map.copyOf(oil),
                last);
    }
}
