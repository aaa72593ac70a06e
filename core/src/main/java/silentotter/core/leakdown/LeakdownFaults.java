package silentotter.core.leakdown;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.finding.ReadingFault;
import silentotter.core.finding.ReadingFault.Test;
import silentotter.core.finding.ReadingFaultKind;
import silentotter.core.leakdown.LeakdownReading.DoneBefore;
import silentotter.core.wording.Say;

/** Leak-down readings that cannot be true, or that say less than they seem to. Trade practice, see each text. */
final class LeakdownFaults {
    /** Air that must be heard somewhere, litres of free air a minute. */
    private static final double AUDIBLE_L_PER_MIN = 30;
    /** The same in per cent of the dial where the tester's orifice is unknown. */
    private static final double AUDIBLE_PERCENT = 40;
    /** So many places at least must have been listened at before silence means something. */
    private static final int PLACES_LISTENED = 3;

    private static final double WRONG_STROKE_PERCENT = 85;
    private static final double ALL_HIGH_PERCENT = 15;

    private LeakdownFaults() {}

    static List<ReadingFault> in(
            Engine engine, List<LeakdownReading> counting, Map<CylinderNumber, CylinderLeak> cylinders) {
        List<ReadingFault> found = new ArrayList<>();
        cylinders.values().forEach(l -> {
            silent(l).ifPresent(found::add);
            wrongStroke(l).ifPresent(found::add);
            drifting(l).ifPresent(found::add);
            found.addAll(neighbours(engine, l));
        });
        worseAfterTap(counting).ifPresent(found::add);
        allHigh(engine, cylinders.values()).ifPresent(found::add);
        return found;
    }

    private static Optional<ReadingFault> silent(CylinderLeak l) {
        boolean large = l.freeAirLPerMin()
                .map(f -> f > AUDIBLE_L_PER_MIN)
                .orElse(l.reading().percent() > AUDIBLE_PERCENT);
        if (!large || l.reading().listenedAt() < PLACES_LISTENED || l.reading().heardAnywhere()) {
            return Optional.empty();
        }
        String flow =
                l.freeAirLPerMin().map(f -> Math.round(f) + " litres a minute").orElse("So much air");
        return Optional.of(new ReadingFault(
                ReadingFaultKind.SILENT,
                Test.LEAKDOWN,
                List.of(l.cylinder()),
                flow + " leave cylinder " + Say.cylinder(l.cylinder()) + " and nobody heard them: that cannot be.",
                "Soap the adapter and hose; check the stroke; listen again. In that order."));
    }

    private static Optional<ReadingFault> wrongStroke(CylinderLeak l) {
        boolean valve =
                l.reading().heardAt(Place.INTAKE, Heard.LOUD) || l.reading().heardAt(Place.EXHAUST, Heard.LOUD);
        boolean turned =
                l.reading().doneBefore().filter(d -> d == DoneBefore.TURNED_360).isPresent();
        return l.reading().percent() >= WRONG_STROKE_PERCENT && valve && !turned
                ? Optional.of(new ReadingFault(
                        ReadingFaultKind.WRONG_STROKE,
                        Test.LEAKDOWN,
                        List.of(l.cylinder()),
                        "Nearly all air leaves cylinder " + Say.cylinder(l.cylinder())
                                + " past a valve at once: it stands on the wrong stroke.",
                        "Turn the crank 360° in its running direction and read again."))
                : Optional.empty();
    }

    private static List<ReadingFault> neighbours(Engine engine, CylinderLeak l) {
        return l.reading().neighbours().entrySet().stream()
                .filter(e -> e.getValue().compareTo(Heard.FAINT) >= 0)
                .map(Map.Entry::getKey)
                .filter(n -> !l.reading().excluded().contains(n))
                .sorted()
                .flatMap(n -> neighbour(engine, l.cylinder(), n).stream())
                .toList();
    }

    private static Optional<ReadingFault> neighbour(Engine engine, CylinderNumber cylinder, CylinderNumber n) {
        Optional<CrankPosition> crank = CrankPosition.of(engine, cylinder);
        boolean intake = crank.filter(c -> c.intakeOpen().contains(n)).isPresent();
        boolean exhaust = crank.filter(c -> c.exhaustOpen().contains(n)).isPresent();
        if (crank.isPresent() && !intake && !exhaust) {
            return Optional.empty();
        }
        String open = crank.isEmpty()
                ? "may have a valve open here; without a firing order nobody can say"
                : "has its "
                        + (intake && exhaust ? "intake and exhaust valves" : intake ? "intake valve" : "exhaust valve")
                        + " open at this crank position";
        return Optional.of(new ReadingFault(
                ReadingFaultKind.NEIGHBOUR_OPEN,
                Test.LEAKDOWN,
                List.of(cylinder),
                "Cylinder " + Say.cylinder(n) + " " + open
                        + ": air can come by the manifold. The gasket is not blamed yet.",
                "Plug the hole of " + Say.cylinder(n) + " and listen at the "
                        + (exhaust && !intake ? "exhaust" : "intake") + "; or turn on until its valves are shut."));
    }

    private static Optional<ReadingFault> drifting(CylinderLeak l) {
        return l.reading().drifts()
                ? Optional.of(new ReadingFault(
                        ReadingFaultKind.DRIFTING,
                        Test.LEAKDOWN,
                        List.of(l.cylinder()),
                        "Cylinder " + Say.cylinder(l.cylinder())
                                + " was still moving when it was written down: piston creeping, or supply sagging.",
                        "Hold the crank at top centre, wait until the needle stands, read again."))
                : Optional.empty();
    }

    private static Optional<ReadingFault> worseAfterTap(List<LeakdownReading> counting) {
        for (int i = 1; i < counting.size(); i++) {
            LeakdownReading now = counting.get(i);
            Optional<LeakdownReading> before = counting.subList(0, i).stream()
                    .filter(r -> r.cylinder().equals(now.cylinder()) && r.kind() == now.kind())
                    .reduce((a, b) -> b);
            boolean tapped =
                    now.doneBefore().filter(d -> d == DoneBefore.VALVE_TAPPED).isPresent();
            if (tapped
                    && before.filter(b -> now.percent() > b.percent() && now.differsFrom(b))
                            .isPresent()) {
                return Optional.of(new ReadingFault(
                        ReadingFaultKind.WORSE_AFTER_TAP,
                        Test.LEAKDOWN,
                        List.of(now.cylinder()),
                        "Cylinder " + Say.cylinder(now.cylinder())
                                + " reads worse after its valve was tapped: debris moved, or the tester does not repeat.",
                        "Vent, turn over a few times, read again."));
            }
        }
        return Optional.empty();
    }

    private static Optional<ReadingFault> allHigh(Engine engine, Collection<CylinderLeak> leaks) {
        int count = engine.arrangement().count();
        boolean all = count > 1 && leaks.size() == count;
        boolean high = leaks.stream().allMatch(l -> l.reading().percent() >= ALL_HIGH_PERCENT);
        boolean alike = leaks.stream().noneMatch(CylinderLeak::odd);
        return all && high && alike
                ? Optional.of(new ReadingFault(
                        ReadingFaultKind.ALL_HIGH,
                        Test.LEAKDOWN,
                        List.of(),
                        "All cylinders read high alike: a tester that is off, or even ring wear. Readings alone do not tell.",
                        "Read a drilled bleed hole, or repeat hot; either decides."))
                : Optional.empty();
    }
}
