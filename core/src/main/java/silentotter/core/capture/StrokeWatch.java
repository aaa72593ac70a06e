package silentotter.core.capture;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.Iterator;
import java.util.List;

/**
 * Finds the strokes in what a gauge behind a check valve sends: it rises with each and holds in between.
 *
 * <p>Method: the level that it holds is the mean of the samples since the last rise, but for those at its foot. A sample above
 * that level by more than the noise, and the next one too, begins a rise; the rise ends with the first sample that is no
 * higher by more than the noise than what was sent a moment before. A stroke that raises it by less than a hundredth of the full scale may not be
 * seen, and changes nothing that anybody reads. The noise is a share of the full scale; trade practice.
 */
public final class StrokeWatch {
    /** Beyond this share of the full scale a difference is no noise. */
    private static final double NOISE = .005;
    /** Below this share of the full scale nothing is held: the gauge was let off. */
    private static final double LET_OFF = .02;
    /** A stroke at the slowest cranking takes so long, s; a later one would have come. Trade practice. */
    private static final double LONGEST_STROKE = 1.2;
    /** What a sound valve may lose of what it held between two strokes. Trade practice. */
    private static final double VALVE_LOSS = .03;

    /** Over so long a rise is seen as one, s: less than the quickest stroke rises. */
    private static final double MOMENT = .045;

    /** Samples further apart leave room for a stroke between them, s. */
    private static final double UNSEEN = .4;

    private static final int MOST_STROKES = 60;

    private record Sample(double seconds, double kPa) {}

    private final double noise;
    private final double letOff;
    private final List<Double> strokes = new ArrayList<>();
    private double heldSum;
    private int heldCount;
    private double heldLast;
    private long number;
    private double highest;
    /** What was sent lately, oldest first. */
    private final Deque<Sample> lately = new ArrayDeque<>();

    private double lastRise;
    private boolean rising;
    private boolean valveLeaks;
    private boolean settled;
    private int above;

    /**
     * @param full the end of its scale, kPa, above 0
     * @param first the number before that of the first cranking
     */
    public StrokeWatch(double full, long first) {
        this.number = first;
        this.noise = NOISE * full;
        this.letOff = LET_OFF * full;
    }

    /** @param seconds never falling @param kPa a value, no number that stands for none */
    public void sample(double seconds, double kPa) {
        if (!lately.isEmpty() && seconds - lately.getLast().seconds() > UNSEEN) {
            // A stroke may have come while nothing was sent: that time does not tell that none did.
            lastRise += seconds - lately.getLast().seconds();
        }
        if (kPa < letOff) {
            rest();
        } else if (strokes.isEmpty() && !rising) {
            number++;
            begin(seconds);
        } else if (rising) {
            if (seconds - lastRise >= MOMENT && kPa <= aMomentAgo() + noise) {
                rising = false;
                above = 0;
                heldSum = 0;
                heldCount = 0;
                held(kPa);
                highest = kPa;
                lastRise = seconds;
                if (strokes.size() < MOST_STROKES) {
                    strokes.add(kPa);
                }
            }
        } else {
            hold(seconds, kPa);
        }
        lately.add(new Sample(seconds, kPa));
        while (lately.size() > 1 && secondOldest().seconds() <= seconds - MOMENT) {
            lately.removeFirst();
        }
    }

    private Sample secondOldest() {
        Iterator<Sample> from = lately.iterator();
        from.next();
        return from.next();
    }

    private double aMomentAgo() {
        return lately.getFirst().kPa();
    }

    private void begin(double seconds) {
        rising = true;
        settled = false;
        lastRise = seconds;
    }

    private void hold(double seconds, double kPa) {
        above = kPa > level() + noise ? above + 1 : 0;
        if (above >= 2) {
            begin(seconds);
            return;
        }
        if (above == 0) {
            held(kPa);
            strokes.set(strokes.size() - 1, Math.max(highest, level()));
            // Of what falls, its first part is what the stroke reached.
            valveLeaks |= kPa < highest * (1 - VALVE_LOSS) - noise;
        }
        settled = seconds - lastRise > LONGEST_STROKE;
    }

    /** The mean of what is held; of a valve that leaks, the last of it. */
    private double level() {
        return valveLeaks ? heldLast : heldSum / heldCount;
    }

    private void held(double kPa) {
        heldSum += kPa;
        heldCount++;
        heldLast = kPa;
    }

    /** Let off: what comes next is another cranking. */
    private void rest() {
        if (!strokes.isEmpty() || rising) {
            strokes.clear();
            rising = false;
            valveLeaks = false;
            settled = false;
            above = 0;
        }
    }

    /** Of the cranking that is seen, or was last; growing. */
    public long number() {
        return number;
    }

    public BuildUpSeen seen() {
        return strokes.isEmpty()
                ? new BuildUpSeen(number, List.of(), false, false)
                : new BuildUpSeen(number, strokes, settled, valveLeaks);
    }
}
