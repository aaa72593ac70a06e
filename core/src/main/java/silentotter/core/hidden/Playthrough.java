package silentotter.core.hidden;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import silentotter.core.decision.Costs;
import silentotter.core.decision.Course;
import silentotter.core.decision.Option;
import silentotter.core.decision.Repair;
import silentotter.core.decision.Weighed;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.examination.TestKind;
import silentotter.core.fault.Cause;
import silentotter.core.fault.Family;
import silentotter.core.finding.Shop;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.interpretation.Interpreter;
import silentotter.core.planning.MostInformation;
import silentotter.core.planning.Plan;
import silentotter.core.planning.PlanStep;
import silentotter.core.planning.Planner;

/**
 * A hidden engine tested step by step: only what was done so far of everything that its workshop read is known. Then the
 * course that is recommended is paid for with what is really wrong.
 */
public final class Playthrough {
    private static final int MOST_STEPS = 14;

    private final HiddenJob job;
    private final Shop shop;
    private Revealed revealed;

    private Playthrough(HiddenJob job, Shop shop) {
        this.job = job;
        this.shop = shop;
        this.revealed = Revealed.nothing(job.record());
    }

    /**
     * How a round went.
     *
     * @param minutes spent on tests
     * @param loss what the course then recommended really costs, tests apart
     * @param certainty probability of the leading suspect at the end
     * @param named whether that is one of the faults that are there, or rightly none
     * @param predicted what all steps promised to save, their own cost not taken off
     * @param saved what they really saved
     */
    public record Result(
            double minutes, double loss, double certainty, boolean named, double predicted, double saved) {}

    /** The round as it is planned, each step replanned. @param job with every test done */
    public static Result planned(HiddenJob job, Shop shop) {
        return new Playthrough(job, shop).planned();
    }

    /**
     * The usual order.
     *
     * @param enough stops once the leading suspect is as likely; 1 for the whole round
     */
    public static Result inUsualOrder(HiddenJob job, Shop shop, double enough) {
        return new Playthrough(job, shop).inUsualOrder(enough);
    }

    /**
     * What takes most doubt away for its minutes, step by step.
     *
     * @param enough stops once the leading suspect is as likely
     */
    public static Result mostInformation(HiddenJob job, Shop shop, double enough) {
        return new Playthrough(job, shop).mostInformation(enough);
    }

    private Result mostInformation(double enough) {
        double minutes = 0;
        Interpretation said = interpret();
        for (int i = 0; i < MOST_STEPS && certainty(said) < enough; i++) {
            Optional<PlanStep> next = MostInformation.next(said, shop);
            if (next.isEmpty()) {
                break;
            }
            minutes += next.get().minutes();
            reveal(next.get().test(), next.get().cylinders());
            said = interpret();
        }
        return result(minutes, said, Planner.plan(said, shop), 0, 0);
    }

    private Result planned() {
        double minutes = 0;
        double predicted = 0;
        double saved = 0;
        Interpretation said = interpret();
        Plan plan = Planner.plan(said, shop);
        for (int i = 0; i < MOST_STEPS && !plan.steps().isEmpty(); i++) {
            PlanStep step = plan.steps().get(0);
            double before = loss(plan);
            minutes += step.minutes();
            reveal(step.test(), step.cylinders());
            said = interpret();
            plan = Planner.plan(said, shop);
            predicted += step.gain() == 0 ? 0 : step.gain() + shop.costs().minutes(step.minutes());
            saved += before - loss(plan);
        }
        return result(minutes, said, plan, predicted, saved);
    }

    private Result inUsualOrder(double enough) {
        Interpretation said = interpret();
        Plan start = Planner.plan(said, shop);
        for (TestKind test : TestKind.values()) {
            if (certainty(said) >= enough) {
                break;
            }
            reveal(test, job.record().engine().arrangement().cylinders());
            said = interpret();
        }
        Plan plan = Planner.plan(said, shop);
        return result(start.fixedOrderMinutes() - plan.fixedOrderMinutes(), said, plan, 0, 0);
    }

    private Result result(double minutes, Interpretation said, Plan plan, double predicted, double saved) {
        return new Result(minutes, loss(plan), certainty(said), isNamed(said), predicted, saved);
    }

    private static double certainty(Interpretation said) {
        return said.diagnosis().suspects().get(0).probability();
    }

    private boolean isNamed(Interpretation said) {
        var leading = said.diagnosis().suspects().get(0);
        if (leading.family() == Family.NOTHING_WRONG || leading.family() == Family.ALL_ALIKE) {
            return job.faults().isEmpty();
        }
        return job.faults().stream()
                .anyMatch(f ->
                        f.fault().family().filter(x -> x == leading.family()).isPresent()
                                && (leading.cylinders().isEmpty()
                                        || f.cylinders().isEmpty()
                                        || leading.cylinders().stream().anyMatch(c -> f.at(c.value()))));
    }

    /** What the recommended course really costs; where something is to be measured again first, the best of the rest. */
    private double loss(Plan plan) {
        Costs costs = shop.costs();
        List<Option> options = plan.decision().options().stream()
                .filter(o -> o.action() != Repair.RETEST && o.forbidden().isEmpty())
                .toList();
        Course course = course(options.get(0));
        List<Cause> faults = causes();
        return course.repair() == Repair.TRIAL
                ? Weighed.loss(course, course(options.get(1)), faults, costs)
                : Weighed.loss(course, faults, costs);
    }

    private static Course course(Option option) {
        return new Course(option.action(), option.withService());
    }

    private List<Cause> causes() {
        List<Cause> all = new ArrayList<>();
        job.faults().forEach(f -> {
            if (f.cylinders().size() == 2) {
                all.add(Cause.GASKET);
                return;
            }
            (f.cylinders().isEmpty() ? Cause.ofEngine(f.fault()) : Cause.onCylinder(f.fault())).ifPresent(all::add);
        });
        return all;
    }

    private void reveal(TestKind test, List<CylinderNumber> cylinders) {
        revealed = revealed.and(test, cylinders);
    }

    private Interpretation interpret() {
        return Interpreter.interpret(revealed.record(), shop);
    }
}
