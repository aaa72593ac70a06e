package silentotter.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import silentotter.core.compression.CompressionAnalyst;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.PassKind;
import silentotter.core.crankcase.CrankcaseHold;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.job.JobRecord;
import silentotter.core.wording.Say;

/** What was done on a job, and what could not be seen for what was not. */
final class Tested {
    private final Engine engine;
    private final Results results;
    private final List<CylinderNumber> cranked;
    private final List<CylinderNumber> aired;
    private final boolean wet;
    private final boolean flow;
    private final boolean oil;

    Tested(JobRecord record, Results results) {
        this.engine = record.engine();
        this.results = results;
        cranked = results.compression().cylinders().values().stream()
                .filter(c -> c.value().isPresent())
                .map(c -> c.cylinder())
                .toList();
        aired = results.leakdown().cylinders().keySet().stream().sorted().toList();
        wet = record.all(CompressionPass.class).stream()
                .anyMatch(
                        p -> p.kind() == PassKind.WET && p.counting().findAny().isPresent());
        flow = results.blowby().points().stream().anyMatch(p -> p.flowLPerMin().isPresent());
        oil = results.oil().axes().stream().anyMatch(a -> a.rate().isPresent());
    }

    boolean cranked(CylinderNumber c) {
        return cranked.contains(c);
    }

    boolean aired(CylinderNumber c) {
        return aired.contains(c);
    }

    List<CylinderNumber> cranked() {
        return cranked;
    }

    List<CylinderNumber> aired() {
        return aired;
    }

    boolean wet() {
        return wet;
    }

    boolean wet(CylinderNumber c) {
        return results.compression().wet(c).isPresent();
    }

    boolean wetMakesSense(CylinderNumber c) {
        return engine.cycle() != Cycle.TWO_STROKE
                && CompressionAnalyst.wetRefusal(engine, c).isEmpty();
    }

    /** Whether there is one that the gauges cannot see: a two-stroke has none. */
    boolean anOilRing() {
        return engine.cycle() != Cycle.TWO_STROKE;
    }

    boolean flow() {
        return flow;
    }

    boolean oil() {
        return oil;
    }

    boolean plugs() {
        return !results.plugs().looks().isEmpty();
    }

    boolean inside() {
        return !results.examination().inside().isEmpty();
    }

    boolean inside(CylinderNumber c) {
        return results.examination().inside().containsKey(c.value());
    }

    boolean smoke() {
        return !results.signs().smoke().isEmpty();
    }

    Outlook.DoneTests done() {
        List<CylinderNumber> all = engine.arrangement().cylinders();
        return new Outlook.DoneTests(
                cranked,
                all.stream().filter(this::wet).toList(),
                all.stream()
                        .filter(this::wetMakesSense)
                        .filter(c -> !engine.isDiesel())
                        .toList(),
                aired,
                all.stream()
                        .filter(c -> results.leakdown()
                                .at(c)
                                .filter(l -> l.attempts() > 1)
                                .isPresent())
                        .toList(),
                all.stream().filter(this::inside).toList(),
                all.stream()
                        .filter(c -> results.examination().valves().cylinders().containsKey(c.value()))
                        .toList(),
                plugs(),
                smoke(),
                !results.signs().leaks().isEmpty(),
                results.signs().coolant().gasTest().isPresent(),
                flow,
                oil,
                !results.examination().crankcase().equals(CrankcaseHold.EMPTY));
    }

    /** How many kinds of test say something of the seal. */
    private int kinds() {
        int kinds = 0;
        for (boolean done :
                new boolean[] {!cranked.isEmpty(), !aired.isEmpty(), plugs(), flow, oil, inside(), smoke()}) {
            kinds += done ? 1 : 0;
        }
        return kinds;
    }

    boolean nothing() {
        return kinds() == 0
                && results.findings().stream().allMatch(s -> s.station().equals("INTAKE"));
    }

    /** With one kind of test only a figure would say more than is known: base rates differ from shop to shop. */
    boolean little() {
        return kinds() <= 1;
    }

    /** What was not done, and what it would have shown. */
    List<String> untested() {
        List<String> lines = new ArrayList<>();
        List<CylinderNumber> all = engine.arrangement().cylinders();
        if (cranked.isEmpty()) {
            lines.add("No compression: which cylinder is weaker than its sisters is not known.");
        } else if (cranked.size() < all.size()) {
            lines.add("No compression on " + Say.cylinders(without(all, cranked)) + ": nothing is said of them.");
        }
        if (aired.isEmpty()) {
            lines.add("No leak-down: small leaks, and which way the air goes, are not seen.");
        } else if (aired.size() < all.size()) {
            lines.add("No leak-down on " + Say.cylinders(without(all, aired)) + ".");
        }
        if (!wet && !cranked.isEmpty() && all.stream().anyMatch(this::wetMakesSense)) {
            lines.add("No wet test: rings are not told from valves by oil.");
        }
        if (!oil && engine.cycle() != Cycle.TWO_STROKE) {
            lines.add("No measured oil use: oil rings, stem seals and outside leaks are not cleared.");
        }
        if (!plugs() && !engine.isDiesel()) {
            lines.add("Plugs not read: oil or water in one cylinder could hide.");
        }
        if (!flow && engine.cycle() != Cycle.TWO_STROKE) {
            lines.add("No blow-by: a ring that leaks only while running could hide.");
        }
        if (!inside()) {
            lines.add("Not looked inside: scoring, a wet crown or valve back could hide.");
        }
        return lines;
    }

    private static List<CylinderNumber> without(List<CylinderNumber> all, List<CylinderNumber> done) {
        return all.stream().filter(c -> !done.contains(c)).toList();
    }
}
