package silentotter.core.compression;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import silentotter.core.compression.CylinderResult.Standing;
import silentotter.core.compression.SchoolOpinion.Ruling;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.finding.ReadingFault;
import silentotter.core.finding.ReadingFaultKind;
import silentotter.core.flow.Atmosphere;
import silentotter.core.job.Ambient;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.LeakCurve;
import silentotter.core.twin.WetArtefact;
import silentotter.core.wording.Say;

/** Turns the passes of a compression test into results. */
public final class CompressionAnalyst {
    private final Function<CrankingSetup, LeakCurve> curves;

    /** @param curves where leak curves come from: {@link LeakCurve#of} or a memory of it */
    public CompressionAnalyst(Function<CrankingSetup, LeakCurve> curves) {
        this.curves = curves;
    }

    /**
     * Analyses all passes of one job. The last dry pass with readings is the one judged; all wet passes add up.
     */
    public CompressionAnalysis analyse(Engine engine, Ambient ambient, List<CompressionPass> passes) {
        Optional<CompressionPass> dry = lastRead(passes, PassKind.DRY);
        List<CompressionPass> wet =
                passes.stream().filter(p -> p.kind() == PassKind.WET).toList();
        Conditions conditions = dry.map(CompressionPass::conditions).orElse(Conditions.UNKNOWN);
        Optional<LeakEstimates> estimates = LeakEstimates.of(engine, ambient, conditions, curves);
        Optional<Evenness> evenness = dry.flatMap(p -> Evenness.of(CylinderValue.all(p)));

        Map<CylinderNumber, CylinderResult> cylinders = cylinders(engine, ambient, evenness, estimates);
        Optional<Estimate<Pressure>> expected = engine.size().compressionRatio().isPresent()
                ? estimates.map(LeakEstimates::expected)
                : Optional.empty();
        List<CylinderNumber> all = engine.arrangement().cylinders();
        List<ReadingFault> faults = new ArrayList<>();
        List<List<PassDoubt>> doubts =
                passes.stream().map(p -> PassDoubts.of(p, engine)).toList();
        dry.ifPresent(p -> doubts.get(passes.indexOf(p)).forEach(d -> faults.add(ReadingFaults.doubted(d, p))));
        dry.ifPresent(p -> faults.addAll(ReadingFaults.in(p, engine)));
        wet.forEach(p -> faults.addAll(ReadingFaults.in(p, engine)));
        faults.addAll(wetUnlikeDry(engine, dry, wet));
        largeDoses(engine, wet).ifPresent(faults::add);

        List<SchoolOpinion> schools =
                evenness.map(e -> schools(engine, ambient, conditions, e)).orElse(List.of());
        return new CompressionAnalysis(
                cylinders,
                evenness,
                schools,
                expected,
                evenness.filter(e -> isLowAndEven(e, cylinders, expected, schools))
                        .isPresent(),
                dry.map(BuildUp::of).orElse(List.of()),
                WetTest.of(engine, cylinders, wet, estimates),
                all.stream()
                        .map(c -> WetTest.refusal(engine, c))
                        .flatMap(Optional::stream)
                        .findFirst(),
                engine.size().geometry(engine.assumedRatio()).map(WetArtefact::safeOil),
                faults,
                doubts,
                lacks(engine, ambient, conditions));
    }

    /** What leak-down is held against: the share each cylinder showed, and the share that a leak would leave here. */
    public CompressionBeside beside(
            Engine engine, Ambient ambient, List<CompressionPass> passes, CompressionAnalysis analysis) {
        Conditions conditions = dryConditions(passes);
        Map<CylinderNumber, Estimate<Double>> measured = new LinkedHashMap<>();
        analysis.cylinders().forEach((c, r) -> r.shareOfSound().ifPresent(s -> measured.put(c, s)));
        return new CompressionBeside(
                LeakEstimates.of(engine, ambient, conditions, curves).map(e -> e::share), measured);
    }

    /** Those of the last dry pass that was read. */
    public static Conditions dryConditions(List<CompressionPass> passes) {
        return lastRead(passes, PassKind.DRY).map(CompressionPass::conditions).orElse(Conditions.UNKNOWN);
    }

    /** Why oil must not or need not be put into this cylinder; empty when it may. */
    public static Optional<String> wetRefusal(Engine engine, CylinderNumber cylinder) {
        return WetTest.refusal(engine, cylinder);
    }

    private static Optional<CompressionPass> lastRead(List<CompressionPass> passes, PassKind kind) {
        return passes.stream()
                .filter(p -> p.kind() == kind && p.counting().findAny().isPresent())
                .reduce((a, b) -> b);
    }

    private static List<SchoolOpinion> schools(Engine engine, Ambient ambient, Conditions conditions, Evenness even) {
        School.Asked asked =
                new School.Asked(engine, conditions, even, p -> Atmosphere.seaLevelReading(p, ambient.pressure()));
        return List.of(School.values()).stream().map(s -> s.asked(asked)).toList();
    }

    private static Map<CylinderNumber, CylinderResult> cylinders(
            Engine engine, Ambient ambient, Optional<Evenness> evenness, Optional<LeakEstimates> estimates) {
        Map<CylinderNumber, CylinderResult> result = new LinkedHashMap<>();
        for (CylinderNumber c : engine.arrangement().cylinders()) {
            Optional<CylinderValue> value = evenness.flatMap(
                    e -> e.values().stream().filter(v -> v.cylinder().equals(c)).findFirst());
            result.put(
                    c,
                    value.map(v -> result(engine, ambient, evenness.orElseThrow(), estimates, v))
                            .orElse(notRead(c)));
        }
        return result;
    }

    private static CylinderResult notRead(CylinderNumber c) {
        return new CylinderResult(
                c,
                Standing.NOT_READ,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                "Not read yet.");
    }

    private static CylinderResult result(
            Engine engine, Ambient ambient, Evenness even, Optional<LeakEstimates> estimates, CylinderValue v) {
        Standing standing = even.standing(v);
        Optional<Estimate<Double>> share = standing == Standing.ALONE ? Optional.empty() : shareOfSound(even, v);
        List<CylinderNumber> lowNeighbours = standing == Standing.LOW
                ? engine.arrangement().neighbours(v.cylinder()).stream()
                        .filter(n -> even.values().stream()
                                .anyMatch(o -> o.cylinder().equals(n) && even.standing(o) == Standing.LOW))
                        .toList()
                : List.of();
        return new CylinderResult(
                v.cylinder(),
                standing,
                Optional.of(v),
                Optional.of(even.deviation(v)),
                Optional.of(Atmosphere.seaLevelReading(v.value(), ambient.pressure())),
                share,
                share.flatMap(s -> estimates.map(e -> e.area(s))),
                share.flatMap(s -> estimates.map(e -> detectable(e, s))),
                lowNeighbours,
                reason(even, v, standing, share));
    }

    private static Optional<Estimate<Double>> shareOfSound(Evenness even, CylinderValue v) {
        if (even.sound().kPa() <= 0) {
            return Optional.empty();
        }
        double share = v.value().ratioTo(even.sound());
        double relative = Math.hypot(v.relativeSigma(), even.soundSigma().ratioTo(even.sound()));
        double reach = CylinderValue.NINETY_FIVE * relative * share;
        return Optional.of(Estimate.of(Math.max(0, share - reach), share, share + reach));
    }

    /** The leak that would just have been told from a sound cylinder on this gauge. */
    private static LeakArea detectable(LeakEstimates estimates, Estimate<Double> share) {
        double reach = share.high() - share.best();
        return estimates.area(Math.max(0.05, 1 - reach));
    }

    private static String reason(Evenness even, CylinderValue v, Standing standing, Optional<Estimate<Double>> share) {
        String atLeast = v.floor() ? "at least " : "";
        String against = Say.signedPercent(even.deviation(v)) + " against the median";
        String reads = "Reads " + atLeast + Say.pressure(v.value());
        return switch (standing) {
            case ALONE -> reads + ". No other cylinder has been read: nothing to compare it with.";
            case LEVEL -> reads + ", " + against + ": level with its sisters, within what the gauge repeats to.";
            case LOW ->
                reads + ", " + against + ": "
                        + Say.percent(share.map(Estimate::best).orElse(0.0))
                        + " of a sound sister, beyond what the gauge repeats to.";
            case HIGH -> reads + ", " + against + ": above its sisters, which are level among themselves.";
            case NOT_READ -> "Not read yet.";
        };
    }

    /** Even by the gauge's own measure, yet below what this engine should reach or below the floor. */
    private static boolean isLowAndEven(
            Evenness even,
            Map<CylinderNumber, CylinderResult> cylinders,
            Optional<Estimate<Pressure>> expected,
            List<SchoolOpinion> schools) {
        boolean someLow = cylinders.values().stream().anyMatch(c -> c.standing() == Standing.LOW);
        boolean belowExpected =
                expected.filter(e -> even.median().isBelow(e.low())).isPresent();
        boolean belowFloor = schools.stream()
                .filter(s -> s.school() == School.ABSOLUTE_FLOOR || s.school() == School.MAKER_MINIMUM)
                .anyMatch(s -> s.ruling() == Ruling.FAILS || s.ruling() == Ruling.WATCH);
        return !someLow && (belowExpected || belowFloor);
    }

    private static List<ReadingFault> wetUnlikeDry(
            Engine engine, Optional<CompressionPass> dry, List<CompressionPass> wet) {
        if (dry.isEmpty()) {
            return List.of();
        }
        List<ReadingFault> found = new ArrayList<>();
        for (CompressionPass pass : wet) {
            List<CylinderNumber> unlike = pass.counting()
                    .map(CompressionReading::cylinder)
                    .distinct()
                    .filter(c -> strokes(engine, dry.get(), c) > 0
                            && strokes(engine, pass, c) > 0
                            && Math.min(strokes(engine, dry.get(), c), strokes(engine, pass, c)) < 6
                            && Math.abs(strokes(engine, dry.get(), c) - strokes(engine, pass, c)) >= 1)
                    .toList();
            if (!unlike.isEmpty()) {
                found.add(new ReadingFault(
                        ReadingFaultKind.DIFFERENT_FROM_DRY,
                        ReadingFault.Test.WET,
                        unlike,
                        "Dry and wet were not cranked for the same number of strokes on " + Say.cylinders(unlike)
                                + ": part of the difference is only that.",
                        "Repeat wet with the strokes of the dry pass."));
            }
        }
        return found;
    }

    /** More oil than a tenth of the clearance volume: its own artefact grows faster than what it can tell. */
    private static Optional<ReadingFault> largeDoses(Engine engine, List<CompressionPass> wet) {
        return engine.size()
                .geometry(engine.assumedRatio())
                .map(WetArtefact::warnedOil)
                .flatMap(most -> {
                    List<CylinderNumber> cylinders = engine.arrangement().cylinders().stream()
                            .filter(c -> WetTest.oilIn(wet, c).compareTo(most) > 0)
                            .toList();
                    return cylinders.isEmpty()
                            ? Optional.empty()
                            : Optional.of(new ReadingFault(
                                    ReadingFaultKind.LARGE_DOSE,
                                    ReadingFault.Test.WET,
                                    cylinders,
                                    "Over " + Say.volume(most) + " of oil in " + Say.cylinders(cylinders)
                                            + ", a tenth of the clearance volume: the oil's own volume raises the reading so"
                                            + " much that ring sealing is hard to see.",
                                    "Bar the engine over by hand before the starter; next time half the dose."));
                });
    }

    /** Strokes given to a cylinder: as written down stroke by stroke, else from the conditions, else 0. */
    private static double strokes(Engine engine, CompressionPass pass, CylinderNumber cylinder) {
        return pass.of(cylinder).stream()
                .filter(r -> !r.finalOnly())
                .mapToDouble(r -> r.strokes().size())
                .max()
                .orElse(pass.conditions()
                        .length()
                        .map(l -> l.strokes(engine.cycle(), pass.conditions().crankingSpeed())
                                .best())
                        .orElse(0.0));
    }

    private static List<Lack> lacks(Engine engine, Ambient ambient, Conditions conditions) {
        List<Lack> lacks = new ArrayList<>();
        if (engine.size().bore().isEmpty() || engine.size().stroke().isEmpty()) {
            lacks.add(new Lack("bore and stroke", "no leak area, no expected range, no wet-test correction"));
        }
        if (engine.size().compressionRatio().isEmpty()) {
            lacks.add(new Lack(
                    "compression ratio",
                    "no expected range; leak areas assume " + Say.number(engine.assumedRatio()) + ":1"));
        }
        if (conditions.crankingSpeed().isEmpty()) {
            lacks.add(new Lack("cranking speed", "leak areas and expected range are wider"));
        }
        if (!ambient.isKnown()) {
            lacks.add(new Lack("altitude or air pressure", "sea level is assumed"));
        }
        if (conditions.gauge().division().isEmpty()) {
            lacks.add(new Lack("the gauge's division", "{kPa:20.0} is assumed for its repeatability"));
        }
        if (engine.limits().compressionMinimum().isEmpty()) {
            lacks.add(new Lack("the maker's minimum", "only general rules judge the level"));
        }
        if (engine.traits().cycle().isEmpty()) {
            lacks.add(new Lack("two- or four-stroke", "four-stroke is assumed: one compression stroke in two turns"));
        }
        return lacks;
    }
}
