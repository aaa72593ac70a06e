package silentotter.core.engine;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import silentotter.core.engine.EngineDocument.LimitDocument;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Volume;

/** Turns a document into an engine and says everything that is wrong with it at its field. */
public final class EngineReader {
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_SOURCE = 400;
    private static final int LONGEST_LABEL = 8;

    private final EngineDocument document;
    private final Problems problems;
    private final String path;

    private EngineReader(EngineDocument document, Problems problems, String path) {
        this.document = document;
        this.problems = problems;
        this.path = path;
    }

    /** @throws silentotter.core.input.InvalidInput with every problem found */
    public static Engine read(EngineDocument document) {
        Problems problems = new Problems();
        Optional<Engine> engine = read(document, problems, "");
        problems.throwIfAny();
        return engine.orElseThrow();
    }

    /** Reads as part of something larger; empty when problems were added. */
    public static Optional<Engine> read(EngineDocument document, Problems problems, String path) {
        return new EngineReader(document, problems, path).engine();
    }

    private Optional<Engine> engine() {
        int before = problems.all().size();
        String name = Objects.requireNonNullElse(document.name(), "").strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            problems.add(FieldProblem.of(
                    path + "name",
                    name.isEmpty() ? "is missing" : "is too long",
                    "1 to " + LONGEST_NAME + " characters"));
        }
        String family = problems.text(path + "family", document.family(), LONGEST_NAME);
        Optional<Arrangement> arrangement = arrangement();
        Traits traits = traits();
        Optional<FiringOrder> firingOrder =
                arrangement.flatMap(a -> firingOrder(a, traits.cycle().orElse(Cycle.FOUR_STROKE)));
        Optional<Size> size = size();
        MakerLimits limits = limits();
        OilData oil = oil();
        Optional<Rotation> rotation = rotation();
        Optional<Map<CylinderNumber, String>> labels = arrangement.map(this::labels);
        if (problems.all().size() > before) {
            return Optional.empty();
        }
        return Optional.of(new Engine(
                name,
                arrangement.orElseThrow(),
                labels.orElseThrow(),
                firingOrder,
                rotation,
                traits,
                size.orElseThrow(),
                limits,
                oil,
                family));
    }

    private Optional<Arrangement> arrangement() {
        if (document.layout() == null) {
            problems.add(FieldProblem.of(path + "layout", "is missing", "INLINE, V, FLAT"));
            return Optional.empty();
        }
        List<EngineDocument.BankDocument> banks = Objects.requireNonNullElse(document.banks(), List.of());
        if (banks.isEmpty()) {
            problems.add(path + "banks", "is missing");
            return Optional.empty();
        }
        boolean whole = banks.stream()
                .allMatch(b -> b != null
                        && b.side() != null
                        && b.cylinders() != null
                        && b.cylinders().stream().noneMatch(Objects::isNull));
        if (!whole) {
            problems.add(path + "banks", "each bank needs a side and its cylinders from the free end");
            return Optional.empty();
        }
        Optional<Double> vee = number("veeDeg", document.veeDeg(), AllowedRange.VEE);
        Optional<Double> lean = number("leanDeg", document.leanDeg(), AllowedRange.LEAN);
        return problems.attempt(
                path + "banks",
                () -> new Arrangement(
                        document.layout(),
                        banks.stream()
                                .map(b -> new Bank(
                                        b.side(),
                                        b.cylinders().stream()
                                                .map(CylinderNumber::of)
                                                .toList()))
                                .toList(),
                        vee,
                        lean));
    }

    private Optional<Rotation> rotation() {
        EngineDocument.RotationDocument rotation = document.rotation();
        if (rotation == null) {
            return Optional.empty();
        }
        if (rotation.turning() == null || rotation.seenFrom() == null) {
            problems.add(path + "rotation", "needs a direction and the end it is seen from");
            return Optional.empty();
        }
        return Optional.of(new Rotation(rotation.turning(), rotation.seenFrom()));
    }

    private Optional<FiringOrder> firingOrder(Arrangement arrangement, Cycle cycle) {
        List<Integer> order = Objects.requireNonNullElse(document.firingOrder(), List.of());
        List<Double> intervals = Objects.requireNonNullElse(document.intervalsDeg(), List.of());
        int before = problems.all().size();
        for (int i = 0; i < intervals.size(); i++) {
            problems.required(path + "intervalsDeg[" + i + "]", intervals.get(i), AllowedRange.INTERVAL, v -> v);
        }
        if (order.isEmpty() && !intervals.isEmpty() && problems.all().size() == before) {
            problems.add(path + "intervalsDeg", "needs the firing order: each is the way to the next cylinder in it");
        }
        if (order.stream().anyMatch(Objects::isNull)) {
            problems.add(path + "firingOrder", "must be cylinders of this engine");
        }
        if (order.isEmpty() || problems.all().size() > before) {
            return Optional.empty();
        }
        return problems.attempt(
                path + "firingOrder",
                () -> new FiringOrder(order.stream().map(CylinderNumber::of).toList(), intervals)
                        .checkedFor(arrangement, cycle));
    }

    private Map<CylinderNumber, String> labels(Arrangement arrangement) {
        Map<CylinderNumber, String> result = new HashMap<>();
        Objects.requireNonNullElse(document.labels(), Map.<String, String>of()).forEach((key, label) -> {
            Optional<CylinderNumber> cylinder = arrangement.cylinders().stream()
                    .filter(c -> c.toString().equals(key))
                    .findFirst();
            if (cylinder.isEmpty() || label == null || label.isBlank() || label.length() > LONGEST_LABEL) {
                problems.add(
                        path + "labels", "each must belong to a cylinder of this engine and have 1 to 8 characters");
            } else {
                result.put(cylinder.get(), label.strip());
            }
        });
        Set<String> seen = new HashSet<>();
        arrangement.cylinders().stream()
                .map(c -> result.getOrDefault(c, c.toString()))
                .filter(l -> !seen.add(l))
                .distinct()
                .forEach(l -> problems.add(path + "labels", "two cylinders would be called " + l));
        return result;
    }

    private Traits traits() {
        return new Traits(
                Optional.ofNullable(document.cycle()),
                Optional.ofNullable(document.ignition()),
                Optional.ofNullable(document.fuel()),
                Optional.ofNullable(document.fuelSystem()),
                Optional.ofNullable(document.induction()),
                Optional.ofNullable(document.cooling()),
                Optional.ofNullable(document.exhaust()),
                Optional.ofNullable(document.compressionRelease()),
                number("ratedPowerKw", document.ratedPowerKw(), AllowedRange.POWER),
                number("ratedRpm", document.ratedRpm(), AllowedRange.RATED_SPEED));
    }

    private Optional<Size> size() {
        Optional<Length> bore = value("boreMm", document.boreMm(), AllowedRange.BORE, Length::ofMm);
        Optional<Length> stroke = value("strokeMm", document.strokeMm(), AllowedRange.STROKE, Length::ofMm);
        Optional<Length> rod = value("rodMm", document.rodMm(), AllowedRange.ROD, Length::ofMm);
        Optional<Double> ratio =
                number("compressionRatio", document.compressionRatio(), AllowedRange.COMPRESSION_RATIO);
        Optional<Double> closing = number("intakeClosingDeg", document.intakeClosingDeg(), AllowedRange.INTAKE_CLOSING);
        return problems.attempt(path + "rodMm", () -> new Size(bore, stroke, rod, ratio, closing));
    }

    private MakerLimits limits() {
        return new MakerLimits(
                limit(
                        "compressionNominalKPa",
                        document.compressionNominalKPa(),
                        AllowedRange.LIMIT_PRESSURE,
                        Pressure::ofKPa),
                limit(
                        "compressionMinimumKPa",
                        document.compressionMinimumKPa(),
                        AllowedRange.LIMIT_PRESSURE,
                        Pressure::ofKPa),
                limit(
                        "compressionSpreadKPa",
                        document.compressionSpreadKPa(),
                        AllowedRange.LIMIT_SPREAD,
                        Pressure::ofKPa),
                limit("intakeClearanceMm", document.intakeClearanceMm(), AllowedRange.VALVE_CLEARANCE, Length::ofMm),
                limit("exhaustClearanceMm", document.exhaustClearanceMm(), AllowedRange.VALVE_CLEARANCE, Length::ofMm),
                limit("plugGapMm", document.plugGapMm(), AllowedRange.PLUG_GAP, Length::ofMm),
                limit("blowbyLimitPa", document.blowbyLimitPa(), AllowedRange.LIMIT_BLOWBY, Pressure::ofPa),
                value(
                        "blowbyLimitOrificeMm",
                        document.blowbyLimitOrificeMm(),
                        AllowedRange.LIMIT_BLOWBY_ORIFICE,
                        Length::ofMm),
                limit(
                        "oilLimitLitresPer1000Km",
                        document.oilLimitLitresPer1000Km(),
                        AllowedRange.LIMIT_OIL_DISTANCE,
                        v -> v),
                limit("oilLimitMlPerHour", document.oilLimitMlPerHour(), AllowedRange.LIMIT_OIL_HOURS, v -> v));
    }

    private <Q> Optional<SourcedLimit<Q>> limit(
            String field, LimitDocument limit, AllowedRange range, DoubleFunction<Q> make) {
        if (limit == null) {
            return Optional.empty();
        }
        return problems.required(path + field + ".value", limit.value(), range, make)
                .map(q -> new SourcedLimit<>(
                        q, problems.text(path + field + ".source", limit.source(), LONGEST_SOURCE), limit.verified()));
    }

    private OilData oil() {
        return new OilData(
                value("oilWithFilterLitres", document.oilWithFilterLitres(), AllowedRange.OIL_LITRES, Volume::ofLitres),
                value(
                        "oilWithoutFilterLitres",
                        document.oilWithoutFilterLitres(),
                        AllowedRange.OIL_LITRES,
                        Volume::ofLitres),
                value("dipstickSpanMm", document.dipstickSpanMm(), AllowedRange.DIPSTICK_SPAN_MM, Length::ofMm),
                value(
                        "dipstickSpanLitres",
                        document.dipstickSpanLitres(),
                        AllowedRange.DIPSTICK_SPAN_LITRES,
                        Volume::ofLitres),
                number("dipstickParts", whole(document.dipstickParts()), AllowedRange.DIPSTICK_PARTS)
                        .map(Double::intValue));
    }

    private static Double whole(Integer number) {
        return number == null ? null : number.doubleValue();
    }

    private Optional<Double> number(String field, Double value, AllowedRange range) {
        return value(field, value, range, v -> v);
    }

    private <Q> Optional<Q> value(String field, Double value, AllowedRange range, DoubleFunction<Q> make) {
        return problems.optional(path + field, value, range, make);
    }
}
