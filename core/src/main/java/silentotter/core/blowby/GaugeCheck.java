package silentotter.core.blowby;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import silentotter.core.quantity.Pressure;
import silentotter.core.wording.Say;
import silentotter.core.wording.Worded;

/**
 * A slack tube and a digital gauge on one point, held against each other.
 *
 * @param tube number of the slack-tube reading
 * @param digital number of the digital one
 * @param agree within what both are good for
 * @param slips what would explain the difference, likeliest first; empty where nothing known does
 */
public record GaugeCheck(
        BlowbyPoint point,
        CrankcaseVent ventilation,
        int tube,
        int digital,
        boolean agree,
        List<GaugeSlip> slips,
        String says)
        implements Worded {
    /** Two good readings of one point differ by less than this factor, since the engine does not run alike twice. */
    private static final double ALIKE = Math.log(1.25);
    /** A slip is named where it leaves less than this factor over. */
    private static final double EXPLAINED = Math.log(1.18);
    /** Below this the tube's own reading error is as large as what it says. */
    private static final Pressure LEAST = Pressure.ofPa(20);

    /** The last of each instrument at one point; empty where there are not two, or too little to compare. */
    static Optional<GaugeCheck> of(List<BlowbyReading> atOnePoint) {
        Optional<BlowbyReading> tube = last(atOnePoint, CrankcaseGauge.SLACK_TUBE);
        Optional<BlowbyReading> digital = last(atOnePoint, CrankcaseGauge.DIGITAL);
        return tube.flatMap(t -> digital.filter(d -> comparable(t, d)).map(d -> between(t, d)));
    }

    private static Optional<BlowbyReading> last(List<BlowbyReading> readings, CrankcaseGauge instrument) {
        return readings.stream().filter(r -> r.instrument() == instrument).reduce((a, b) -> b);
    }

    private static boolean comparable(BlowbyReading tube, BlowbyReading digital) {
        return Math.abs(tube.pressure().pa()) >= LEAST.pa()
                && tube.pressure().pa() * digital.pressure().pa() > 0;
    }

    private static GaugeCheck between(BlowbyReading tube, BlowbyReading digital) {
        double ratio = Math.log(tube.pressure().ratioTo(digital.pressure()));
        boolean agree = Math.abs(ratio) < ALIKE;
        List<GaugeSlip> slips = new ArrayList<>();
        if (!agree) {
            Arrays.stream(GaugeSlip.values())
                    .filter(s -> s.couldBe(s.on() == tube.instrument() ? tube : digital))
                    .filter(s -> left(s, ratio) < EXPLAINED)
                    .sorted((a, b) -> Double.compare(left(a, ratio), left(b, ratio)))
                    .forEach(slips::add);
        }
        return new GaugeCheck(
                tube.point(),
                tube.ventilation(),
                tube.number(),
                digital.number(),
                agree,
                slips,
                words(tube, digital, slips, agree));
    }

    /** What of the difference a slip leaves unexplained. */
    private static double left(GaugeSlip slip, double ratio) {
        double mended = slip.on() == CrankcaseGauge.SLACK_TUBE ? Math.log(slip.factor()) : -Math.log(slip.factor());
        return Math.abs(ratio + mended);
    }

    private static String words(BlowbyReading tube, BlowbyReading digital, List<GaugeSlip> slips, boolean agree) {
        String both = "The slack tube says " + Say.crankcase(tube.pressure()) + ", the digital gauge "
                + Say.crankcase(digital.pressure());
        if (agree) {
            return both + ": they agree.";
        }
        return slips.isEmpty()
                ? both + ", and no usual slip explains that. Read both again at the same speed, hoses side by side."
                : both + ": " + slips.stream().map(GaugeSlip::words).collect(Collectors.joining(", or ")) + ".";
    }

    /** The reading that the slips spoil; empty where they agree or nothing explains it. */
    Optional<CrankcaseGauge> spoiled() {
        return slips.isEmpty() ? Optional.empty() : Optional.of(slips.get(0).on());
    }
}
