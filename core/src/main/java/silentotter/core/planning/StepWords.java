package silentotter.core.planning;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import silentotter.core.diagnosis.Hazards;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.examination.LossyStep;
import silentotter.core.examination.TestKind;
import silentotter.core.job.JobRecord;
import silentotter.core.wording.Say;

/** A planned test in words: what to do, why, what bites, and what to see before it is spoiled. */
final class StepWords {

    private StepWords() {}

    /**
     * @param warmed whether it was run warm for this step and what follows
     * @param spoilt steps whose evidence was asked for before; what this step spoils is added
     */
    static PlanStep step(
            JobRecord record, PlannedTest test, double gain, Bench bench, boolean warmed, Set<LossyStep> spoilt) {
        Engine engine = record.engine();
        Set<SetUp> setUp = bench.before(test.test());
        double minutes = bench.minutes(test);
        if (warmed) {
            setUp.add(SetUp.WARM);
            minutes += SetUp.WARM.minutes(engine);
        }
        return new PlanStep(
                test.test(),
                TestTable.station(test.test()).name(),
                test.cylinders(),
                text(test, engine, bench.has(SetUp.PLUGS_OUT)),
                minutes,
                setUp.stream().map(s -> words(s, engine.isDiesel())).toList(),
                gain,
                hazards(test.test()),
                why(test.test()),
                capture(record, test.test(), setUp, spoilt));
    }

    private static String text(PlannedTest test, Engine engine, boolean out) {
        boolean all = test.cylinders().size() == engine.arrangement().count();
        String on = where(test, all);
        return switch (test.test()) {
            case LOOK -> "Look round: leaks, breather, coolant, what the oil carries.";
            case GAS_TEST -> "Chemical test of the coolant for combustion gas, and bubbles after a cold start.";
            case SMOKE -> "Watch a start after standing, then load and overrun.";
            case CRANKCASE -> "Hold pressure and vacuum in the crankcase, soap on the seals.";
            case BLOWBY -> "Crankcase as found, then blow-by through the orifice, warm.";
            case PLUGS -> out ? "Read the plugs that came out." : "Read the plugs as they come out.";
            case INSIDE -> "Camera into " + on + ": crown, bore, valve backs.";
            case COMPRESSION -> all ? "Compression, all cylinders." : "Compression on " + on + " too.";
            case WET ->
                test.lowest() > 0
                        ? "Oil on the lowest and on a level one as control, compression again."
                        : test.cylinders().size() > 1
                                ? "Wet test on " + Say.cylinder(test.cylinders().get(0)) + ", and on "
                                        + Say.cylinder(test.cylinders().get(1)) + " as control."
                                : "Wet test on " + on + ".";
            case CLEARANCE -> "Valve clearance of " + on + ".";
            case LEAKDOWN -> "Leak-down on " + on + ", listening at every place.";
            case TAP -> "Vent, tap the valves of " + on + " lightly, read leak-down again.";
            case OIL_TRIAL -> "Measure the oil use: dip, run, dip.";
        };
    }

    private static String where(PlannedTest test, boolean all) {
        if (test.lowest() > 0) {
            return test.lowest() == 1 ? "the lowest" : "the " + test.lowest() + " lowest";
        }
        List<CylinderNumber> sorted = test.cylinders().stream().sorted().toList();
        return all && sorted.size() > 1 ? "all cylinders" : Say.cylinders(sorted);
    }

    private static List<String> hazards(TestKind test) {
        return switch (test) {
            case GAS_TEST -> List.of(Hazards.HOT_COOLANT);
            case SMOKE -> List.of(Hazards.RUNNING);
            case CRANKCASE -> List.of(Hazards.PUMPED);
            case BLOWBY -> List.of(Hazards.SHUT_CRANKCASE, Hazards.RUNNING);
            case COMPRESSION -> List.of(Hazards.STARTER);
            case WET -> List.of(Hazards.OIL, Hazards.STARTER);
            case LEAKDOWN, TAP -> List.of(Hazards.AIR);
            case LOOK, PLUGS, INSIDE, CLEARANCE, OIL_TRIAL -> List.of();
        };
    }

    private static String why(TestKind test) {
        return switch (test) {
            case LOOK -> "Costs minutes and can end the job.";
            case GAS_TEST -> "It speaks both ways on water.";
            case SMOKE -> "When it smokes tells seals from rings.";
            case CRANKCASE -> "It finds seals, base and reeds.";
            case BLOWBY -> "It sees all rings together, running.";
            case PLUGS -> "They show it once: as they come out.";
            case INSIDE -> "It separates what pressure cannot.";
            case COMPRESSION -> "It ranks the cylinders fastest.";
            case WET -> "Oil seals rings for a moment and valves never.";
            case CLEARANCE -> "Cheaper than what follows: a tight valve leaks, a wide one opens little.";
            case LEAKDOWN -> "Where the air comes out names the seal.";
            case TAP -> "What recovers was dirt or a sticking stem.";
            case OIL_TRIAL -> "The rate says whether it is worth opening.";
        };
    }

    private static String words(SetUp setUp, boolean diesel) {
        return switch (setUp) {
            case WARM -> "run warm";
            case PLUGS_OUT -> diesel ? "injectors or glow plugs out" : "plugs out";
            case PLUGS_IN -> diesel ? "injectors or glow plugs back in" : "plugs back in";
            case AIR -> "air and tester";
            case BREATHER_SEALED -> "the crankcase sealed";
            case BREATHER_OPEN -> "the crankcase opened again";
        };
    }

    private static List<String> capture(JobRecord record, TestKind test, Set<SetUp> setUp, Set<LossyStep> spoilt) {
        Set<LossyStep> spoils = EnumSet.noneOf(LossyStep.class);
        if (setUp.contains(SetUp.WARM) || test == TestKind.SMOKE) {
            spoils.add(LossyStep.START_COLD);
        }
        if (setUp.contains(SetUp.PLUGS_OUT)) {
            spoils.add(LossyStep.PULL_PLUGS);
        }
        if (test == TestKind.WET) {
            spoils.add(LossyStep.POUR_OIL);
        }
        Examination seen = record.last(Examination.class, Examination.EMPTY);
        List<String> missing = new ArrayList<>();
        for (LossyStep step : spoils) {
            if (spoilt.add(step) && step.isOf(record.engine()) && !seen.steps().containsKey(step)) {
                missing.addAll(step.missing(record.engine(), seen));
            }
        }
        return missing;
    }
}
