package silentotter.core.found;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.core.found.TakenApart.cylinder;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Fault;
import silentotter.core.fault.FaultAt;
import silentotter.core.found.CylinderFound.BoreFound;
import silentotter.core.found.CylinderFound.GasketLine;
import silentotter.core.found.CylinderFound.Lands;
import silentotter.core.found.CylinderFound.OilDrains;
import silentotter.core.found.CylinderFound.OilRingFound;
import silentotter.core.found.CylinderFound.RingsFound;
import silentotter.core.found.Known.HowKnown;
import silentotter.core.found.Known.Truth;
import silentotter.core.found.ValveFound.FluidTest;
import silentotter.core.found.ValveFound.Guide;
import silentotter.core.found.ValveFound.StemSealFound;
import silentotter.core.found.ValveFound.ValveFace;

class OutcomeTest {
    private static final Engine FOUR = Bench.inline(4).engine();

    private static Known of(TakenApart opened, Fault fault, int... cylinders) {
        return Outcome.of(FOUR, opened.found()).of(at(fault, cylinders));
    }

    private static FaultAt at(Fault fault, int... cylinders) {
        return FaultAt.of(
                fault, Arrays.stream(cylinders).mapToObj(CylinderNumber::of).toList());
    }

    @Test
    void whatNobodyLookedAtIsNotGood() {
        TakenApart headOff = TakenApart.engine().with(3, cylinder().exhaust(v -> v.fluid(FluidTest.RUNS_THROUGH)));

        assertThat(of(headOff, Fault.EXHAUST_VALVE, 3).truth()).isEqualTo(Truth.PRESENT);
        assertThat(of(headOff, Fault.RING_SEAL, 3)).isEqualTo(Known.NOTHING);
        assertThat(of(headOff, Fault.EXHAUST_VALVE, 2)).isEqualTo(Known.NOTHING);
        assertThat(of(headOff, Fault.VALVE_HELD, 3)).isEqualTo(Known.NOTHING);
    }

    @Test
    void aScoredBoreSeenFromAboveIsKnownAndTeachesNothing() {
        TakenApart headOff = TakenApart.engine().with(2, cylinder().bore(BoreFound.SCORED));
        Known scored = of(headOff, Fault.RING_SEAL, 2);

        assertThat(scored.truth()).isEqualTo(Truth.PRESENT);
        assertThat(scored.whole()).isFalse();
        assertThat(of(headOff.with(2, cylinder().bore(BoreFound.SCORED).rings(RingsFound.FREE)), Fault.RING_SEAL, 2)
                        .whole())
                .isTrue();
    }

    @Test
    void aFluidThatStaysRulesAValveOutAndABurntEdgeWinsOverIt() {
        assertThat(of(
                                TakenApart.engine().with(1, cylinder().exhaust(v -> v.fluid(FluidTest.TIGHT))),
                                Fault.EXHAUST_VALVE,
                                1)
                        .truth())
                .isEqualTo(Truth.ABSENT);
        assertThat(of(
                                TakenApart.engine()
                                        .with(
                                                1,
                                                cylinder()
                                                        .exhaust(v -> v.fluid(FluidTest.TIGHT)
                                                                .face(ValveFace.BURNT))),
                                Fault.EXHAUST_VALVE,
                                1)
                        .truth())
                .isEqualTo(Truth.PRESENT);
    }

    @Test
    void aMeasureSaysNothingWithoutItsLimit() {
        TakenApart wide = TakenApart.engine().with(4, cylinder().gaps(1.4, 1.3));

        assertThat(of(wide, Fault.RING_SEAL, 4)).isEqualTo(Known.NOTHING);
        Known measured = of(wide.gapLimit(.8), Fault.RING_SEAL, 4);
        assertThat(measured.truth()).isEqualTo(Truth.PRESENT);
        assertThat(measured.how()).isEqualTo(HowKnown.MEASURED);
    }

    @Test
    void whatNearlyAllShareIsEvenWearAndNotHeldAgainstOne() {
        TakenApart worn = TakenApart.engine()
                .with(1, cylinder().rings(RingsFound.WORN))
                .with(2, cylinder().rings(RingsFound.WORN))
                .with(3, cylinder().rings(RingsFound.STUCK))
                .with(4, cylinder().rings(RingsFound.WORN));
        assertThat(of(worn, Fault.EVEN_WEAR).truth()).isEqualTo(Truth.PRESENT);
        assertThat(of(worn, Fault.RING_SEAL, 1)).isEqualTo(Known.NOTHING);
        assertThat(of(worn, Fault.RING_SEAL, 3).truth()).isEqualTo(Truth.PRESENT);

        TakenApart sound = TakenApart.engine()
                .with(1, cylinder().rings(RingsFound.WORN))
                .with(2, cylinder().rings(RingsFound.FREE).bore(BoreFound.HATCH_SEEN))
                .with(3, cylinder().rings(RingsFound.FREE).bore(BoreFound.HATCH_SEEN));
        assertThat(of(sound, Fault.EVEN_WEAR).truth()).isEqualTo(Truth.ABSENT);
    }

    @Test
    void oilRingsOfTheEngineNeedMostOfThem() {
        TakenApart one = TakenApart.engine()
                .with(2, cylinder().oilRing(OilRingFound.STUCK).drains(OilDrains.BLOCKED));
        assertThat(of(one, Fault.OIL_CONTROL, 2).truth()).isEqualTo(Truth.PRESENT);
        assertThat(of(one, Fault.OIL_CONTROL)).isEqualTo(Known.NOTHING);
        for (int c : new int[] {1, 3, 4}) {
            one = one.with(c, cylinder().oilRing(OilRingFound.STUCK));
        }
        assertThat(of(one, Fault.OIL_CONTROL).truth()).isEqualTo(Truth.PRESENT);
        // Of the engine, and not of each cylinder as well: it happened once.
        assertThat(of(one, Fault.OIL_CONTROL, 2)).isEqualTo(Known.NOTHING);
    }

    @Test
    void stemSealsAreClearedOnlyWithTheirGuides() {
        TakenApart soft = TakenApart.engine()
                .with(1, cylinder().intake(v -> v.seal(StemSealFound.SOFT)).exhaust(v -> v.seal(StemSealFound.SOFT)));
        assertThat(of(soft, Fault.STEM_SEAL, 1)).isEqualTo(Known.NOTHING);
        TakenApart snug = TakenApart.engine()
                .with(
                        1,
                        cylinder()
                                .intake(v -> v.seal(StemSealFound.SOFT).guide(Guide.SNUG))
                                .exhaust(v -> v.seal(StemSealFound.SOFT).guide(Guide.SNUG)));
        assertThat(of(snug, Fault.STEM_SEAL, 1).truth()).isEqualTo(Truth.ABSENT);
    }

    @Test
    void aGasketIsOpenBetweenTwoWhereBothSaySoOrOneHasNoOtherNeighbour() {
        TakenApart inner = TakenApart.engine().with(2, cylinder().gasket(GasketLine.OPEN_TO_NEIGHBOUR));
        assertThat(of(inner, Fault.GASKET_BETWEEN, 1, 2)).isEqualTo(Known.NOTHING);
        assertThat(of(inner.with(3, cylinder().gasket(GasketLine.OPEN_TO_NEIGHBOUR)), Fault.GASKET_BETWEEN, 2, 3)
                        .truth())
                .isEqualTo(Truth.PRESENT);
        assertThat(of(inner.with(3, cylinder().gasket(GasketLine.WHOLE)), Fault.GASKET_BETWEEN, 2, 3)
                        .truth())
                .isEqualTo(Truth.ABSENT);
        TakenApart end = TakenApart.engine().with(4, cylinder().gasket(GasketLine.OPEN_TO_NEIGHBOUR));
        assertThat(of(end, Fault.GASKET_BETWEEN, 3, 4).truth()).isEqualTo(Truth.PRESENT);
    }

    @Test
    void aRepairSaysLessThanWhatWasSeen() {
        TakenApart cured = TakenApart.engine().with(3, cylinder().repaired(Fault.EXHAUST_VALVE, Mended.CURED));
        Known byRepair = of(cured, Fault.EXHAUST_VALVE, 3);
        assertThat(byRepair.truth()).isEqualTo(Truth.PRESENT);
        assertThat(byRepair.how()).isEqualTo(HowKnown.REPAIR);

        TakenApart seen = TakenApart.engine()
                .with(3, cylinder().repaired(Fault.EXHAUST_VALVE, Mended.CURED).exhaust(v -> v.fluid(FluidTest.TIGHT)));
        assertThat(of(seen, Fault.EXHAUST_VALVE, 3).truth()).isEqualTo(Truth.ABSENT);
    }

    @Test
    void aTwoStrokeHasNoValvesToFindBurnt() {
        Engine twoStroke = Bench.inline(4).twoStroke().engine();
        Found found = TakenApart.engine()
                .with(1, cylinder().exhaust(v -> v.face(ValveFace.BURNT)).lands(Lands.BROKEN_OUT))
                .found();
        Map<FaultAt, Known> known = Outcome.of(twoStroke, found).known();
        assertThat(known.keySet()).isEqualTo(Set.of(at(Fault.BROKEN, 1)));
    }

    @Test
    void nothingOpenedIsNothingKnown() {
        assertThat(Outcome.of(FOUR, Found.NOTHING).known()).isEmpty();
        assertThat(Found.NOTHING.begun()).isFalse();
        assertThat(TakenApart.engine().gapLimit(.8).found().begun()).isFalse();
        assertThat(TakenApart.engine().with(1, cylinder()).found().begun()).isTrue();
    }

    @Test
    void everyLineOfTheTableCanHold() {
        assertThat(FoundRules.lines().stream().map(FoundRules.Line::found)).doesNotHaveDuplicates();
        List<Fault> ofOneCylinder = FoundRules.lines().stream()
                .map(FoundRules.Line::fault)
                .distinct()
                .toList();
        // Each fault of a cylinder can be shown and ruled out, or its suspicions could only ever come out one way.
        for (Fault fault : ofOneCylinder) {
            assertThat(FoundRules.lines().stream()
                            .filter(l -> l.fault() == fault)
                            .map(FoundRules.Line::shows))
                    .as(fault.words())
                    .contains(true, false);
        }
    }
}
