package silentotter.core.planning;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import silentotter.core.blowby.Pumping;
import silentotter.core.diagnosis.Outlook;
import silentotter.core.diagnosis.Outlook.DoneTests;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.engine.Traits.Cooling;
import silentotter.core.examination.RoundChoices;
import silentotter.core.examination.TestKind;
import silentotter.core.inference.Member;

/** The tests that this engine can have, that were not done and that nobody has excluded. */
final class Candidates {
    private final Engine engine;
    private final DoneTests done;
    private final RoundChoices choices;
    private final Bench now;
    /** Likeliest to leak first. */
    private final List<CylinderNumber> suspected;

    Candidates(Outlook outlook, RoundChoices choices, Bench now) {
        this.now = now;
        this.engine = outlook.engine();
        this.done = outlook.done();
        this.choices = choices;
        Map<Integer, Double> leaks = new HashMap<>();
        outlook.probabilities().members().forEach((m, p) -> places(m).forEach(c -> leaks.merge(c, p, Double::sum)));
        suspected = engine.arrangement().cylinders().stream()
                .sorted(Comparator.comparingDouble(c -> -leaks.getOrDefault(c.value() - 1, 0.0)))
                .toList();
    }

    private static Stream<Integer> places(Member m) {
        return Stream.of(m.cylinder(), m.other()).filter(c -> c >= 0);
    }

    /** @param planned what is planned before */
    List<PlannedTest> after(Collection<PlannedTest> planned) {
        return all(planned).stream()
                .filter(t -> isWanted(t.test()))
                .filter(t -> planned.stream().noneMatch(p -> p.test() == t.test()))
                .toList();
    }

    /** Whether somebody can and will do it here. */
    private boolean isWanted(TestKind test) {
        return !choices.left().contains(test) && now.allows(test);
    }

    /** Every test that is left, each on all it could be done on: the usual round. */
    List<PlannedTest> usualRound() {
        List<PlannedTest> round = new ArrayList<>();
        for (PlannedTest test : all(List.of(PlannedTest.of(TestKind.COMPRESSION)))) {
            boolean more = round.stream().anyMatch(t -> t.test() == test.test() && t.minutes() >= test.minutes());
            if (!more && isWanted(test.test())) {
                round.removeIf(t -> t.test() == test.test());
                round.add(test);
            }
        }
        round.sort(Comparator.comparing(PlannedTest::test));
        return round;
    }

    private List<PlannedTest> all(Collection<PlannedTest> planned) {
        boolean twoStroke = engine.cycle() == Cycle.TWO_STROKE;
        boolean liquid = engine.traits().cooling().filter(c -> c == Cooling.AIR).isEmpty();
        List<PlannedTest> all = new ArrayList<>();
        add(all, !done.signs(), PlannedTest.of(TestKind.LOOK));
        add(all, !done.gas() && liquid, PlannedTest.of(TestKind.GAS_TEST));
        add(all, !done.smoke() && !twoStroke, PlannedTest.of(TestKind.SMOKE));
        add(all, !done.held() && twoStroke, PlannedTest.of(TestKind.CRANKCASE));
        add(all, !done.blowby() && !twoStroke && !Pumping.pumps(engine), PlannedTest.of(TestKind.BLOWBY));
        List<CylinderNumber> every = engine.arrangement().cylinders();
        add(all, !done.plugs() && !engine.isDiesel(), PlannedTest.on(TestKind.PLUGS, every));
        onSuspected(all, TestKind.INSIDE, left(done.inside()));
        List<CylinderNumber> uncranked = left(done.cranked());
        add(all, !uncranked.isEmpty(), PlannedTest.on(TestKind.COMPRESSION, uncranked));
        gauges(all, planned, uncranked.isEmpty());
        add(all, !done.oil() && !twoStroke, PlannedTest.of(TestKind.OIL_TRIAL));
        return all;
    }

    private void gauges(List<PlannedTest> all, Collection<PlannedTest> planned, boolean cranked) {
        boolean twoStroke = engine.cycle() == Cycle.TWO_STROKE;
        boolean willBeCranked = planned.stream().anyMatch(t -> t.test() == TestKind.COMPRESSION);
        List<CylinderNumber> unaired = left(done.aired());
        if (cranked) {
            wet(all);
            if (!twoStroke) {
                onSuspected(all, TestKind.CLEARANCE, left(done.clearance()));
            }
            onSuspected(all, TestKind.LEAKDOWN, unaired);
        } else {
            boolean oil = done.oilable().size() == engine.arrangement().count();
            add(all, willBeCranked && oil, PlannedTest.onLowest(TestKind.WET, 2));
            add(all, !unaired.isEmpty(), PlannedTest.on(TestKind.LEAKDOWN, unaired));
            boolean some = willBeCranked && done.aired().isEmpty();
            add(all, some && engine.arrangement().count() > 1, PlannedTest.onLowest(TestKind.LEAKDOWN, 1));
            add(all, some && engine.arrangement().count() > 2, PlannedTest.onLowest(TestKind.LEAKDOWN, 2));
        }
        CylinderNumber first = suspected.get(0);
        boolean tap =
                !twoStroke && done.aired().contains(first) && !done.tapped().contains(first);
        add(all, tap, PlannedTest.on(TestKind.TAP, List.of(first)));
    }

    /** On the likeliest that may be oiled, and on the least likely as control. */
    private void wet(List<PlannedTest> all) {
        List<CylinderNumber> may = suspected.stream()
                .filter(c -> done.oilable().contains(c) && !done.wet().contains(c))
                .toList();
        if (!may.isEmpty() && may.get(0).equals(suspected.get(0))) {
            all.add(PlannedTest.on(TestKind.WET, may.size() == 1 ? may : List.of(may.get(0), may.get(may.size() - 1))));
        }
    }

    private void onSuspected(List<PlannedTest> all, TestKind test, List<CylinderNumber> left) {
        if (left.isEmpty()) {
            return;
        }
        for (int several : new int[] {1, 2, left.size()}) {
            if (several <= left.size()
                    && all.stream()
                            .noneMatch(t -> t.test() == test && t.cylinders().size() == several)) {
                all.add(PlannedTest.on(test, left.subList(0, several)));
            }
        }
    }

    private List<CylinderNumber> left(List<CylinderNumber> already) {
        return suspected.stream().filter(c -> !already.contains(c)).toList();
    }

    private static void add(List<PlannedTest> all, boolean when, PlannedTest test) {
        if (when) {
            all.add(test);
        }
    }
}
