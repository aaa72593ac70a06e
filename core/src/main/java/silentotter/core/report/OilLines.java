package silentotter.core.report;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.oil.OilAnalysis;
import silentotter.core.oil.OilChange;
import silentotter.core.oil.OilDue;
import silentotter.core.oil.OilProof;
import silentotter.core.oil.OilTrial;
import silentotter.core.oil.TrialResult;
import silentotter.core.wording.Say;

/** What the oil log says beyond its rate: what is proved, what changed with what, each trial, what falls due. */
final class OilLines {
    private OilLines() {}

    /** Sentences with marks. */
    static List<String> of(Interpretation said) {
        OilAnalysis oil = said.said().of(OilAnalysis.class, OilAnalysis.NONE);
        List<OilTrial> trials = said.record().all(OilTrial.class).stream()
                .filter(OilTrial::counts)
                .toList();
        return Stream.of(
                        oil.proofs().stream().map(OilLines::proof),
                        oil.changes().stream().map(OilLines::change),
                        oil.trials().stream().map(t -> trial(t, trials)),
                        oil.due().stream().map(OilLines::due))
                .flatMap(lines -> lines)
                .toList();
    }

    private static String proof(OilProof p) {
        return p.asked() + ": " + p.proved().map(yes -> yes ? "yes" : "no").orElse(p.says()) + ".";
    }

    private static String change(OilChange c) {
        return Say.sentence(c.what()) + c.date().map(d -> ", " + d).orElse("") + ": " + c.says();
    }

    /** How it was run, and what it found. */
    private static String trial(TrialResult result, List<OilTrial> trials) {
        String load = trials.stream()
                .filter(t -> t.from().equals(result.from()))
                .findFirst()
                .map(t -> ": " + Say.typed(t.load())
                        + t.to().map(to -> ", to " + to).orElse(", running")
                        + (t.cleanPlugs() ? ", clean plugs" : ""))
                .orElse("");
        String perWork = result.gramsPerKwh()
                .map(g ->
                        String.format(Locale.ROOT, " %.2f to %.2f g/kWh at that load.", Math.max(0, g.low()), g.high()))
                .orElse("");
        return "Trial from " + result.from() + load + ". " + result.says() + perWork;
    }

    private static String due(OilDue d) {
        return Say.sentence(d.kind().words())
                + d.date().map(day -> ", about " + day).orElse("") + ": " + d.says();
    }
}
