package silentotter.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import silentotter.core.blowby.RingFit;
import silentotter.core.finding.Said;
import silentotter.core.leakdown.CrossCheck;
import silentotter.core.wording.Say;

/** What no single story explains well, with the stories that would. */
final class Contradictions {
    /** A finding that speaks so strongly against what leads is not explained by it. */
    private static final double AGAINST_DECIBANS = -8;

    private Contradictions() {}

    static List<Contradiction> of(
            Results results,
            Said said,
            List<DoubtedReading> measuring,
            List<Suspect> suspects,
            List<WeighedFinding> findings) {
        List<Contradiction> all = new ArrayList<>();
        results.leakdown().crossChecks().stream()
                .filter(c -> c.outcome() != CrossCheck.Outcome.AGREE)
                .forEach(c -> all.add(crossCheck(c)));
        measuring.stream()
                .filter(d -> d.probability() >= Doubts.NAMED)
                .filter(d -> d.test().equals("COMPRESSION")
                        || d.test().equals("LEAKDOWN")
                        || d.test().equals("BLOWBY"))
                .filter(d -> d.kind().filter(Doubts.NO_LEVEL::containsKey).isEmpty())
                .filter(d -> all.isEmpty())
                .forEach(d -> all.add(new Contradiction(
                        List.of(),
                        d.text(),
                        List.of("The reading is wrong.", "Or two faults at once that rarely come together."),
                        d.remedy())));
        said.of(RingFit.class)
                .filter(f -> f.fits().filter(b -> !b).isPresent())
                .ifPresent(f -> all.add(new Contradiction(
                        List.of("blowby"),
                        "Blow-by and leak-down do not fit each other.",
                        List.of(f.says()),
                        "Repeat the cheaper of the two.")));
        against(suspects, findings, all);
        return all;
    }

    private static Contradiction crossCheck(CrossCheck c) {
        int i = c.cylinder().value() - 1;
        List<String> stories = c.outcome() == CrossCheck.Outcome.LOWER_THAN_LEAK
                ? List.of(
                        "The seal is good at rest and what moves is not: lobe, lifter, clearance, timing.",
                        "The compression reading is low by its adapter or strokes.")
                : List.of(
                        "The leak-down reading is high: wrong stroke, piston off top centre, hose or adapter.",
                        "A valve rests differently from how it moves.");
        String text = "Cylinder " + Say.cylinder(c.cylinder()) + ": leak-down allows "
                + Say.percent(c.predicted().low()) + " to "
                + Say.percent(Math.min(1, c.predicted().high()))
                + " of sound compression, the gauge said " + Say.percent(c.measured()) + ".";
        return new Contradiction(List.of("compression" + i, "leakdown" + i), text, stories, c.retest());
    }

    private static void against(List<Suspect> suspects, List<WeighedFinding> findings, List<Contradiction> to) {
        if (suspects.isEmpty()
                || !suspects.get(0).anythingWrong()
                || suspects.get(0).odds().compareTo(Odds.LIKELY) > 0) {
            return;
        }
        findings.stream()
                .filter(f -> f.isAbout(suspects.get(0)) && f.decibansFor(0) <= AGAINST_DECIBANS)
                .findFirst()
                .ifPresent(f -> to.add(new Contradiction(
                        List.of(f.id()),
                        f.seen() + " speaks against it: " + suspects.get(0).text() + ".",
                        List.of(f.because(), "Or the finding is wrong."),
                        f.tellApart().orElse("Look at it again before anything is taken apart."))));
    }
}
