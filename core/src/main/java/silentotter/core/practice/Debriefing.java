package silentotter.core.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.CompressionReading;
import silentotter.core.diagnosis.Suspect;
import silentotter.core.examination.TestKind;
import silentotter.core.finding.Shop;
import silentotter.core.hidden.HiddenFault;
import silentotter.core.hidden.Revealed;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.interpretation.Interpreter;
import silentotter.core.job.JobRecord;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.leakdown.Place;
import silentotter.core.planning.Plan;
import silentotter.core.planning.PlanStep;
import silentotter.core.planning.Planner;
import silentotter.core.quantity.Pressure;
import silentotter.core.wording.Say;

/** Holds what somebody did and said in practice against what was true and what the tests were worth. */
public final class Debriefing {
    private static final int MOST_STEPS = 14;
    /** What two people read off the same gauge differs by no more, as a share. */
    private static final double READ = .03;

    private static final double READ_KPA = 15;
    /** Two words of loudness apart is no matter of ears. */
    private static final int MISHEARD = 2;
    /** Below this a test took nothing away, in bits. */
    private static final double TOLD = .05;

    private static final double LOG_2 = Math.log(2);

    private final PracticeCase of;
    private final PracticeBench bench;
    private final JobRecord written;
    private final Shop shop;
    private final Truth truth;
    private final Replay replay;

    private Debriefing(PracticeCase of, PracticeBench bench, JobRecord written, Shop shop) {
        this.of = of;
        this.bench = bench;
        this.written = written;
        this.shop = shop;
        this.truth = new Truth(of.bench().faults());
        this.replay = new Replay(of, bench);
    }

    /**
     * @param bench with everything that was done
     * @param written what was written down meanwhile
     * @param stated what was said at the end
     */
    public static Debrief of(PracticeCase of, PracticeBench bench, JobRecord written, Verdict stated, Shop shop) {
        return new Debriefing(of, bench, written, shop).debrief(stated);
    }

    private Debrief debrief(Verdict stated) {
        boolean named = truth.isNamed(stated.family(), stated.cylinders());
        List<Debrief.Step> steps = new ArrayList<>();
        Interpretation end = replayed(steps);
        List<Debrief.RouteStep> route = route(of, shop);
        return new Debrief(
                truth.words(),
                of.bench().faults().stream().map(HiddenFault::family).distinct().toList(),
                named,
                Math.log(named ? stated.certainty() : 1 - stated.certainty()),
                stated(stated),
                leading(end),
                truth.probability(end.diagnosis().suspects()),
                steps,
                slips(),
                skipped(end),
                route,
                route.stream().mapToDouble(Debrief.RouteStep::minutes).sum(),
                bench.standing().minutes(),
                of.lesson().map(Lesson::title).orElse(""),
                of.lesson().map(Lesson::teaches).orElse(""));
    }

    private static String stated(Verdict v) {
        return v.family().words() + Truth.where(v.cylinders()) + ", " + Math.round(100 * v.certainty()) + " %";
    }

    private static String leading(Interpretation said) {
        Suspect first = said.diagnosis().suspects().get(0);
        return first.text();
    }

    // ---- what each test was worth

    private Interpretation replayed(List<Debrief.Step> steps) {
        Interpretation said = Interpreter.interpret(replay.record(0), shop);
        List<Shown> shown = replay.shown();
        for (int i = 0; i < shown.size(); i++) {
            double before = truth.probability(said.diagnosis().suspects());
            said = Interpreter.interpret(replay.record(i + 1), shop);
            double after = truth.probability(said.diagnosis().suspects());
            steps.add(new Debrief.Step(
                    text(shown.get(i).deed()),
                    shown.get(i).minutes(),
                    leading(said),
                    before,
                    after,
                    bits(before, after)));
        }
        return said;
    }

    private static double bits(double before, double after) {
        double from = Math.min(.999, Math.max(.001, before));
        double to = Math.min(.999, Math.max(.001, after));
        return Math.log(to / (1 - to) * (1 - from) / from) / LOG_2;
    }

    private static String text(Deed deed) {
        String what = Say.sentence(deed.kind().words());
        return deed.kind().isOfCylinder() ? what + ", " + Truth.cylinders(List.of(deed.cylinder())) : what;
    }

    // ---- what went wrong

    private List<String> slips() {
        List<String> slips = new ArrayList<>();
        misread(slips);
        List<Integer> wrong = bench.wrongStrokes();
        if (!wrong.isEmpty()) {
            slips.add("Air went into "
                    + Truth.cylinders(wrong)
                    + " on the wrong stroke: its valves stood open. Feel the air push as the piston rises, or turn once"
                    + " more.");
        }
        List<Deed> cranked =
                bench.deeds().stream().filter(d -> d.kind() == DeedKind.CRANK).toList();
        boolean petrol = !of.bench().engine().isDiesel();
        if (petrol && cranked.stream().anyMatch(d -> !d.throttleOpen())) {
            slips.add("The throttle was shut while it was cranked: every such reading is a quarter too low.");
        }
        if (bench.deeds().stream().anyMatch(d -> d.kind() == DeedKind.AIR && !d.zeroed())) {
            slips.add("The tester was not zeroed: it read every cylinder leakier than it is.");
        }
        misheard(slips);
        lost(slips);
        return slips;
    }

    private void misread(List<String> slips) {
        Map<Integer, List<Double>> showed = replay.shown().stream()
                .filter(s -> s.deed().kind() == DeedKind.CRANK)
                .collect(Collectors.groupingBy(
                        s -> s.deed().cylinder(),
                        Collectors.mapping(
                                s -> s.strokesKPa().get(s.strokesKPa().size() - 1), Collectors.toList())));
        for (CompressionPass pass : written.all(CompressionPass.class)) {
            for (CompressionReading r : pass.readings()) {
                double kPa = r.strokes().get(r.strokes().size() - 1).kPa();
                List<Double> gauge = showed.getOrDefault(r.cylinder().value(), List.of());
                if (gauge.stream().noneMatch(g -> Math.abs(g - kPa) <= READ_KPA + READ * g)) {
                    String wrote = "Cylinder " + r.cylinder().value() + ": " + Say.pressure(Pressure.ofKPa(kPa))
                            + " is written down, ";
                    slips.add(
                            gauge.isEmpty()
                                    ? wrote + "and it was never cranked."
                                    : wrote + "and the gauge showed "
                                            + Say.pressure(Pressure.ofKPa(gauge.get(gauge.size() - 1))) + ".");
                }
            }
        }
    }

    private void misheard(List<String> slips) {
        for (Shown shown : replay.shown()) {
            for (LeakSound sound : shown.sounds()) {
                written.all(LeakdownReading.class).stream()
                        .filter(r -> r.cylinder().value() == shown.deed().cylinder())
                        .map(r -> heard(r, sound.place()))
                        .filter(h -> h != null
                                && h != Heard.CANNOT_BE_REACHED
                                && Math.abs(h.ordinal() - sound.heard().ordinal()) >= MISHEARD)
                        .findFirst()
                        .ifPresent(h -> slips.add("Cylinder " + shown.deed().cylinder() + ": you wrote " + h.words()
                                + " " + sound.place().where() + ", and a usual ear hears "
                                + sound.heard().words() + " there."));
            }
        }
    }

    private static Heard heard(LeakdownReading r, Place place) {
        return place == Place.NEIGHBOUR
                ? r.neighbours().values().stream()
                        .max(Comparator.comparingInt(Heard::ordinal))
                        .orElse(null)
                : r.heard().get(place);
    }

    /** What was spoiled before it was looked at. */
    private void lost(List<String> slips) {
        boolean ran = false;
        boolean drained = false;
        boolean oiled = false;
        for (Deed deed : bench.deeds()) {
            if (deed.kind() == DeedKind.SMOKE && ran) {
                slips.add(
                        "It had run before its smoke was watched: the first start after standing cannot be had again.");
            }
            if (deed.kind() == DeedKind.LOOK && drained) {
                slips.add("The oil was drained before anybody had looked at it.");
            }
            if (deed.kind() == DeedKind.PLUGS && oiled) {
                slips.add("Oil was poured in before the plugs were read: they are wet with it.");
            }
            ran |= deed.kind().runs();
            drained |= deed.kind() == DeedKind.DRAIN_OIL;
            oiled |= deed.kind() == DeedKind.POUR_OIL;
        }
    }

    // ---- what would have told

    private List<String> skipped(Interpretation end) {
        double given = truth.probability(end.diagnosis().suspects());
        int all = bench.deeds().size();
        Set<TestKind> done = replay.done(all);
        List<String> skipped = new ArrayList<>();
        for (DeedKind kind : DeedKind.values()) {
            if (kind.test().isEmpty() || done.contains(kind.test().get())) {
                continue;
            }
            double then = truth.probability(Interpreter.interpret(replay.record(all, kind.test()), shop)
                    .diagnosis()
                    .suspects());
            if (bits(given, then) > TOLD) {
                skipped.add(Say.sentence(kind.words()) + ", which was left out, would have taken the truth from "
                        + Say.chance(given) + " to " + Say.chance(then) + ".");
            }
        }
        return skipped;
    }

    /** The way that the planner would have gone: each step is planned after the one before. */
    static List<Debrief.RouteStep> route(PracticeCase of, Shop shop) {
        Truth truth = new Truth(of.bench().faults());
        List<Debrief.RouteStep> steps = new ArrayList<>();
        Revealed revealed = Revealed.nothing(of.bench().job().record());
        Interpretation said = Interpreter.interpret(revealed.record(), shop);
        Plan plan = Planner.plan(said, shop);
        for (int i = 0; i < MOST_STEPS && !plan.steps().isEmpty(); i++) {
            PlanStep step = plan.steps().get(0);
            revealed = revealed.and(step.test(), step.cylinders());
            said = Interpreter.interpret(revealed.record(), shop);
            plan = Planner.plan(said, shop);
            steps.add(new Debrief.RouteStep(
                    step.text(),
                    step.minutes(),
                    truth.probability(said.diagnosis().suspects())));
        }
        return steps;
    }
}
