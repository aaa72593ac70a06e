package silentotter.core.diagnosis;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.zip.CRC32;
import silentotter.core.blowby.BlowbyRules;
import silentotter.core.compression.BuildUpRules;
import silentotter.core.crankcase.HoldRules;
import silentotter.core.fault.Cause;
import silentotter.core.fault.Circumstance;
import silentotter.core.fault.Complaint;
import silentotter.core.fault.EngineKind;
import silentotter.core.finding.Finding;
import silentotter.core.inside.InsideRules;
import silentotter.core.intake.IntakeRules;
import silentotter.core.leakdown.PassRules;
import silentotter.core.oil.OilRules;
import silentotter.core.plugs.PlugRules;
import silentotter.core.plugs.PlugSetRules;
import silentotter.core.signs.SignRules;
import silentotter.core.valves.ClearanceRules;
import silentotter.core.waveform.WaveformRules;

/** Every table whose figures somebody judged, by its name: to be reviewed, and to tell one version of them from another. */
public final class RuleTables {
    private static final Map<String, List<Finding>> ALL = new TreeMap<>(Map.ofEntries(
            Map.entry("Told at the intake", IntakeRules.lines()),
            Map.entry("Oil, coolant, leaks, breather, smoke", SignRules.lines()),
            Map.entry("Plugs", PlugRules.lines()),
            Map.entry("Plugs, the whole set", PlugSetRules.lines()),
            Map.entry("Crankcase pressure and blow-by", BlowbyRules.lines()),
            Map.entry("Crankcase hold of a two-stroke", HoldRules.lines()),
            Map.entry("Measured oil use", OilRules.lines()),
            Map.entry("Build-up, stroke by stroke", BuildUpRules.lines()),
            Map.entry("Leak-down with oil and at a second pressure", PassRules.lines()),
            Map.entry("Valve clearance", ClearanceRules.lines()),
            Map.entry("Waveforms", WaveformRules.lines()),
            Map.entry("Inside, by camera", InsideRules.lines())));

    private static final String VERSION = fingerprint();

    private RuleTables() {}

    public static Map<String, List<Finding>> all() {
        return ALL;
    }

    /** The line of a rule; empty where there is none of that name any more. */
    public static Optional<Finding> line(String rule) {
        return ALL.values().stream()
                .flatMap(List::stream)
                .filter(f -> f.rule().equals(rule))
                .findFirst();
    }

    /** Eight hexadecimal digits that change with any judged figure: of a rule, a prior, a circumstance or a complaint. */
    public static String version() {
        return VERSION;
    }

    private static String fingerprint() {
        StringBuilder text = new StringBuilder();
        ALL.values().stream()
                .flatMap(List::stream)
                .forEach(f -> text.append(f.rule()).append(new TreeMap<>(f.ratios())));
        for (Cause c : Cause.values()) {
            for (EngineKind kind : EngineKind.values()) {
                text.append(c).append(c.prior(kind));
            }
        }
        for (Circumstance c : Circumstance.values()) {
            text.append(c).append(new TreeMap<>(c.factors()));
        }
        for (Complaint c : Complaint.values()) {
            text.append(c).append(new TreeMap<>(c.factors()));
        }
        CRC32 sum = new CRC32();
        text.chars().forEach(sum::update);
        return String.format("%08x", sum.getValue());
    }
}
