package silentotter.core.outcome;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import silentotter.core.closing.OwnVerdict;
import silentotter.core.diagnosis.Odds;
import silentotter.core.examination.TestKind;
import silentotter.core.fault.Family;
import silentotter.core.fault.FaultAt;
import silentotter.core.found.Known;
import silentotter.core.found.Known.HowKnown;
import silentotter.core.found.Known.Truth;
import silentotter.core.found.Outcome;
import silentotter.core.outcome.Prediction.Foreseen;
import silentotter.core.outcome.Prediction.Place;
import silentotter.core.outcome.Prediction.Sign;
import silentotter.core.outcome.Prediction.Worth;
import silentotter.core.wording.Labelled;
import silentotter.core.wording.Say;
import silentotter.core.wording.Worded;

/**
 * One prediction held against what was found.
 *
 * @param verdict on the whole
 * @param inWords the same in a sentence or two
 * @param suspects in their order, each with what became of it
 * @param unforeseen what was there and stood among no suspects, with the probability it was given all the same
 * @param misled findings that spoke for what was not there, or against what was, heaviest first
 * @param told findings that spoke for what was there, heaviest first
 * @param skipped tests that were not done and would have told what was missed
 * @param own what became of the technician's own verdict; empty where none was given
 */
public record Review(
        ReviewVerdict verdict,
        String inWords,
        List<Judged> suspects,
        List<Unforeseen> unforeseen,
        List<Spoke> misled,
        List<Spoke> told,
        List<TestKind> skipped,
        Optional<OwnJudged> own)
        implements Worded {

    /** A fault that holds less than this share of its suspect need not be looked at for the suspect to be judged. */
    private static final double COUNTS = .1;
    /** Below this nobody would have acted on it. */
    private static final double MISSED = .4;

    private static final double SPOKE_DECIBANS = 2;
    private static final int MOST_FINDINGS = 5;

    /** How a prediction came out. */
    public enum ReviewVerdict implements Labelled {
        RIGHT,
        PARTLY_RIGHT,
        WRONG,
        NOT_KNOWN
    }

    /**
     * @param because what was found
     * @param scored whether it counts in the shop's record: it could have come out either way
     */
    public record Judged(Foreseen suspect, Odds odds, Truth truth, HowKnown how, String because, boolean scored)
            implements Worded {}

    /** @param probability 0 to 1, at most a few per cent, or it would have been shown */
    public record Unforeseen(String text, double probability, String because) {}

    /** @param decibans towards the suspect; negative spoke against it */
    public record Spoke(String seen, String suspect, double decibans) {}

    /** @param product what the product gave the same suspect, 0 to 1 */
    public record OwnJudged(
            Family family, Optional<Integer> cylinder, double certainty, double product, Truth truth, boolean scored) {}

    public static Review of(Prediction prediction, Outcome outcome) {
        return new Reviewer(prediction, outcome).review();
    }

    /** Whether anything of it is known; no getter, so that results do not show it. */
    public boolean anything() {
        return suspects.stream().anyMatch(j -> j.truth() != Truth.UNKNOWN) || !unforeseen.isEmpty();
    }

    private static final class Reviewer {
        private final Prediction prediction;
        private final Outcome outcome;

        Reviewer(Prediction prediction, Outcome outcome) {
            this.prediction = prediction;
            this.outcome = outcome;
        }

        Review review() {
            List<Judged> judged = new ArrayList<>();
            for (Foreseen row : prediction.suspects()) {
                judged.add(judged(row));
            }
            List<Unforeseen> unforeseen = unforeseen();
            ReviewVerdict verdict = verdict(judged, unforeseen);
            return new Review(
                    verdict,
                    inWords(verdict, judged, unforeseen),
                    judged,
                    unforeseen,
                    spoke(judged, true),
                    spoke(judged, false),
                    skipped(judged),
                    prediction.own().filter(OwnVerdict::complete).map(this::own));
        }

        private Judged judged(Foreseen row) {
            Known known = row.family() == Family.NOTHING_WRONG ? nothingWrong() : of(row);
            return new Judged(
                    row, Odds.of(row.probability()), known.truth(), known.how(), known.because(), known.whole());
        }

        /** There where any of its members was; not there where all that count were ruled out. */
        private Known of(Foreseen row) {
            List<Known> members = prediction.under(row).stream()
                    .filter(p -> p.probability() >= COUNTS * row.probability() && Outcome.canShow(p.fault()))
                    .map(Place::at)
                    .map(outcome::of)
                    .toList();
            boolean whole = members.stream().allMatch(Known::whole);
            Optional<Known> shown = outcome.known().entrySet().stream()
                    .filter(e -> row.includes(e.getKey()) && e.getValue().shown())
                    .map(e -> e.getValue())
                    .min(Comparator.comparing(Known::how));
            if (shown.isPresent()) {
                Known k = shown.get();
                return new Known(k.truth(), k.how(), k.because(), whole);
            }
            boolean out = !members.isEmpty() && members.stream().allMatch(Known::ruledOut);
            return out ? members.stream().max(Comparator.comparing(Known::how)).orElseThrow() : Known.NOTHING;
        }

        /** Nothing wrong is wrong as soon as anything was there, and right only where all that was possible was ruled out. */
        private Known nothingWrong() {
            Optional<FaultAt> any = outcome.present().stream().findFirst();
            List<Known> others = prediction.suspects().stream()
                    .filter(s -> s.family() != Family.NOTHING_WRONG && s.probability() >= COUNTS)
                    .map(this::of)
                    .toList();
            boolean whole = others.stream().allMatch(Known::whole);
            if (any.isPresent()) {
                Known k = outcome.of(any.get());
                return new Known(Truth.ABSENT, k.how(), k.because(), whole);
            }
            return !others.isEmpty() && others.stream().allMatch(Known::ruledOut)
                    ? new Known(Truth.PRESENT, HowKnown.SEEN, "what was suspected was ruled out", whole)
                    : Known.NOTHING;
        }

        private List<Unforeseen> unforeseen() {
            return uncovered()
                    .map(at -> new Unforeseen(
                            at.inWords(), probability(at), outcome.of(at).because()))
                    .toList();
        }

        private double probability(FaultAt at) {
            return prediction.places().stream()
                    .filter(p -> p.at().equals(at))
                    .mapToDouble(Place::probability)
                    .findFirst()
                    .orElse(0);
        }

        private static ReviewVerdict verdict(List<Judged> judged, List<Unforeseen> unforeseen) {
            Optional<Judged> leader = judged.stream().findFirst();
            boolean missed = !unforeseen.isEmpty() || judged.stream().anyMatch(Reviewer::isMissed);
            boolean hit = judged.stream().anyMatch(j -> isThere(j) && !isMissed(j));
            if (leader.isEmpty() || leader.get().truth() == Truth.UNKNOWN) {
                return hit ? ReviewVerdict.PARTLY_RIGHT : missed ? ReviewVerdict.WRONG : ReviewVerdict.NOT_KNOWN;
            }
            if (leader.get().truth() == Truth.PRESENT) {
                return missed ? ReviewVerdict.PARTLY_RIGHT : ReviewVerdict.RIGHT;
            }
            return hit ? ReviewVerdict.PARTLY_RIGHT : ReviewVerdict.WRONG;
        }

        private static boolean isFault(Judged j) {
            return j.suspect().family() != Family.NOTHING_WRONG;
        }

        private static boolean isThere(Judged j) {
            return isFault(j) && j.truth() == Truth.PRESENT;
        }

        private static boolean isMissed(Judged j) {
            return isThere(j) && j.suspect().probability() < MISSED;
        }

        /** What was there and no suspect covers. */
        private Stream<FaultAt> uncovered() {
            return outcome.present().stream()
                    .filter(at -> prediction.suspects().stream().noneMatch(row -> row.includes(at)));
        }

        private static String inWords(ReviewVerdict verdict, List<Judged> judged, List<Unforeseen> unforeseen) {
            StringBuilder text = new StringBuilder(Say.sentence(verdict.words())).append(".");
            judged.stream().findFirst().ifPresent(leader -> {
                text.append(" Said first: ").append(named(leader)).append(".");
                text.append(
                        switch (leader.truth()) {
                            case PRESENT -> " It was so: " + leader.because() + ".";
                            case ABSENT -> " It was not so: " + leader.because() + ".";
                            case UNKNOWN -> " Nobody has looked where that would show.";
                        });
            });
            judged.stream()
                    .skip(1)
                    .filter(Reviewer::isThere)
                    .forEach(j -> text.append(" Also there: ")
                            .append(named(j))
                            .append(": ")
                            .append(j.because())
                            .append("."));
            unforeseen.forEach(u -> text.append(" Not among the suspects, and there: ")
                    .append(Say.inside(u.text()))
                    .append(", held at ")
                    .append(Say.chance(u.probability()))
                    .append(": ")
                    .append(u.because())
                    .append("."));
            return text.toString();
        }

        private static String named(Judged j) {
            return Say.inside(j.suspect().text()) + ", " + j.odds().words() + " ("
                    + Say.chance(j.suspect().probability()) + ")";
        }

        /** @param wrongly what misled, or else what told */
        private List<Spoke> spoke(List<Judged> judged, boolean wrongly) {
            List<Spoke> all = new ArrayList<>();
            for (Sign sign : prediction.signs()) {
                for (Worth worth : sign.worth()) {
                    if (worth.suspect() >= judged.size()) {
                        continue;
                    }
                    Judged j = judged.get(worth.suspect());
                    boolean wrong = j.truth() == Truth.PRESENT && worth.decibans() <= -SPOKE_DECIBANS
                            || j.truth() == Truth.ABSENT && worth.decibans() >= SPOKE_DECIBANS;
                    boolean right = j.truth() == Truth.PRESENT && worth.decibans() >= SPOKE_DECIBANS;
                    if (isFault(j) && (wrongly ? wrong : right)) {
                        all.add(new Spoke(sign.seen(), j.suspect().text(), worth.decibans()));
                    }
                }
            }
            all.sort(Comparator.comparingDouble((Spoke s) -> -Math.abs(s.decibans())));
            return all.stream().limit(MOST_FINDINGS).toList();
        }

        private List<TestKind> skipped(List<Judged> judged) {
            Set<Family> missed = new LinkedHashSet<>();
            judged.stream()
                    .filter(Reviewer::isMissed)
                    .forEach(j -> missed.add(j.suspect().family()));
            uncovered().flatMap(at -> at.fault().family().stream()).forEach(missed::add);
            return missed.stream()
                    .flatMap(f -> Telling.skipped(f, prediction.kind(), prediction.tested()).stream())
                    .distinct()
                    .toList();
        }

        private OwnJudged own(OwnVerdict own) {
            List<Integer> place = own.cylinder().map(List::of).orElse(List.of());
            Foreseen asked = new Foreseen(own.family().orElseThrow(), place, false, "", 0, 0, 0);
            double none = 1;
            for (Place p : prediction.under(asked)) {
                none *= 1 - p.probability();
            }
            double product = prediction.suspects().stream()
                    .filter(s -> s.family() == asked.family() && s.cylinders().equals(place))
                    .mapToDouble(Foreseen::probability)
                    .findFirst()
                    .orElse(1 - none);
            Known known = asked.family() == Family.NOTHING_WRONG
                    ? nothingWrong()
                    : of(new Foreseen(asked.family(), place, false, "", product, 0, 0));
            return new OwnJudged(
                    asked.family(),
                    own.cylinder(),
                    own.certaintyPercent().orElseThrow() / 100,
                    product,
                    known.truth(),
                    known.whole());
        }
    }
}
