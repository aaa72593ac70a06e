package silentotter.core.decision;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.Cause;
import silentotter.core.inference.Draw;
import silentotter.core.inference.Member;
import silentotter.core.inference.Probabilities;
import silentotter.core.wording.Say;

/**
 * Weighs every course for one engine. What must not run overrides money, and where readings contradict each other nothing
 * is bought before they were measured again.
 */
public final class Decisions {
    private static final int MOST_LEFT = 4;
    /** A course that loses more than this share of what running on loses is hardly better. */
    private static final double LITTLE_BETTER = .9;
    /** From this share of the engine's value on, a repair is not worth it without a reason of its own. */
    private static final double TOO_MUCH = .6;

    private final Probabilities p;
    private final List<Draw> draws;
    private final Costs costs;
    private final Question question;

    private Decisions(Probabilities p, List<Draw> draws, Costs costs, Question question) {
        this.p = p;
        this.draws = draws;
        this.costs = costs;
        this.question = question;
    }

    /**
     * What is asked beside the faults.
     *
     * @param stops why it must not run; empty where it may
     * @param doubted what has to be measured again before anything is bought; empty where nothing has
     * @param open whether a test that is left may still change what to do
     * @param little whether so little was tested that what it stands at says nothing yet
     * @param beforeSpending whether the question is if money is well spent on it
     * @param engineValue what the engine is worth, in the shop's money
     */
    public record Question(
            Optional<String> stops,
            Optional<String> doubted,
            boolean open,
            boolean little,
            boolean beforeSpending,
            Optional<Double> engineValue) {
        public static final Question PLAIN =
                new Question(Optional.empty(), Optional.empty(), false, false, false, Optional.empty());
    }

    public static Decision of(Probabilities p, List<Draw> draws, Costs costs, Question question) {
        return new Decisions(p, draws, costs, question).decision();
    }

    private Decision decision() {
        Map<Repair, Course> best = new LinkedHashMap<>();
        Map<Course, Double> losses = new LinkedHashMap<>();
        for (Course course : Course.ALL) {
            losses.put(course, course.repair() == Repair.TRIAL ? 0 : Weighed.expectedLoss(course, p, costs));
            if (isPossible(course)) {
                best.merge(course.repair(), course, (a, b) -> losses.get(a) <= losses.get(b) ? a : b);
            }
        }
        Course afterTrial = best.values().stream()
                .filter(c -> c.repair() != Repair.TRIAL)
                .min(Comparator.comparingDouble(losses::get))
                .orElseThrow();
        losses.replaceAll((course, loss) -> course.repair() == Repair.TRIAL ? trial(course, afterTrial) : loss);
        Optional<Course> chosen = question.doubted().isPresent()
                ? Optional.empty()
                : best.values().stream()
                        .filter(c -> forbidden(c).isEmpty())
                        .min(Comparator.comparingDouble(losses::get));
        List<Option> options = new ArrayList<>();
        question.doubted().ifPresent(d -> options.add(retest(d)));
        best.values().stream()
                .sorted(Comparator.comparing(
                                (Course c) -> !chosen.filter(c::equals).isPresent())
                        .thenComparing(c -> forbidden(c).isPresent())
                        .thenComparingDouble(losses::get))
                .forEach(c -> options.add(option(
                        c,
                        // What a trial leaves is left to what follows it, as its loss counts that too.
                        c.repair() == Repair.TRIAL ? afterTrial : c,
                        losses.get(c),
                        isSettled() && chosen.filter(c::equals).isPresent())));
        Option first = options.get(0);
        return new Decision(options, says(first, options), worth(first), costs.equals(Costs.USUAL));
    }

    private double trial(Course trial, Course otherwise) {
        return draws.stream()
                .mapToDouble(d -> Weighed.loss(trial, otherwise, d.faults(), costs))
                .average()
                .orElseGet(() -> costs.of(trial) + Weighed.expectedLoss(otherwise, p, costs));
    }

    /** Whether no test that is left can change it. */
    private boolean isSettled() {
        return !question.open() || question.stops().isPresent();
    }

    /** A course that cures nothing this engine can have is none, but for doing nothing at all. */
    private boolean isPossible(Course course) {
        return course.repair() == Repair.RUN_ON
                || Arrays.stream(Cause.values()).anyMatch(c -> course.cures(c) > 0 && ofCause(c) > 0);
    }

    private double ofCause(Cause cause) {
        return p.members().entrySet().stream()
                .filter(e -> e.getKey().cause() == cause)
                .mapToDouble(Map.Entry::getValue)
                .sum();
    }

    private Optional<String> forbidden(Course course) {
        boolean runs = course.repair() == Repair.RUN_ON || course.repair() == Repair.TRIAL;
        return runs ? question.stops() : Optional.empty();
    }

    private Option option(Course course, Course last, double loss, boolean recommended) {
        List<String> left = Weighed.leaves(last, p, costs).stream()
                .map(Decisions::inWords)
                .distinct()
                .limit(MOST_LEFT)
                .toList();
        return new Option(
                course.repair(),
                course.withService(),
                costs.of(course),
                costs.hours(course),
                loss,
                Weighed.cures(course, draws),
                left,
                words(course),
                watch(course),
                forbidden(course),
                recommended);
    }

    private static Option retest(String why) {
        return new Option(
                Repair.RETEST,
                false,
                0,
                0,
                0,
                0,
                List.of(),
                "Measure again first. " + why,
                Optional.empty(),
                Optional.empty(),
                true);
    }

    private static String inWords(Member m) {
        String fault = m.cause().fault().words();
        if (m.cylinder() < 0) {
            return fault;
        }
        List<CylinderNumber> where = m.other() < 0
                ? List.of(CylinderNumber.of(m.cylinder() + 1))
                : List.of(CylinderNumber.of(m.cylinder() + 1), CylinderNumber.of(m.other() + 1));
        return fault + " " + Say.cylinders(where);
    }

    private static String words(Course course) {
        String own = switch (course.repair()) {
            case RETEST -> "Measure again.";
            case RUN_ON -> "Run it on and watch.";
            case TRIAL -> "A cheap trial: soak and treat it, run it warm, read the same tests again.";
            case SERVICE -> "A service: ventilation, joints, timing, what hangs outside.";
            case SEALS -> "Valve stem seals, with the head on.";
            case HEAD_OFF -> "Head off: valves, seats and gasket.";
            case BOTTOM_END -> "Bottom end: pistons, rings, bores, and the head with it.";
            case EXCHANGE -> "Another engine.";
        };
        return course.withService() ? own.replaceAll("\\.$", "") + ", and a service." : own;
    }

    private Optional<String> watch(Course course) {
        if (course.repair() == Repair.TRIAL) {
            return Optional.of(
                    "One trial. Stop when the same test reads no better: what a treatment frees, it frees once.");
        }
        if (course.repair() != Repair.RUN_ON) {
            return Optional.empty();
        }
        List<String> all = new ArrayList<>();
        Map<String, Double> by = new LinkedHashMap<>();
        p.members().forEach((m, probability) -> by.merge(watched(m.cause()), probability, Double::sum));
        by.entrySet().stream()
                .filter(e -> e.getValue() >= .1 && !e.getKey().isEmpty())
                .sorted(Map.Entry.<String, Double>comparingByValue().reversed())
                .map(Map.Entry::getKey)
                .limit(2)
                .forEach(all::add);
        return Optional.of(
                all.isEmpty()
                        ? "Compression again at the next service: same gauge, same strokes, as warm."
                        : String.join(" ", all));
    }

    private static String watched(Cause cause) {
        return switch (cause) {
            case RING, BROKEN, EVEN_WEAR ->
                "Leak-down and oil use again after 50 hours: stop when either is half as much again.";
            case EXHAUST_VALVE, INTAKE_VALVE, VALVE_HELD, VALVE_NOT_OPENING ->
                "Leak-down again after 50 hours, hot, same tester: stop when it misses at idle.";
            case WATER, GASKET, EXHAUST_WATER ->
                "Coolant level cold before every start: stop when it falls, or when the oil turns milky.";
            case OIL_RING_HERE, OIL_RINGS, STEM_SEAL_HERE, STEM_SEALS, VENTILATION, OUTSIDE ->
                "Oil level every day until its rate is known: top up before the low mark.";
            case CRANKCASE_AIR -> "Plug colour after each run: stop when it turns pale or the speed hangs.";
            case CAM_TIMING -> "Timing marks at the next service.";
            case ALL_ALIKE -> "";
        };
    }

    private String says(Option first, List<Option> options) {
        if (isSettled() || first.action() == Repair.RETEST) {
            return chosen(first, options);
        }
        String open = "Not decided yet: a test that is left may change it.";
        return question.little() ? open : open + " If it had to be now: " + chosen(first, options);
    }

    private String chosen(Option first, List<Option> options) {
        if (question.stops().isPresent()) {
            return "It must not run as it is. " + first.says();
        }
        if (first.action() == Repair.RETEST) {
            return first.says();
        }
        Optional<Option> leave =
                options.stream().filter(o -> o.action() == Repair.RUN_ON).findFirst();
        if (first.action() == Repair.RUN_ON) {
            return first.says() + " What a repair could save is less than what it costs.";
        }
        if (leave.filter(l -> first.expectedLoss() > LITTLE_BETTER * l.expectedLoss())
                .isPresent()) {
            return first.says() + " There is little between this and running on to watch.";
        }
        if (first.action() == Repair.TRIAL) {
            return first.says()
                    + options.stream()
                            .filter(o ->
                                    o.action() != Repair.TRIAL && o.forbidden().isEmpty())
                            .findFirst()
                            .map(o -> " Where it reads no better: " + o.says())
                            .orElse("");
        }
        return first.says() + " It puts everything right in " + first.curesInWords() + " engines that measure like this"
                + leave.map(l -> "; left alone they lose " + money(l.expectedLoss()) + " on the mean, with this "
                                + money(first.expectedLoss()) + ".")
                        .orElse(".");
    }

    private static String money(double value) {
        return Long.toString(Costs.inTwoDigits(value));
    }

    private Optional<String> worth(Option first) {
        Optional<Double> value = question.engineValue().filter(v -> v > 0);
        if (!question.beforeSpending() && value.isEmpty()) {
            return Optional.empty();
        }
        if (first.action() == Repair.RETEST) {
            return Optional.of("Whether it is worth spending on cannot be said before that.");
        }
        if (question.little() && !isSettled()) {
            return Optional.of("Whether it is worth spending on cannot be said yet: too little was tested.");
        }
        String risk = question.stops().isPresent()
                ? ""
                : " What may still be wrong costs " + money(first.expectedLoss() - first.cost()) + " on the mean.";
        if (value.isPresent() && first.cost() > TOO_MUCH * value.get()) {
            return Optional.of("Not worth it by the figures: " + money(first.cost()) + " on an engine worth "
                    + money(value.get()) + ". Another engine, or as it is, is the better use of the money." + risk);
        }
        if (first.action() == Repair.RUN_ON) {
            return Optional.of("Worth spending on, as far as this was tested." + risk);
        }
        return Optional.of("Not before this is mended: " + money(first.cost()) + " goes into the engine first." + risk);
    }
}
