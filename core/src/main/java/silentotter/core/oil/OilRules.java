package silentotter.core.oil;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Judged;
import silentotter.core.finding.Rule;
import silentotter.core.finding.Statement;

/** What measured oil use says. Judgement values from trade practice, each with its reason. */
final class OilRules {
    static final String SOURCE = "OIL";

    private OilRules() {}

    static List<Statement> read(Engine engine, OilAnalysis said) {
        List<Statement> all = new ArrayList<>();
        boolean rises = said.faults().stream().anyMatch(f -> f.kind() == OilFaultKind.RISING);
        if (rises) {
            all.add(rule(
                    "oil-rises",
                    "The oil level rises by itself: something gets into it.",
                    "No top-up explains it. What is lost meanwhile cannot be told.",
                    4,
                    "Fuel smells and spreads on paper; coolant leaves its own tank.",
                    Fault.COOLANT_ENTRY,
                    Fault.RICH));
        }
        Optional<OilOpinion> leading = said.leading();
        if (leading.isEmpty() || !said.faults().isEmpty()) {
            return all;
        }
        OilOpinion opinion = leading.get();
        Fault[] ways = OilPath.of(engine).stream().map(OilPath::suspect).toArray(Fault[]::new);
        double sure = opinion.proved() ? 1 : 0.5;
        if (opinion.judged().orElseThrow() == Judged.SOUND) {
            all.add(rule(
                    "oil-use-sound",
                    "Oil use is within what " + opinion.school().words() + " allows.",
                    opinion.says() + ".",
                    Math.pow(0.4, sure),
                    "It clears the sum, not each cylinder.",
                    Fault.OIL_CONTROL,
                    Fault.STEM_SEAL));
        } else {
            all.add(rule(
                    "oil-use-high",
                    "It uses oil beyond " + opinion.school().words() + ".",
                    opinion.says() + ".",
                    Math.pow(opinion.judged().get() == Judged.FAULT ? 3 : 1.6, sure),
                    "Which way it goes, the rate alone cannot say: see the signs that split the ways.",
                    ways));
        }
        return all;
    }

    private static Statement rule(
            String name, String says, String because, double ratio, String apart, Fault... suspects) {
        return Rule.<Boolean>of(name, b -> b, says, because)
                .pointsTo(ratio, suspects)
                .toldApartBy(apart)
                .about(true, SOURCE, List.of())
                .orElseThrow();
    }
}
