package silentotter.core.waveform;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Rule;
import silentotter.core.waveform.WaveformResult.CylinderShare;

/**
 * What a waveform says of a cylinder. All of it weighs little: a starter pays for friction and a weak cell as well as for
 * compression, and a crankcase hums. Trade practice.
 */
public final class WaveformRules {
    private static final double LOW = 85;
    private static final double HIGH = 130;
    private static final double CLEARLY = 3;
    private static final String COMPRESSION = "COMPRESSION";
    private static final String BLOWBY = "BLOWBY";

    /** @param others mean share of the other cylinders, per cent */
    private record Seen(CylinderShare share, double others) {
        boolean low() {
            return share.percent() < LOW && 100 - share.percent() > CLEARLY * share.sigma();
        }

        boolean standsOut() {
            return share.percent() > HIGH / 100 * others && share.percent() - others > CLEARLY * share.sigma();
        }

        String words() {
            return String.format(
                    Locale.ROOT,
                    "%.0f ± %.0f %% of the highest, over %d strokes.",
                    share.percent(),
                    share.sigma(),
                    share.strokes());
        }
    }

    private static final List<Rule<Seen>> CURRENT = List.of(Rule.<Seen>of(
                    "waveform-current",
                    Seen::low,
                    "It asks less of the starter than its sisters: less compression, whatever the reason.",
                    "The current of the starter follows what each cylinder holds, roughly.")
            .pointsTo(
                    2,
                    Fault.RING_SEAL,
                    Fault.BROKEN,
                    Fault.EXHAUST_VALVE,
                    Fault.INTAKE_VALVE,
                    Fault.VALVE_HELD,
                    Fault.VALVE_NOT_OPENING)
            .toldApartBy("Read compression on it and on a sister.")
            .measured(Seen::words));

    private static final List<Rule<Seen>> PULSES = List.of(Rule.<Seen>of(
                    "waveform-pulse",
                    Seen::standsOut,
                    "Its pulse in the crankcase stands out: gas gets past there.",
                    "Each power or compression stroke presses what its rings let by into the crankcase.")
            .pointsTo(2, Fault.RING_SEAL, Fault.BROKEN)
            .toldApartBy("Leak-down on it, and listen at the filler.")
            .measured(Seen::words));

    private WaveformRules() {}

    /** Every line of the tables, to be reviewed. */
    public static List<Finding> lines() {
        return Stream.of(CURRENT, PULSES).flatMap(List::stream).map(Rule::line).toList();
    }

    static List<Finding> read(WaveformAnalysis analysis) {
        List<Finding> all = new ArrayList<>();
        for (WaveformResult result : analysis.results()) {
            for (CylinderShare share : result.shares()) {
                double others = result.shares().stream()
                        .filter(s -> s != share)
                        .mapToDouble(CylinderShare::percent)
                        .average()
                        .orElse(share.percent());
                List<CylinderNumber> where = List.of(share.cylinder());
                Seen seen = new Seen(share, others);
                if (result.kind() == WaveformKind.STARTER_CURRENT) {
                    CURRENT.forEach(r -> r.about(seen, COMPRESSION, where).ifPresent(all::add));
                } else {
                    PULSES.forEach(r -> r.about(seen, BLOWBY, where).ifPresent(all::add));
                }
            }
        }
        return all;
    }
}
