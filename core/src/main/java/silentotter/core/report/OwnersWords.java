package silentotter.core.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import silentotter.core.decision.Repair;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.Headline.HeadlineLine;
import silentotter.core.diagnosis.Odds;
import silentotter.core.diagnosis.Suspect;
import silentotter.core.diagnosis.Tone;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.Fault;
import silentotter.core.planning.Plan;
import silentotter.core.report.Report.Verdict;
import silentotter.core.wording.Say;

/** The verdict as one says it to somebody whose trade is another. Sentences with marks. */
final class OwnersWords {
    private static final double MORE_THAN = .99;

    private final Diagnosis diagnosis;
    private final Plan plan;

    OwnersWords(Diagnosis diagnosis, Plan plan) {
        this.diagnosis = diagnosis;
        this.plan = plan;
    }

    Verdict verdict() {
        Optional<Suspect> leading = diagnosis.leading();
        if (!diagnosis.stops().isEmpty()) {
            return new Verdict("Do not run this engine.", diagnosis.stops().get(0), besideWith(leading), true);
        }
        if (leading.isEmpty()) {
            return new Verdict("Nothing has been tested yet.", "", List.of(), false);
        }
        if (!diagnosis.contradictions().isEmpty()
                || plan.decision().recommended().action() == Repair.RETEST) {
            return new Verdict(
                    "Not decided: something has to be measured again first.",
                    diagnosis
                            .doesNotFit()
                            .or(() -> diagnosis.measuring().stream()
                                    .map(d -> d.text())
                                    .findFirst())
                            .orElse(""),
                    besideWith(leading),
                    false);
        }
        return judged(leading.get());
    }

    private Verdict judged(Suspect leading) {
        Odds odds = leading.odds();
        if (odds.compareTo(Odds.POSSIBLE) > 0) {
            return new Verdict(
                    "Cannot be judged yet.", "Nothing stands out in what was tested.", beside(Optional.empty()), false);
        }
        if (odds.compareTo(Odds.LIKELY) > 0) {
            String likeliest = sentence(leading);
            return new Verdict(
                    "Not decided yet.",
                    "Likeliest so far: " + Say.inside(likeliest) + " " + sure(leading),
                    beside(Optional.of(leading)),
                    false);
        }
        return new Verdict(sentence(leading), sure(leading), beside(Optional.of(leading)), false);
    }

    /** How sure, in words, and of a hundred: not as a figure where that would say more than is known. */
    private String sure(Suspect s) {
        if (diagnosis.littleTested()) {
            return said().map(h -> Say.sentence(h.words()) + ".").orElse("");
        }
        return Say.sentence(s.words()) + ": " + ofAHundred(s.probability(), s.low(), s.high()) + " engines that measure"
                + " like this.";
    }

    private Optional<HeadlineLine> said() {
        return diagnosis.headline().meant();
    }

    /** @param p 0 to 1, like its ends */
    static String ofAHundred(double p, double low, double high) {
        if (p >= MORE_THAN) {
            return "more than 99 of a hundred";
        }
        if (p < 1 - MORE_THAN) {
            return "fewer than 1 of a hundred";
        }
        long from = Math.max(1, Math.round(100 * low));
        long to = Math.min(99, Math.round(100 * high));
        long best = Math.round(100 * p);
        return best + " of a hundred" + (from < to ? " (" + from + " to " + to + ")" : "");
    }

    /** The likeliest among what is said beside it, where the verdict itself is about something else. */
    private List<String> besideWith(Optional<Suspect> leading) {
        List<String> all = new ArrayList<>();
        leading.filter(s -> s.anythingWrong() && s.odds().compareTo(Odds.EVEN) <= 0)
                .ifPresent(s -> all.add(Say.sentence(s.words()) + ": " + Say.inside(sentence(s))));
        all.addAll(beside(leading));
        return all;
    }

    private List<String> beside(Optional<Suspect> leading) {
        List<String> all = new ArrayList<>();
        diagnosis.suspects().stream()
                .filter(s -> leading.isEmpty() || s != leading.get())
                .filter(s -> s.testedFor() && s.anythingWrong() && s.odds().compareTo(Odds.EVEN) <= 0)
                .limit(2)
                .forEach(s -> all.add(Say.sentence(s.words()) + ", too: " + Say.inside(sentence(s))));
        List<CylinderNumber> sound = with(Tone.SOUND);
        List<CylinderNumber> untested = with(Tone.EMPTY);
        int n = diagnosis.cylinders().size();
        if (sound.size() == n && n > 1) {
            all.add("No cylinder loses its seal by what was tested.");
        } else if (!sound.isEmpty()) {
            all.add("No loss of seal was seen on " + cylinders(sound) + ".");
        }
        if (!untested.isEmpty() && untested.size() < n) {
            all.add("Nothing is said of " + cylinders(untested) + ": not tested.");
        }
        return all;
    }

    private List<CylinderNumber> with(Tone tone) {
        return diagnosis.cylinders().entrySet().stream()
                .filter(e -> e.getValue().tone() == tone)
                .map(e -> e.getKey())
                .sorted()
                .toList();
    }

    static String cylinders(List<CylinderNumber> those) {
        return (those.size() == 1 ? "cylinder " : "cylinders ") + Say.cylinders(those);
    }

    /** What one says of an engine that has it. */
    static String sentence(Suspect s) {
        String where = s.cylinders().isEmpty() ? "" : cylinders(s.cylinders());
        String here = s.somewhere() ? "one cylinder" : where;
        String which = s.somewhere() ? "; which one is not known yet." : ".";
        return Say.sentence(
                switch (s.family()) {
                    case RINGS -> here + rings(s) + which;
                    case VALVE_LEAK -> valve(s) + here + leaks(s) + which;
                    case VALVE_MOTION -> "a valve of " + here + " does not open fully" + which;
                    case GASKET_BETWEEN -> "the head gasket leaks between " + where + ".";
                    case EVEN_WEAR -> "rings and bores are worn, all alike.";
                    case WATER_ENTRY -> water(s);
                    case OIL_ENTRY -> oil(s);
                    case OUTSIDE_LEAK -> "the engine loses oil to the outside.";
                    case CAM_TIMING -> "the valve timing is out.";
                    case ALL_ALIKE -> "all read low alike, which is more often the measuring than the engine.";
                    case CRANKCASE_AIR -> "the crankcase lets air past: a crank seal, its base or the reeds.";
                    case BEARINGS -> "the bearings or the oil pump are worn.";
                    case NOTHING_WRONG -> "no loss of seal was found by what was tested.";
                });
    }

    private static String rings(Suspect s) {
        return s.fault()
                .map(f -> f == Fault.RING_SEAL ? " leaks past its piston rings" : " has a broken ring, land or piston")
                .orElse(" leaks past its piston rings or its piston");
    }

    private static String valve(Suspect s) {
        return s.fault()
                .map(f -> f == Fault.EXHAUST_VALVE
                        ? "the exhaust valve of "
                        : f == Fault.INTAKE_VALVE ? "the intake valve of " : "a valve of ")
                .orElse("a valve of ");
    }

    private static String leaks(Suspect s) {
        return s.fault().filter(f -> f == Fault.VALVE_HELD).isPresent() ? " is held off its seat" : " leaks";
    }

    private static String water(Suspect s) {
        return s.fault()
                .map(f -> f == Fault.EXHAUST_WATER
                        ? "water comes back past the wet exhaust."
                        : "coolant gets in, past the head gasket or through a crack.")
                .orElse("water gets into the engine.");
    }

    private static String oil(Suspect s) {
        return s.fault()
                .map(f -> switch (f) {
                    case OIL_CONTROL -> "oil gets past the oil control rings.";
                    case STEM_SEAL -> "oil gets past the valve stem seals or guides.";
                    case VENTILATION -> "the crankcase ventilation carries oil into the engine's air.";
                    case TURBO_SEAL -> "oil gets past a seal of the turbocharger.";
                    default -> "oil gets in: " + f.words() + ".";
                })
                .orElse("oil gets into the cylinders; by which way is not known yet.");
    }
}
