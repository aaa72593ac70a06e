package silentotter.core.diagnosis;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import silentotter.core.compression.CylinderResult;
import silentotter.core.compression.CylinderResult.Standing;
import silentotter.core.diagnosis.Headline.HeadlineLine;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Cause;
import silentotter.core.fault.Family;
import silentotter.core.finding.Finding;
import silentotter.core.inference.Member;
import silentotter.core.inference.Probabilities;
import silentotter.core.intake.Intake.ComplaintKind;
import silentotter.core.wording.Say;

/** What is certain and what it means: two lines with separate certainties. */
final class Headlines {
    private static final double LOSES_SEAL = Odds.LIKELY.from();
    private static final double NAMED_TOO = Odds.LIKELY.from();
    private static final double NAMED_FOR_COMPLAINT = Odds.EVEN.from();
    private static final double SETTLED = Odds.LIKELY.from();
    private static final double SAID = Odds.POSSIBLE.from();

    private final Engine engine;
    private final Results results;
    private final Tested tested;
    private final Probabilities p;
    private final List<Suspect> suspects;
    private final List<DoubtedReading> measuring;
    private final List<Contradiction> contradictions;
    private final List<Finding> stops;

    Headlines(
            Engine engine,
            Results results,
            Tested tested,
            Probabilities p,
            List<Suspect> suspects,
            List<DoubtedReading> measuring,
            List<Contradiction> contradictions,
            List<Finding> stops) {
        this.engine = engine;
        this.results = results;
        this.tested = tested;
        this.p = p;
        this.suspects = suspects;
        this.measuring = measuring;
        this.contradictions = contradictions;
        this.stops = stops;
    }

    Headline headline(List<NextStep> next) {
        String action = next.isEmpty() ? "" : next.get(0).text();
        if (!stops.isEmpty()) {
            return new Headline(
                    new HeadlineLine("Do not run it", 1, stops.get(0).says()), meant(), action);
        }
        if (tested.nothing()) {
            return new Headline(new HeadlineLine("Nothing tested yet", 1, ""), Optional.empty(), action);
        }
        return new Headline(certain(), meant(), action);
    }

    Tone tone() {
        if (tested.nothing() && stops.isEmpty()) {
            return Tone.EMPTY;
        }
        if (!stops.isEmpty()) {
            return Tone.LOSS;
        }
        if (!contradictions.isEmpty()) {
            return Tone.DOUBT;
        }
        Suspect first = leading().orElseGet(() -> suspects.get(0));
        if (!first.anythingWrong()) {
            // What nothing was done about competes by its prior alone: it is said as untested and makes no doubt.
            boolean rival = suspects.stream()
                    .anyMatch(s -> s.anythingWrong() && s.testedFor() && s.probability() >= NAMED_FOR_COMPLAINT);
            return rival || !allRead() ? Tone.DOUBT : Tone.SOUND;
        }
        if (first.family() == Family.ALL_ALIKE) {
            return Tone.DOUBT;
        }
        return first.probability() >= NAMED_FOR_COMPLAINT ? Tone.LOSS : Tone.DOUBT;
    }

    private boolean allRead() {
        return engine.arrangement().cylinders().stream().allMatch(c -> tested.cranked(c) || tested.aired(c))
                || tested.cranked().isEmpty() && tested.aired().isEmpty();
    }

    /** Which suspect the headline is about; empty where nothing was tested. */
    Optional<Suspect> leading() {
        return tested.nothing() ? Optional.empty() : Suspect.leading(suspects);
    }

    /** What the gauges show by themselves, before anything is read into it. */
    private HeadlineLine certain() {
        Optional<DoubtedReading> wrong = measuring.stream()
                .filter(DoubtedReading::named)
                .filter(d -> !d.cylinders().isEmpty())
                .findFirst();
        List<CylinderNumber> low = weak();
        if (wrong.isPresent() && low.stream().allMatch(wrong.get().cylinders()::contains)) {
            return new HeadlineLine(
                    "A reading does not fit",
                    wrong.get().probability(),
                    words(wrong.get().probability()));
        }
        if (!low.isEmpty()) {
            double sure = low.stream().mapToDouble(this::fault).min().orElse(0);
            boolean byCompression = low.stream().allMatch(c -> standing(c) == Standing.LOW);
            String what = byCompression ? " low" : low.size() == 1 ? " leaks" : " leak";
            return new HeadlineLine(
                    (low.size() == 1 ? "Cylinder " : "Cylinders ") + Say.cylinders(low) + what, sure, words(sure));
        }
        if (!tested.aired().isEmpty() || !tested.cranked().isEmpty()) {
            return level();
        }
        return new HeadlineLine("By signs alone", 1, "no gauge was read");
    }

    private HeadlineLine level() {
        int n = engine.arrangement().count();
        int read = Math.max(tested.aired().size(), tested.cranked().size());
        if (read < n) {
            return new HeadlineLine(
                    read + " of " + n + " cylinders read: none stands out", 1, "nothing is said of the others");
        }
        double even = p.of(new Member(Cause.EVEN_WEAR, -1, -1));
        double some = 1
                - IntStream.range(0, n)
                        .mapToDouble(i -> 1 - fault(CylinderNumber.of(i + 1)))
                        .reduce(1, (a, b) -> a * b);
        if (n == 1 && tested.aired().isEmpty() && noLevel().isPresent()) {
            return new HeadlineLine(
                    "Cannot be judged yet", Math.max(some, even), noLevel().get());
        }
        if (n == 1) {
            double well = 1 - Math.max(some, even);
            return well >= SETTLED
                    ? new HeadlineLine("The cylinder holds", well, words(well))
                    : new HeadlineLine("Cannot be judged yet", 1 - well, "no sister to compare with");
        }
        double alike = 1 - some;
        return alike >= NAMED_FOR_COMPLAINT
                ? new HeadlineLine(
                        n == 2 ? "Both cylinders alike" : "All " + n + " cylinders alike", alike, words(alike))
                : new HeadlineLine("Cannot be judged yet", alike, "one of them may leak");
    }

    /** Why the reading of a cylinder without a sister says nothing of its level. */
    private Optional<String> noLevel() {
        return measuring.stream()
                .flatMap(d -> d.kind().stream())
                .map(Doubts.NO_LEVEL::get)
                .filter(Objects::nonNull)
                .findFirst();
    }

    /** Cylinders that are likely to lose their seal or to be filled badly, the surest first. */
    private List<CylinderNumber> weak() {
        return engine.arrangement().cylinders().stream()
                .filter(c -> fault(c) >= LOSES_SEAL || standing(c) == Standing.LOW && fault(c) >= NAMED_FOR_COMPLAINT)
                .toList();
    }

    private Standing standing(CylinderNumber c) {
        CylinderResult r = results.compression().cylinders().get(c);
        return r == null ? Standing.NOT_READ : r.standing();
    }

    private double fault(CylinderNumber c) {
        return Cylinders.fault(p, c);
    }

    private String words(double probability) {
        return Odds.of(probability).words();
    }

    /** The leading suspect, a second one that is likely too, and what matters to the complaint. */
    private Optional<HeadlineLine> meant() {
        if (suspects.isEmpty() || tested.nothing()) {
            return Optional.empty();
        }
        Suspect first = leading().orElseGet(() -> suspects.get(0));
        if (first.probability() < SAID) {
            return Optional.of(new HeadlineLine("Cannot be judged yet", first.probability(), "nothing stands out"));
        }
        StringBuilder text = new StringBuilder(first.text());
        if (first.odds().compareTo(Odds.EVEN) >= 0) {
            suspects.stream()
                    .filter(s -> s != first && s.testedFor())
                    .filter(s -> s.odds() == first.odds() || s.probability() >= first.probability() / 2)
                    .limit(1)
                    .forEach(s -> text.append(" or ").append(Say.inside(s.text())));
        } else {
            also(first)
                    .ifPresent(s -> text.append(s.probability() >= NAMED_TOO ? "; and " : "; and perhaps ")
                            .append(Say.inside(s.text())));
        }
        return Optional.of(new HeadlineLine(text.toString(), first.probability(), sure(first)));
    }

    /** A second fault that is likely as well, what another weak cylinder has, or what the owner complains of. */
    private Optional<Suspect> also(Suspect first) {
        Optional<Suspect> likely = suspects.stream()
                .filter(s -> s != first && s.testedFor())
                .filter(Suspect::anythingWrong)
                .filter(s -> s.probability() >= NAMED_TOO)
                .findFirst();
        if (likely.isPresent()) {
            return likely;
        }
        List<CylinderNumber> others =
                weak().stream().filter(c -> !first.cylinders().contains(c)).toList();
        Optional<Suspect> elsewhere = suspects.stream()
                .filter(s -> s != first && s.testedFor() && s.probability() >= NAMED_FOR_COMPLAINT)
                .filter(s -> s.cylinders().stream().anyMatch(others::contains))
                .findFirst();
        if (elsewhere.isPresent()) {
            return elsewhere;
        }
        boolean oil = results.intake().complains(ComplaintKind.OIL_USE)
                || results.intake().complains(ComplaintKind.SMOKE);
        return suspects.stream()
                .filter(s -> s != first && s.probability() >= NAMED_FOR_COMPLAINT)
                .filter(s -> oil && (s.family() == Family.OIL_ENTRY || s.family() == Family.OUTSIDE_LEAK))
                .findFirst();
    }

    private String sure(Suspect first) {
        if (!contradictions.isEmpty()) {
            return "not settled: something does not fit";
        }
        if (tested.little()) {
            return first.odds() == Odds.PRACTICALLY_CERTAIN
                    ? first.words()
                    : (first.odds().compareTo(Odds.LIKELY) <= 0 ? "likely" : first.words()) + ", little tested yet";
        }
        return first.words();
    }
}
