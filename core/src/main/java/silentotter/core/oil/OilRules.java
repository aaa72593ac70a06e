package silentotter.core.oil;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Judged;
import silentotter.core.finding.Rule;

/** What measured oil use says. Judgement values from trade practice, each with its reason. */
public final class OilRules {
    static final String SOURCE = "OIL";

    private static final Rule<OilAnalysis> RISES = Rule.<OilAnalysis>of(
                    "oil-rises",
                    o -> o.faults().stream().anyMatch(f -> f.kind() == OilFaultKind.RISING),
                    "The oil level rises by itself: something gets into it.",
                    "No top-up explains it. What is lost meanwhile cannot be told.")
            .pointsTo(4, Fault.COOLANT_ENTRY, Fault.RICH)
            .toldApartBy("Fuel smells and spreads on paper; coolant leaves its own tank.");

    /** What a proved rate says; one that is not proved yet has half the weight. */
    private static final List<Rule<OilOpinion>> RATE = List.of(
            rate(
                            "oil-use-sound",
                            Judged.SOUND,
                            "Oil use is within what is allowed.",
                            "Held against the limits of the school that leads.",
                            "It clears the sum, not each cylinder.")
                    .pointsTo(0.4, Fault.OIL_CONTROL, Fault.STEM_SEAL),
            high("oil-use-watch", Judged.WATCH).pointsTo(1.6, ways()),
            high("oil-use-high", Judged.FAULT).pointsTo(3, ways()));

    private OilRules() {}

    private static Rule<OilOpinion> high(String name, Judged as) {
        return rate(
                name,
                as,
                "It uses more oil than is allowed.",
                "Held against the limits of the school that leads: burnt, leaked and thrown out together.",
                "Which way it goes, the rate alone cannot say: see the signs that split the ways.");
    }

    private static Rule<OilOpinion> rate(String name, Judged as, String says, String because, String apart) {
        return Rule.<OilOpinion>of(name, o -> o.judged().filter(as::equals).isPresent(), says, because)
                .measured(o -> o.says() + ".")
                .unsureWhen(o -> !o.proved())
                .toldApartBy(apart);
    }

    private static Fault[] ways() {
        return Stream.of(OilPath.values()).map(OilPath::suspect).toArray(Fault[]::new);
    }

    /** Every line of the table, to be reviewed. */
    public static List<Finding> lines() {
        return Stream.concat(Stream.of(RISES), RATE.stream()).map(Rule::line).toList();
    }

    static List<Finding> read(Engine engine, OilAnalysis said) {
        List<Fault> possible = OilPath.of(engine).stream().map(OilPath::suspect).toList();
        Optional<OilOpinion> leading = said.leading().filter(o -> said.faults().isEmpty());
        return Stream.concat(
                        RISES.about(said, SOURCE, List.of()).stream(),
                        leading.stream()
                                .flatMap(o -> RATE.stream()
                                        .flatMap(r -> r.about(o, SOURCE, List.of()).stream())
                                        .flatMap(f -> f.without(w -> !possible.contains(w)).stream())))
                .toList();
    }
}
