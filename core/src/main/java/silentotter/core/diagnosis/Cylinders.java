package silentotter.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.compression.CylinderResult;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.Cause;
import silentotter.core.inference.Probabilities;
import silentotter.core.wording.Say;

/** One cylinder in three lines. */
final class Cylinders {
    private static final int MOST_REASONS = 3;
    private static final double SAID = Odds.POSSIBLE.from();

    private final Probabilities p;
    private final Results results;
    private final Tested tested;
    private final List<Suspect> suspects;
    private final List<WeighedFinding> findings;

    Cylinders(Probabilities p, Results results, Tested tested, List<Suspect> suspects, List<WeighedFinding> findings) {
        this.p = p;
        this.results = results;
        this.tested = tested;
        this.suspects = suspects;
        this.findings = findings;
    }

    CylinderVerdict verdict(CylinderNumber c, List<DoubtedReading> measuring) {
        List<String> why = own(c);
        Optional<DoubtedReading> wrong = measuring.stream()
                .filter(d ->
                        d.probability() >= Doubts.MEASURE_AGAIN && d.cylinders().contains(c))
                .findFirst();
        boolean read = tested.cranked(c) || tested.aired(c);
        if (wrong.isPresent()) {
            List<String> all = new ArrayList<>(List.of(wrong.get().text()));
            all.addAll(why);
            why = first(all);
        }
        if (wrong.filter(DoubtedReading::named).isPresent()) {
            return new CylinderVerdict(
                    Tone.DOUBT,
                    "Reading in doubt",
                    Odds.of(wrong.get().probability()).words(),
                    why,
                    misses(c));
        }
        Optional<Suspect> here = suspects.stream()
                .filter(s -> s.cylinders().contains(c) && s.probability() >= SAID)
                .max(Comparator.comparingDouble(Suspect::probability));
        Optional<Suspect.SuspectMember> member = suspects.stream()
                .flatMap(s -> s.members().stream())
                .filter(m -> m.cylinders().contains(c) && m.probability() >= SAID)
                .max(Comparator.comparingDouble(Suspect.SuspectMember::probability));
        double fault = fault(p, c);
        if (fault >= Odds.LIKELY.from() && here.map(Suspect::probability).orElse(0.0) < Odds.EVEN.from()) {
            return new CylinderVerdict(
                    Tone.LOSS, "Loses its seal, way not known", Odds.of(fault).words(), why, misses(c));
        }
        if (here.isPresent()) {
            Suspect s = here.get();
            return new CylinderVerdict(
                    s.odds().compareTo(Odds.EVEN) <= 0 ? Tone.LOSS : Tone.DOUBT, s.text(), s.words(), why, misses(c));
        }
        if (member.isPresent()) {
            double q = member.get().probability();
            return new CylinderVerdict(
                    q >= Odds.EVEN.from() ? Tone.LOSS : Tone.DOUBT,
                    Say.sentence(member.get().text()),
                    Odds.of(q).words(),
                    why,
                    misses(c));
        }
        if (!read) {
            return new CylinderVerdict(Tone.EMPTY, "Not read yet", "", why, "");
        }
        return new CylinderVerdict(
                Tone.SOUND, "No loss of seal seen", tested.little() ? "little tested yet" : "likely", why, misses(c));
    }

    /** That something is wrong with this cylinder that lets air out or fills it badly, 0 to 1. */
    static double fault(Probabilities p, CylinderNumber c) {
        int i = c.value() - 1;
        return Math.min(
                1,
                p.members().entrySet().stream()
                        .filter(e -> e.getKey().cylinder() == i || e.getKey().other() == i)
                        .filter(e -> e.getKey().cause() != Cause.OIL_RING_HERE
                                && e.getKey().cause() != Cause.STEM_SEAL_HERE)
                        .mapToDouble(Map.Entry::getValue)
                        .sum());
    }

    private List<String> own(CylinderNumber c) {
        return first(findings.stream()
                .filter(f -> f.cylinders().equals(List.of(c)))
                .filter(f -> !f.because().isEmpty())
                .map(f -> f.id().startsWith("rule:") ? f.says() + " " + f.because() : reading(f))
                .toList());
    }

    private static String reading(WeighedFinding f) {
        return f.id().startsWith("heard") || f.id().startsWith("plug") || f.id().startsWith("tapped")
                ? f.seen() + "."
                : f.because();
    }

    private static List<String> first(List<String> all) {
        return all.stream().limit(MOST_REASONS).toList();
    }

    private String misses(CylinderNumber c) {
        CylinderResult dry = results.compression().cylinders().get(c);
        String small = results.leakdown()
                .at(c)
                .flatMap(l -> l.detection())
                .or(() -> dry == null ? Optional.empty() : dry.detectable())
                .map(d -> "Leaks up to about " + Say.area(d) + " would not have shown. ")
                .orElse("");
        String oil = tested.anOilRing() ? "The oil control ring is not cleared by this." : "";
        return tested.cranked(c) || tested.aired(c) ? (small + oil).strip() : "";
    }
}
