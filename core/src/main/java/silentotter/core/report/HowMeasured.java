package silentotter.core.report;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import silentotter.core.blowby.BlowbyReading;
import silentotter.core.blowby.CrankcaseVent;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.CompressionReading;
import silentotter.core.compression.Conditions;
import silentotter.core.compression.PassKind;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.instruments.CompressionGauge;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.job.Ambient;
import silentotter.core.job.JobRecord;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.leakdown.LeakdownReading.LeakdownKind;
import silentotter.core.oil.OilEntry;
import silentotter.core.oil.OilEntryKind;
import silentotter.core.quantity.Volume;
import silentotter.core.report.Report.Entry;
import silentotter.core.wording.Labels;
import silentotter.core.wording.Say;

/** Under which conditions and with which instruments each test was done; what nobody wrote down is said too. */
final class HowMeasured {
    private final JobRecord record;

    HowMeasured(JobRecord record) {
        this.record = record;
    }

    /** Sentences with marks, in the order of the round; names of instruments without. */
    List<Entry> lines() {
        List<Entry> lines = new ArrayList<>();
        List<CompressionPass> passes = record.all(CompressionPass.class).stream()
                .filter(p -> p.counting().findAny().isPresent())
                .toList();
        Optional<Conditions> before = Optional.empty();
        for (CompressionPass pass : passes) {
            long alike = passes.stream().filter(p -> p.kind() == pass.kind()).count();
            String name = pass.kind() == PassKind.DRY ? "Compression" : "Wet test";
            lines.add(new Entry(
                    name + (alike > 1 ? " " + place(pass, passes) : ""),
                    (pass.kind() == PassKind.WET ? oil(pass) : "")
                            + (before.filter(pass.conditions()::equals).isPresent()
                                    ? "Otherwise as before."
                                    : conditions(pass.conditions()))));
            before = Optional.of(pass.conditions());
        }
        leakdown().forEach((tester, text) -> lines.add(new Entry("Leak-down", tester + text)));
        blowby().ifPresent(text -> lines.add(new Entry("Blow-by", text)));
        dips().ifPresent(text -> lines.add(new Entry("Oil use", text)));
        if (!passes.isEmpty() || !record.all(LeakdownReading.class).isEmpty()) {
            lines.add(new Entry("Air", air(record.ambient())));
        }
        return lines;
    }

    private static int place(CompressionPass pass, List<CompressionPass> passes) {
        return passes.stream().filter(p -> p.kind() == pass.kind()).toList().indexOf(pass) + 1;
    }

    private String conditions(Conditions c) {
        String how = Stream.of(
                        c.temperature().map(Labels::of).orElse("temperature not noted"),
                        c.throttle().map(t -> "throttle " + Labels.of(t)).orElse("throttle not noted"),
                        c.plugsOut()
                                .map(p -> p == Conditions.PlugsOut.ALL ? "all plugs out" : "plugs out one at a time")
                                .orElse("plugs not noted"),
                        c.length().map(l -> l.inWords()).orElse("strokes not noted"),
                        c.crankingSpeed()
                                .map(s -> Say.number(Math.rint(s.rpm())) + " rpm")
                                .orElse("speed not noted"))
                .collect(Collectors.joining(", "));
        return Say.sentence(how) + ". " + gauge(c.gauge(), c.cold());
    }

    private static String gauge(CompressionGauge gauge, boolean cold) {
        String repeats = "repeats to ± "
                + Math.round(100 * (cold ? CompressionGauge.COLD_REPEATABILITY : CompressionGauge.HOT_REPEATABILITY))
                + " % and half a division";
        return gauge.fullScale()
                        .map(f -> "Gauge to " + Say.pressure(f)
                                + gauge.division()
                                        .map(d -> " by " + Say.pressure(d))
                                        .orElse("") + ", ")
                        .orElse("Gauge not noted, ")
                + repeats + ".";
    }

    private String oil(CompressionPass pass) {
        Map<CylinderNumber, Volume> poured = new LinkedHashMap<>();
        pass.counting().forEach(r -> poured.merge(r.cylinder(), r.oil().orElse(Volume.ofMillilitres(0)), Volume::plus));
        Optional<CompressionReading> unknown =
                pass.counting().filter(r -> r.oil().isEmpty()).findFirst();
        String how = unknown.isPresent()
                ? "Oil not noted on " + Say.cylinders(poured.keySet())
                : poured.entrySet().stream()
                        .map(e -> Say.volume(e.getValue()) + " on " + Say.cylinder(e.getKey()))
                        .collect(Collectors.joining(", "));
        return how + "; its volume alone is taken off. ";
    }

    /** By tester, how it was read and in which state the engine was. */
    private Map<String, String> leakdown() {
        Map<LeakdownTester, List<LeakdownReading>> by = record.all(LeakdownReading.class).stream()
                .filter(LeakdownReading::counts)
                .collect(Collectors.groupingBy(LeakdownReading::tester, LinkedHashMap::new, Collectors.toList()));
        Map<String, String> lines = new LinkedHashMap<>();
        by.forEach((tester, readings) -> {
            String states = readings.stream()
                    .map(r -> r.state().map(Labels::of).orElse("temperature not noted"))
                    .distinct()
                    .collect(Collectors.joining(", "));
            String others = readings.stream()
                    .map(LeakdownReading::kind)
                    .filter(k -> k != LeakdownKind.STANDARD)
                    .distinct()
                    .map(k -> ", also with " + Labels.of(k))
                    .collect(Collectors.joining());
            lines.merge(
                    Say.typed(tester.name()),
                    ": " + tester(tester) + ". " + Say.sentence(states) + others + ".",
                    (a, b) -> a);
        });
        return lines;
    }

    private static String tester(LeakdownTester t) {
        return Labels.of(t.kind())
                + t.supply().map(s -> ", " + Say.pressure(s)).orElse(", supply not known")
                + t.orifice()
                        .map(o -> ", orifice " + String.format(Locale.ROOT, "%.2f", o.mm()) + " mm")
                        .orElse(", orifice not known")
                + (t.calibrated()
                        ? ", calibrated on a known hole" + (t.checks() > 1 ? ", " + t.checks() + " checks" : "")
                        : ", not calibrated");
    }

    private Optional<String> blowby() {
        List<String> ways = record.all(BlowbyReading.class).stream()
                .filter(BlowbyReading::counts)
                .map(HowMeasured::way)
                .distinct()
                .toList();
        return ways.isEmpty() ? Optional.empty() : Optional.of(String.join("; ", ways) + ".");
    }

    private static String way(BlowbyReading r) {
        return r.instrument().words()
                + r.orifice()
                        .map(o -> ", orifice " + Say.number(o.diameter().mm()) + " mm"
                                + (r.edgeKnown() ? "" : ", its edge not noted"))
                        .orElse("")
                + (r.ventilation() == CrankcaseVent.SHUT ? ", ventilation shut" : ", ventilation as found");
    }

    private Optional<String> dips() {
        List<OilEntry> lines =
                record.all(OilEntry.class).stream().filter(OilEntry::counts).toList();
        long dips = lines.stream().filter(e -> e.kind() == OilEntryKind.DIP).count();
        if (lines.isEmpty()) {
            return Optional.empty();
        }
        List<LocalDate> days =
                lines.stream().flatMap(e -> e.date().stream()).sorted().toList();
        String span = days.isEmpty() ? "" : ", " + days.get(0) + " to " + days.get(days.size() - 1);
        return Optional.of(dips + (dips == 1 ? " dip" : " dips") + " and " + (lines.size() - dips)
                + " other lines of the log" + span + ".");
    }

    private static String air(Ambient ambient) {
        String pressure = Say.pressure(ambient.pressure()) + (ambient.isKnown() ? "" : " taken, as nobody noted it");
        return "Ambient " + pressure
                + ambient.temperature().map(t -> ", " + Say.temperature(t)).orElse("") + ".";
    }
}
