package silentotter.core.hidden;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import silentotter.core.engine.Arrangement;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.engine.EngineEnd;
import silentotter.core.engine.Layout;
import silentotter.core.engine.MakerLimits;
import silentotter.core.engine.OilData;
import silentotter.core.engine.Size;
import silentotter.core.engine.Traits;
import silentotter.core.engine.Traits.Fuel;
import silentotter.core.engine.UsualEngines;
import silentotter.core.fault.EngineKind;
import silentotter.core.fault.Fault;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Volume;

/** Draws engines and their faults. How often each fault comes is not what the diagnosis takes for its prior. */
final class EngineMaker {
    private static final double NOTHING_WRONG = .2;
    private static final double TWO_FAULTS = .14;

    private record Kind(Fault fault, double petrol, double diesel, double twoStroke) {
        double weight(EngineKind kind) {
            return switch (kind) {
                case PETROL -> petrol;
                case DIESEL -> diesel;
                case TWO_STROKE -> twoStroke;
            };
        }
    }

    private static final List<Kind> FAULTS = List.of(
            new Kind(Fault.RING_SEAL, .14, .16, .3),
            new Kind(Fault.BROKEN, .05, .06, .1),
            new Kind(Fault.EXHAUST_VALVE, .13, .07, 0),
            new Kind(Fault.INTAKE_VALVE, .06, .05, 0),
            new Kind(Fault.VALVE_HELD, .08, .05, 0),
            new Kind(Fault.VALVE_NOT_OPENING, .04, .04, 0),
            new Kind(Fault.COOLANT_ENTRY, .08, .09, .06),
            new Kind(Fault.GASKET_BETWEEN, .05, .05, .05),
            new Kind(Fault.OIL_CONTROL, .12, .1, 0),
            new Kind(Fault.STEM_SEAL, .1, .04, 0),
            new Kind(Fault.VENTILATION, .06, .08, 0),
            new Kind(Fault.OUTSIDE_LEAK, .08, .1, .08),
            new Kind(Fault.EVEN_WEAR, .08, .1, .2),
            new Kind(Fault.CAM_TIMING, .03, .02, 0),
            new Kind(Fault.CRANKCASE_AIR, 0, 0, .2));

    private EngineMaker() {}

    /** @param cylinders how many it has, of a petrol four-stroke; drawn with everything else where nobody asks */
    static Engine engine(Draw d, OptionalInt cylinders) {
        boolean diesel = d.chance(.22) && cylinders.isEmpty();
        boolean twoStroke = !diesel && d.chance(.1) && cylinders.isEmpty();
        int drawn = twoStroke ? 1 + d.index(3) : d.of(List.of(1, 2, 3, 4, 4, 4, 4, 5, 6, 6, 8));
        int n = cylinders.orElse(drawn);
        Layout layout = n % 2 == 0 && n >= 2 && d.chance(n >= 6 ? .6 : .15)
                ? n <= 6 && d.chance(.3) ? Layout.FLAT : Layout.V
                : Layout.INLINE;
        Arrangement arrangement =
                UsualEngines.arrangements(layout, n, EngineEnd.FREE).get(0);
        double bore = diesel ? d.between(76, 120) : twoStroke ? d.between(50, 82) : d.between(64, 100);
        double ratio = diesel ? d.between(15.5, 20) : twoStroke ? d.between(6, 8) : d.between(8, 11.5);
        Size size = new Size(
                Optional.of(Length.ofMm(Math.round(bore * 10) / 10.0)),
                Optional.of(Length.ofMm(Math.round(bore * d.between(.85, 1.2) * 10) / 10.0)),
                Optional.empty(),
                Optional.of(Math.round(ratio * 10) / 10.0),
                Optional.empty());
        Traits traits = new Traits(
                Optional.of(twoStroke ? Cycle.TWO_STROKE : Cycle.FOUR_STROKE),
                Optional.empty(),
                Optional.of(diesel ? Fuel.DIESEL : Fuel.PETROL),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        double span = d.between(15, 28);
        OilData oil = new OilData(
                Optional.empty(),
                Optional.of(Volume.ofMillilitres(1000 * Math.max(1, n * bore * bore * bore * 1e-6))),
                Optional.of(Length.ofMm(span)),
                Optional.of(Volume.ofMillilitres(40 * span)),
                Optional.empty());
        return new Engine(
                "Hidden",
                arrangement,
                Map.of(),
                Optional.empty(),
                Optional.empty(),
                traits,
                size,
                MakerLimits.UNKNOWN,
                oil);
    }

    static List<HiddenFault> faults(Draw d, Engine engine, EngineKind kind) {
        List<HiddenFault> faults = new ArrayList<>();
        if (d.chance(NOTHING_WRONG)) {
            return faults;
        }
        int wanted = d.chance(TWO_FAULTS) ? 2 : 1;
        double[] weights = FAULTS.stream().mapToDouble(k -> k.weight(kind)).toArray();
        for (int tries = 0; faults.size() < wanted && tries < 20; tries++) {
            Fault fault = FAULTS.get(d.weighted(weights)).fault();
            HiddenFault drawn = fault(d, engine, fault);
            boolean apart = faults.stream()
                    .noneMatch(f -> f.fault() == drawn.fault()
                            || drawn.cylinders().stream().anyMatch(f::at));
            if (apart && possible(engine, drawn)) {
                faults.add(drawn);
            }
        }
        return faults;
    }

    private static boolean possible(Engine engine, HiddenFault fault) {
        return fault.fault() != Fault.GASKET_BETWEEN || fault.cylinders().size() == 2;
    }

    private static HiddenFault fault(Draw d, Engine engine, Fault fault) {
        int n = engine.arrangement().count();
        int one = 1 + d.index(n);
        return switch (fault) {
            case RING_SEAL -> new HiddenFault(fault, List.of(one), d.about(2.2, .6));
            case BROKEN -> new HiddenFault(fault, List.of(one), d.about(6.5, .7));
            case EXHAUST_VALVE, INTAKE_VALVE -> new HiddenFault(fault, List.of(one), d.about(2.5, .75));
            case VALVE_HELD -> new HiddenFault(fault, List.of(one), d.about(3.5, .8));
            case VALVE_NOT_OPENING -> new HiddenFault(fault, List.of(one), d.between(.2, .8));
            case COOLANT_ENTRY -> new HiddenFault(fault, List.of(one), d.about(.7, .8));
            case GASKET_BETWEEN -> {
                List<CylinderNumber> beside = engine.arrangement().neighbours(CylinderNumber.of(one));
                yield new HiddenFault(
                        fault,
                        beside.isEmpty()
                                ? List.of(one)
                                : List.of(one, d.of(beside).value()),
                        d.about(3, .7));
            }
            case OIL_CONTROL, STEM_SEAL ->
                new HiddenFault(fault, d.chance(.5) ? List.of(one) : List.of(), d.about(1, .35));
            case EVEN_WEAR -> new HiddenFault(fault, List.of(), d.about(1.3, .4));
            case CAM_TIMING -> new HiddenFault(fault, List.of(), d.between(.2, .4));
            default -> new HiddenFault(fault, List.of(), d.about(1, .3));
        };
    }
}
