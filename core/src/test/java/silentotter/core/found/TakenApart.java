package silentotter.core.found;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import silentotter.core.fault.Fault;
import silentotter.core.found.CylinderFound.BoreFound;
import silentotter.core.found.CylinderFound.GasketLine;
import silentotter.core.found.CylinderFound.Lands;
import silentotter.core.found.CylinderFound.OilDrains;
import silentotter.core.found.CylinderFound.OilRingFound;
import silentotter.core.found.CylinderFound.RingsFound;
import silentotter.core.found.ValveFound.FluidTest;
import silentotter.core.found.ValveFound.Guide;
import silentotter.core.found.ValveFound.StemSealFound;
import silentotter.core.found.ValveFound.ValveFace;
import silentotter.core.found.ValveFound.ValveLift;

/** An engine taken apart, for tests: says only what somebody looked at. */
public record TakenApart(Map<Integer, CylinderFound> cylinders, EngineFound whole, WearLimits limits) {
    public static TakenApart engine() {
        return new TakenApart(Map.of(), EngineFound.NOTHING, WearLimits.UNKNOWN);
    }

    public static Cylinder cylinder() {
        return new Cylinder();
    }

    public TakenApart with(int number, Cylinder cylinder) {
        Map<Integer, CylinderFound> more = new HashMap<>(cylinders);
        more.put(number, cylinder.found());
        return new TakenApart(more, whole, limits);
    }

    public TakenApart gapLimit(double mm) {
        return new TakenApart(
                cylinders,
                whole,
                new WearLimits(
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(mm),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()));
    }

    public Found found() {
        return new Found(Map.of(), cylinders, whole, limits, WorkDone.NONE);
    }

    /** One cylinder as it is looked at. */
    public static final class Cylinder {
        private Optional<BoreFound> bore = Optional.empty();
        private Optional<RingsFound> rings = Optional.empty();
        private List<Double> gaps = List.of();
        private Optional<OilRingFound> oilRing = Optional.empty();
        private Optional<OilDrains> drains = Optional.empty();
        private Optional<Lands> lands = Optional.empty();
        private Optional<ValveFound> intake = Optional.empty();
        private Optional<ValveFound> exhaust = Optional.empty();
        private Optional<GasketLine> gasket = Optional.empty();
        private final Map<Fault, Mended> repair = new HashMap<>();

        public Cylinder bore(BoreFound b) {
            bore = Optional.of(b);
            return this;
        }

        public Cylinder rings(RingsFound r) {
            rings = Optional.of(r);
            return this;
        }

        public Cylinder gaps(double... mm) {
            gaps = Arrays.stream(mm).boxed().toList();
            return this;
        }

        public Cylinder oilRing(OilRingFound r) {
            oilRing = Optional.of(r);
            return this;
        }

        public Cylinder drains(OilDrains d) {
            drains = Optional.of(d);
            return this;
        }

        public Cylinder lands(Lands l) {
            lands = Optional.of(l);
            return this;
        }

        public Cylinder gasket(GasketLine g) {
            gasket = Optional.of(g);
            return this;
        }

        public Cylinder intake(UnaryOperator<Valve> seen) {
            intake = Optional.of(seen.apply(new Valve()).found());
            return this;
        }

        public Cylinder exhaust(UnaryOperator<Valve> seen) {
            exhaust = Optional.of(seen.apply(new Valve()).found());
            return this;
        }

        public Cylinder repaired(Fault fault, Mended said) {
            repair.put(fault, said);
            return this;
        }

        CylinderFound found() {
            return new CylinderFound(
                    Optional.empty(),
                    bore,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    rings,
                    gaps,
                    oilRing,
                    drains,
                    lands,
                    intake,
                    exhaust,
                    gasket,
                    repair);
        }
    }

    /** The valves of one side as they are looked at. */
    public static final class Valve {
        private Optional<FluidTest> fluid = Optional.empty();
        private Optional<ValveFace> face = Optional.empty();
        private Optional<Guide> guide = Optional.empty();
        private Optional<StemSealFound> seal = Optional.empty();
        private Optional<ValveLift> lift = Optional.empty();

        public Valve fluid(FluidTest f) {
            fluid = Optional.of(f);
            return this;
        }

        public Valve face(ValveFace f) {
            face = Optional.of(f);
            return this;
        }

        public Valve guide(Guide g) {
            guide = Optional.of(g);
            return this;
        }

        public Valve seal(StemSealFound s) {
            seal = Optional.of(s);
            return this;
        }

        public Valve lift(ValveLift l) {
            lift = Optional.of(l);
            return this;
        }

        ValveFound found() {
            return new ValveFound(fluid, face, guide, seal, lift);
        }
    }
}
