package silentotter.core.blowby;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import silentotter.core.blowby.BlowbyReading.Bores;
import silentotter.core.engine.Engine;
import silentotter.core.engine.SourcedLimit;
import silentotter.core.flow.BreatherOrifice;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.wording.Say;

/** Asks every school of its own figure. */
final class BlowbySchools {
    /** Pa, of an orifice that suits the engine. */
    private static final double CEILING_WATCH = 250;

    private static final double CEILING_FAULT = 500;
    /** Per cent of the air breathed near rated load. */
    private static final double SHARE_SOUND = 1;

    private static final double SHARE_WATCH = 2;
    private static final double SHARE_FAULT = 3;

    private final Engine engine;
    private final BlowbyAnalyst analyst;
    private final List<PointResult> shut;

    BlowbySchools(Engine engine, BlowbyAnalyst analyst, List<PointResult> points) {
        this.engine = engine;
        this.analyst = analyst;
        this.shut = points.stream()
                .filter(p -> p.ventilation() == CrankcaseVent.SHUT)
                .toList();
    }

    /** All of them, the leading one first. */
    List<BlowbyOpinion> opinions(BlowbySchool leading) {
        return Stream.of(BlowbySchool.values())
                .sorted(Comparator.comparing(s -> s != leading))
                .map(this::opinion)
                .toList();
    }

    private BlowbyOpinion opinion(BlowbySchool school) {
        if (shut.isEmpty()) {
            return BlowbyOpinion.notAsked(school, "Needs a reading through the orifice.");
        }
        return switch (school) {
            case MAKER -> maker();
            case HOUSE_CEILING -> ceiling();
            case AIR_SHARE -> share();
        };
    }

    private Optional<PointResult> worstSteady() {
        return shut.stream()
                .filter(p -> p.point().isSteady())
                .max(Comparator.comparing(p -> p.pressurePa().best()));
    }

    private BlowbyOpinion maker() {
        Optional<SourcedLimit<Pressure>> limit = engine.limits().blowby();
        Optional<Length> hole = engine.limits().blowbyOrifice();
        if (limit.isEmpty() || hole.isEmpty()) {
            return BlowbyOpinion.notAsked(
                    BlowbySchool.MAKER, "Enter the maker's limit and the orifice it is told for, at Intake.");
        }
        Optional<PointResult> worst = worstSteady().filter(p -> p.flowLPerMin().isPresent());
        if (worst.isEmpty()) {
            return BlowbyOpinion.notAsked(
                    BlowbySchool.MAKER, "Needs a steady reading through an orifice of known size.");
        }
        // The same flow before the maker's own orifice.
        BreatherOrifice own = new BreatherOrifice(hole.get(), BreatherOrifice.SHARP_EDGE);
        Estimate<Double> flow = worst.get().flowLPerMin().orElseThrow();
        Estimate<Double> drop = new Estimate<>(pa(own, flow.low()), pa(own, flow.best()), pa(own, flow.high()));
        double most = limit.get().value().pa();
        return BlowbyOpinion.of(
                BlowbySchool.MAKER,
                drop,
                most,
                most,
                "Before the maker's orifice that is " + Say.crankcase(Pressure.ofPa(drop.best())) + "; the limit is "
                        + Say.crankcase(limit.get().value()) + " ("
                        + (limit.get().verified() ? "verified" : "unverified")
                        + ").");
    }

    private static double pa(BreatherOrifice orifice, double flow) {
        return orifice.drop(flow, BlowbyAnalyst.USUAL_GAS).pa();
    }

    private BlowbyOpinion ceiling() {
        Optional<PointResult> worst = worstSteady();
        if (worst.isEmpty()) {
            return BlowbyOpinion.notAsked(BlowbySchool.HOUSE_CEILING, "Needs a steady reading: a snap is no measure.");
        }
        Optional<Bores> meant = analyst.through(worst.get().point()).flatMap(BlowbyReading::meantFor);
        Optional<Length> bore = engine.size().bore();
        boolean suits = meant.isPresent() && bore.isPresent() && meant.get().hold(bore.get());
        if (meant.isPresent() && bore.isPresent() && !suits) {
            return BlowbyOpinion.notAsked(
                    BlowbySchool.HOUSE_CEILING,
                    "This adapter is meant for bores of "
                            + Say.length(meant.get().smallest()) + " to "
                            + Say.length(meant.get().largest()) + ": the ceiling means nothing on another size.");
        }
        return BlowbyOpinion.of(
                BlowbySchool.HOUSE_CEILING,
                worst.get().pressurePa(),
                CEILING_WATCH,
                CEILING_FAULT,
                "Highest steady reading "
                        + Say.crankcase(Pressure.ofPa(worst.get().pressurePa().best())) + "; watch from "
                        + Say.crankcase(Pressure.ofPa(CEILING_WATCH)) + ", fault from "
                        + Say.crankcase(Pressure.ofPa(CEILING_FAULT)) + " before an orifice that suits the engine"
                        + (suits ? "." : ", which nobody has said of this one."));
    }

    private BlowbyOpinion share() {
        Optional<PointResult> loaded =
                shut.stream().filter(p -> p.point() == BlowbyPoint.LOADED).findFirst();
        if (loaded.isEmpty()) {
            return BlowbyOpinion.notAsked(BlowbySchool.AIR_SHARE, "Needs a reading near rated load.");
        }
        return loaded.get()
                .sharePercent()
                .map(s -> BlowbyOpinion.of(
                        BlowbySchool.AIR_SHARE,
                        s,
                        SHARE_WATCH,
                        SHARE_FAULT,
                        String.format(
                                Locale.ROOT,
                                "%.1f %% (%.1f to %.1f) of the air breathed; about %.0f %% is sound, watch from %.0f %%, fault from %.0f %%.",
                                s.best(),
                                s.low(),
                                s.high(),
                                SHARE_SOUND,
                                SHARE_WATCH,
                                SHARE_FAULT)))
                .orElseGet(() -> BlowbyOpinion.notAsked(
                        BlowbySchool.AIR_SHARE, loaded.get().noShare().orElse("Needs an orifice of known size.")));
    }
}
