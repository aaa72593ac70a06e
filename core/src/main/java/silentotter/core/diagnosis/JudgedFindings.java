package silentotter.core.diagnosis;

import static java.util.Map.entry;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.fault.Cause;
import silentotter.core.fault.Complaint;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Finding;
import silentotter.core.inference.SealCase;
import silentotter.core.intake.Intake;
import silentotter.core.intake.Intake.ComplaintKind;
import silentotter.core.intake.Intake.Purpose;
import silentotter.core.intake.IntakeRules;

/**
 * Findings whose weight somebody judged, as the model takes them. What the model computes itself is left out here: counted
 * twice it would weigh twice.
 */
final class JudgedFindings {
    /** Finding of the model that a rule speaks of; the model weighs it together with everything else. */
    static final Map<String, String> WEIGHED_BY_MODEL = Map.ofEntries(
            entry("milky-cap-condensation", "milky"),
            entry("gas-test-positive", "combustionGas"),
            entry("gas-test-negative", "combustionGas"),
            entry("coolant-falls", "coolantLoss"),
            entry("coolant-drips", "coolantLoss"),
            entry("coolant-bubbles", "bubbles"),
            entry("breather-wet", "breatherOil"),
            entry("breather-oil", "breatherOil"),
            entry("drips-outside", "outside"),
            entry("dry-outside", "outside"),
            entry("ventilation-pressure", "asFound"),
            entry("white-stays", "warmWhite"),
            entry("smoke-after-standing", "standing"),
            entry("smoke-load", "load"),
            entry("smoke-overrun", "overrun"),
            entry("no-smoke", "load"),
            entry("metal-flakes", "metal"),
            entry("plug-sound", "plug"),
            entry("plug-oil-wet", "plug"),
            entry("plug-ash", "plug"),
            entry("plug-one-sided", "plug"),
            entry("plug-washed", "plug"),
            entry("plug-specks", "plug"),
            entry("plug-fuel-wet", "plug"),
            entry("plug-soot", "plug"),
            entry("plug-soot-duty", "plug"),
            entry("plug-pale", "plug"),
            entry("plug-worn", "plug"),
            entry("plugs-all-oily", "plug"),
            entry("plugs-all-ash", "plug"),
            entry("plugs-all-ash-additive", "plug"),
            entry("blowby-high", "blowby"),
            entry("blowby-watch", "blowby"),
            entry("blowby-sound", "blowby"),
            entry("blowby-carries-oil", "breatherOil"),
            entry("blowby-as-found-high", "asFound"),
            entry("blowby-ventilation", "asFound"),
            entry("blowby-explains-as-found", "asFound"),
            entry("oil-use-sound", "oil"),
            entry("oil-use-watch", "oil"),
            entry("oil-use-high", "oil"));

    private JudgedFindings() {}

    /** Whether the model weighs what a rule sees, together with everything else. */
    static boolean isWeighedByModel(String rule) {
        return WEIGHED_BY_MODEL.containsKey(rule);
    }

    static List<SealCase.Judged> of(List<Finding> findings, Intake intake) {
        List<SealCase.Judged> all = new ArrayList<>();
        complaint(intake).ifPresent(c -> all.add(new SealCase.Judged(COMPLAINT, -1, c.factors(), COMPLAINT)));
        findings.stream()
                .filter(s -> !isWeighedByModel(s.rule()) || s.weight().likelihoodRatio() == 1 || s.spoiled())
                .forEach(s -> add(s, id(s), all));
        return all;
    }

    static final String COMPLAINT = "complaint";

    /**
     * Id of the finding that a finding stands at: its own, or that of the model where the model weighs it. One that was
     * spoiled weighs what is left of its rule; the model does not see it.
     */
    static String finding(Finding s) {
        String model = WEIGHED_BY_MODEL.get(s.rule());
        return model == null || s.spoiled() ? id(s) : model;
    }

    static String id(Finding s) {
        return "rule:" + s.rule() + (s.cylinders().isEmpty() ? "" : ":" + s.cylinders());
    }

    private static void add(Finding s, String id, List<SealCase.Judged> to) {
        Map<Cause, Double> ofEngine = new EnumMap<>(Cause.class);
        Map<Cause, Double> ofCylinder = new EnumMap<>(Cause.class);
        s.ratios().forEach((fault, ratio) -> {
            if (ratio == 1) {
                return;
            }
            Optional<Cause> engine = Cause.ofEngine(fault);
            Optional<Cause> cylinder = Cause.onCylinder(fault);
            engine.ifPresent(c -> ofEngine.put(c, ratio));
            cylinder.ifPresent(c -> ofCylinder.put(c, ratio));
        });
        String group = group(s);
        if (s.cylinders().isEmpty()) {
            Map<Cause, Double> both = new EnumMap<>(Cause.class);
            both.putAll(ofEngine);
            both.putAll(ofCylinder);
            if (!both.isEmpty()) {
                to.add(new SealCase.Judged(id, -1, both, group));
            }
            return;
        }
        if (ofCylinder.isEmpty() && !ofEngine.isEmpty()) {
            to.add(new SealCase.Judged(id, -1, ofEngine, group));
            return;
        }
        // What is seen in one cylinder says it of that cylinder; of the engine only where the fault has no other place.
        Map<Cause, Double> elsewhere = new EnumMap<>(Cause.class);
        s.ratios().forEach((fault, ratio) -> {
            if (Cause.onCylinder(fault).isEmpty()) {
                Cause.ofEngine(fault).ifPresent(c -> elsewhere.put(c, ratio));
            }
        });
        if (!elsewhere.isEmpty()) {
            to.add(new SealCase.Judged(id, -1, elsewhere, group));
        }
        s.cylinders().forEach(c -> to.add(new SealCase.Judged(id, c.value() - 1, ofCylinder, group)));
    }

    /** What is told at the intake comes from different causes; the rest of a station sees one thing several ways. */
    private static String group(Finding s) {
        return s.station().equals(IntakeRules.SOURCE) ? s.rule() : s.station();
    }

    /** Faults that the model does not hold, with what was judged of each. */
    static Map<Fault, List<Finding>> beside(List<Finding> findings) {
        Map<Fault, List<Finding>> all = new EnumMap<>(Fault.class);
        findings.forEach(s -> s.ratios().keySet().stream()
                .filter(f -> Cause.ofEngine(f).isEmpty() && Cause.onCylinder(f).isEmpty())
                .filter(f -> f.family().isPresent())
                .forEach(f -> all.computeIfAbsent(f, k -> new ArrayList<>()).add(s)));
        return all;
    }

    private static Optional<Complaint> complaint(Intake intake) {
        if (intake.complains(ComplaintKind.OIL_USE)) {
            return Optional.of(Complaint.OIL_USE);
        }
        if (intake.complains(ComplaintKind.SMOKE)) {
            return Optional.of(Complaint.SMOKE);
        }
        if (intake.complains(ComplaintKind.COOLANT_LOSS)) {
            return Optional.of(Complaint.COOLANT);
        }
        if (intake.complains(ComplaintKind.MISFIRE)
                || intake.complains(ComplaintKind.HARD_START)
                || intake.complains(ComplaintKind.LOW_POWER)
                || intake.complains(ComplaintKind.LOW_SPEED)
                || intake.complains(ComplaintKind.SAGS)) {
            return Optional.of(Complaint.POWER);
        }
        if (intake.complains(ComplaintKind.OIL_FROM_BREATHER)) {
            return Optional.of(Complaint.BREATHER);
        }
        boolean check = intake.purpose().filter(p -> p != Purpose.COMPLAINT).isPresent();
        return check ? Optional.of(Complaint.CHECK) : Optional.empty();
    }
}
