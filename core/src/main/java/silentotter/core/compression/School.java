package silentotter.core.compression;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import silentotter.core.compression.FaultLimit.Figure;
import silentotter.core.compression.SchoolOpinion.Ruling;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.engine.SourcedLimit;
import silentotter.core.quantity.Pressure;
import silentotter.core.wording.Labelled;
import silentotter.core.wording.Say;

/**
 * The schools of "how even is even, how low is low". They disagree; all are asked, the shop chooses which one leads.
 * Limits are trade practice except the maker's.
 */
public enum School implements Labelled {
    LOWEST_75(School::lowest75),
    WITHIN_10(School::within10),
    WITHIN_ONE_BAR(School::withinOneBar),
    MAKER_SPREAD(School::makerSpread),
    MAKER_MINIMUM(School::makerMinimum),
    ABSOLUTE_FLOOR(School::absoluteFloor);

    /** What a school is given. */
    record Asked(Engine engine, Conditions conditions, Evenness evenness, Function<Pressure, Pressure> toSeaLevel) {}

    private static final double LEAST_RATIO = 0.75;
    private static final double LEAST_RATIO_WITHIN_10 = 0.9;
    private static final double LEAST_RATIO_WITHIN_10_DIESEL = 0.85;
    private static final double FLOOR_LEAST_RPM = 200;

    private final Function<Asked, SchoolOpinion> opinion;

    School(Function<Asked, SchoolOpinion> opinion) {
        this.opinion = opinion;
    }

    SchoolOpinion asked(Asked asked) {
        return opinion.apply(asked);
    }

    /** Where it begins to speak of a fault; empty for a maker's figure that is not entered. */
    public Optional<FaultLimit> faultLimit(Engine engine) {
        boolean diesel = engine.isDiesel();
        return switch (this) {
            case LOWEST_75 -> Optional.of(new FaultLimit(Figure.LOWEST_OVER_HIGHEST, LEAST_RATIO));
            case WITHIN_10 -> Optional.of(new FaultLimit(Figure.LOWEST_OVER_HIGHEST, within10(diesel)));
            case WITHIN_ONE_BAR ->
                Optional.of(new FaultLimit(
                        Figure.HIGHEST_LESS_LOWEST, oneBar(diesel).kPa()));
            case MAKER_SPREAD -> of(Figure.HIGHEST_LESS_LOWEST, engine.limits().compressionSpread());
            case MAKER_MINIMUM -> of(Figure.LOWEST, engine.limits().compressionMinimum());
            case ABSOLUTE_FLOOR ->
                Optional.of(new FaultLimit(Figure.LOWEST, floor(diesel).kPa()));
        };
    }

    private static Optional<FaultLimit> of(Figure figure, Optional<SourcedLimit<Pressure>> limit) {
        return limit.map(l -> new FaultLimit(figure, l.value().kPa()));
    }

    private static SchoolOpinion lowest75(Asked a) {
        return ratioSchool(a, LOWEST_75, LEAST_RATIO, LEAST_RATIO, LOWEST_75.words());
    }

    private static SchoolOpinion within10(Asked a) {
        boolean diesel = a.engine().isDiesel();
        String rule = diesel ? "Diesel: within 10 % usual, beyond 15 % a fault" : WITHIN_10.words();
        return ratioSchool(a, WITHIN_10, LEAST_RATIO_WITHIN_10, within10(diesel), rule);
    }

    private static double within10(boolean diesel) {
        return diesel ? LEAST_RATIO_WITHIN_10_DIESEL : LEAST_RATIO_WITHIN_10;
    }

    private static SchoolOpinion ratioSchool(Asked a, School school, double watch, double fail, String rule) {
        Evenness even = a.evenness();
        if (even.values().size() < 2) {
            return notAsked(school, rule, "One cylinder read: there is nothing to compare it with.");
        }
        double ratio = even.lowestOverHighest();
        double reach = CylinderValue.NINETY_FIVE
                * ratio
                * Math.hypot(even.lowest().relativeSigma(), even.highest().relativeSigma());
        Ruling ruling = ratio < fail ? Ruling.FAILS : ratio < watch ? Ruling.WATCH : Ruling.HOLDS;
        double nearest = Math.abs(ratio - fail) < Math.abs(ratio - watch) ? fail : watch;
        boolean close = Math.abs(ratio - nearest) < reach;
        String measured = "Cylinder " + Say.cylinder(even.lowest().cylinder()) + " reads " + Say.percent(ratio)
                + " of cylinder " + Say.cylinder(even.highest().cylinder());
        return ruled(
                school,
                close ? Ruling.TOO_CLOSE : ruling,
                rule,
                below(a, v -> v.value().ratioTo(even.highest().value()) < watch),
                measured
                        + (close
                                ? "; " + Say.percent(nearest) + " is inside the ± " + points(reach)
                                        + " the gauge repeats to. Repeat both."
                                : ", limit " + Say.percent(nearest) + "."));
    }

    private static SchoolOpinion withinOneBar(Asked a) {
        boolean diesel = a.engine().isDiesel();
        Pressure limit = oneBar(diesel);
        return spreadSchool(
                a, WITHIN_ONE_BAR, limit, "All within " + Say.pressure(limit) + (diesel ? " (diesel)" : ""));
    }

    private static Pressure oneBar(boolean diesel) {
        return Pressure.ofKPa(diesel ? 300 : 100);
    }

    private static SchoolOpinion makerSpread(Asked a) {
        Optional<SourcedLimit<Pressure>> limit = a.engine().limits().compressionSpread();
        return limit.map(l -> spreadSchool(
                        a,
                        MAKER_SPREAD,
                        l.value(),
                        "All within " + Say.pressure(l.value()) + " (" + l.provenance() + ")"))
                .orElse(notAsked(MAKER_SPREAD, MAKER_SPREAD.words(), "The maker's allowed difference is not entered."));
    }

    private static SchoolOpinion spreadSchool(Asked a, School school, Pressure limit, String rule) {
        Evenness even = a.evenness();
        if (even.values().size() < 2) {
            return notAsked(school, rule, "One cylinder read: there is nothing to compare it with.");
        }
        double reach = CylinderValue.NINETY_FIVE
                * Math.hypot(even.lowest().sigma().kPa(), even.highest().sigma().kPa());
        boolean close = Math.abs(even.spread().kPa() - limit.kPa()) < reach;
        Ruling ruling = even.spread().kPa() > limit.kPa() ? Ruling.FAILS : Ruling.HOLDS;
        return ruled(
                school,
                close ? Ruling.TOO_CLOSE : ruling,
                rule,
                below(a, v -> v.value().isBelow(even.highest().value().minus(limit))),
                "Highest and lowest lie " + Say.pressure(even.spread()) + " apart"
                        + (close
                                ? "; the gauge repeats to ± " + Say.pressure(Pressure.ofKPa(reach)) + ". Repeat both."
                                : ", limit " + Say.pressure(limit) + "."));
    }

    private static SchoolOpinion makerMinimum(Asked a) {
        Optional<SourcedLimit<Pressure>> limit = a.engine().limits().compressionMinimum();
        if (limit.isEmpty()) {
            return notAsked(MAKER_MINIMUM, MAKER_MINIMUM.words(), "The maker's minimum is not entered.");
        }
        Pressure least = limit.get().value();
        return floorSchool(
                a,
                MAKER_MINIMUM,
                least,
                least,
                "At least " + Say.pressure(least) + " (" + limit.get().provenance() + ")");
    }

    private static Pressure floor(boolean diesel) {
        return Pressure.ofKPa(diesel ? 1800 : 600);
    }

    private static SchoolOpinion absoluteFloor(Asked a) {
        boolean diesel = a.engine().isDiesel();
        Pressure watch = Pressure.ofKPa(diesel ? 2000 : 700);
        Pressure fault = floor(diesel);
        String rule = (diesel ? "Diesel" : "Petrol, hot, 200 rpm or more") + ": below " + Say.pressure(watch)
                + " watch, below " + Say.pressure(fault) + " fault";
        if (a.conditions()
                .crankingSpeed()
                .filter(s -> s.rpm() < FLOOR_LEAST_RPM)
                .isPresent()) {
            return notAsked(ABSOLUTE_FLOOR, rule, "Cranked slower than 200 rpm: the floor does not apply.");
        }
        if (a.conditions().cold()) {
            return notAsked(ABSOLUTE_FLOOR, rule, "Taken cold: the floor is for a hot engine.");
        }
        if (a.conditions().throttleShut()) {
            return notAsked(ABSOLUTE_FLOOR, rule, "Taken with the throttle shut: the level says nothing.");
        }
        if (a.conditions().isReleased(a.engine())) {
            return notAsked(ABSOLUTE_FLOOR, rule, "A compression release lowers every reading.");
        }
        return floorSchool(a, ABSOLUTE_FLOOR, watch, fault, rule);
    }

    private static SchoolOpinion floorSchool(Asked a, School school, Pressure watch, Pressure fault, String rule) {
        Evenness even = a.evenness();
        Pressure lowest = a.toSeaLevel().apply(even.lowest().value());
        double scale =
                even.lowest().value().kPa() > 0 ? lowest.ratioTo(even.lowest().value()) : 1;
        double reach = CylinderValue.NINETY_FIVE * even.lowest().sigma().kPa() * scale;
        Pressure nearest = Math.abs(lowest.kPa() - watch.kPa()) < Math.abs(lowest.kPa() - fault.kPa()) ? watch : fault;
        boolean close = Math.abs(lowest.kPa() - nearest.kPa()) < reach;
        Ruling ruling = lowest.isBelow(fault) ? Ruling.FAILS : lowest.isBelow(watch) ? Ruling.WATCH : Ruling.HOLDS;
        return ruled(
                school,
                close ? Ruling.TOO_CLOSE : ruling,
                rule,
                below(a, v -> a.toSeaLevel().apply(v.value()).isBelow(watch)),
                "Lowest is cylinder " + Say.cylinder(even.lowest().cylinder()) + " with " + Say.pressure(lowest)
                        + " at sea level"
                        + (close
                                ? "; " + Say.pressure(nearest) + " lies inside the ± "
                                        + Say.pressure(Pressure.ofKPa(reach)) + " the gauge repeats to."
                                : "."));
    }

    private static List<CylinderNumber> below(Asked a, Predicate<CylinderValue> failing) {
        return a.evenness().values().stream()
                .filter(failing)
                .map(CylinderValue::cylinder)
                .toList();
    }

    private static SchoolOpinion ruled(
            School school, Ruling ruling, String rule, List<CylinderNumber> cylinders, String reason) {
        return new SchoolOpinion(school, ruling, rule, ruling == Ruling.HOLDS ? List.of() : cylinders, reason);
    }

    private static SchoolOpinion notAsked(School school, String rule, String reason) {
        return new SchoolOpinion(school, Ruling.NOT_ASKED, rule, List.of(), reason);
    }

    private static String points(double share) {
        return Say.number(Math.rint(share * 1000) / 10) + " points";
    }
}
