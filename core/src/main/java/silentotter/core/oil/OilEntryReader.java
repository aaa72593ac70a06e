package silentotter.core.oil;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.quantity.Estimate;

/** The one place that says what is wrong with a line of an oil log, however it comes in, and makes one of it. */
public final class OilEntryReader {
    public static final int LONGEST_WORDS = 200;
    private static final int MOST_REPEATS = 20;
    /** Sooner after a stop much of the oil is still above. */
    private static final double DRAIN_BACK_MINUTES = 5;
    /** One standard deviation of a dip, mm: as it should be, and hurried, on a slope or not measured. */
    private static final double DIP_SIGMA_MM = 1;

    private static final double ROUGH_DIP_SIGMA_MM = 2.5;
    /** The same of a stick read by eye in tenths of its span. */
    private static final double DIP_SIGMA_SPANS = 0.05;

    private static final double ROUGH_DIP_SIGMA_SPANS = 0.1;
    /** Repeats do not help against what all of them share. */
    private static final double LEAST_DIP_SHARE = 0.5;

    /** Engine oil at 15 °C, kg/L, and how it thins with heat. */
    static final double DENSITY = 0.87;

    private static final double THINNING = 0.00067;
    private static final double DENSITY_AT = 15;

    private final OilEntryDocument d;
    private final Problems problems;
    private final String path;

    private OilEntryReader(OilEntryDocument d, Problems problems, String path) {
        this.d = d;
        this.problems = problems;
        this.path = path;
    }

    /** Empty when problems were added. */
    public static Optional<OilEntry> read(
            int number, OilEntryDocument d, @Nullable String setAside, Problems problems, String path) {
        int before = problems.all().size();
        Optional<OilEntry> entry = new OilEntryReader(d, problems, path).entry(number, setAside == null);
        return problems.all().size() > before ? Optional.empty() : entry;
    }

    private Optional<OilEntry> entry(int number, boolean counts) {
        Optional<LocalDate> date = d.date() == null ? Optional.empty() : problems.day(path + "date", d.date());
        Optional<Double> km = problems.optional(path + "distanceKm", d.distanceKm(), AllowedRange.DISTANCE, v -> v);
        Optional<Double> hours = problems.optional(path + "hours", d.hours(), AllowedRange.HOURS, v -> v);
        if (d.date() == null && d.distanceKm() == null && d.hours() == null) {
            problems.add(path + "date", "says neither when nor at what distance or hours");
        }
        if (d.kind() == null) {
            problems.add(FieldProblem.of(path + "kind", "is missing", "DIP, TOP_UP, FILL, DRAIN"));
            return Optional.empty();
        }
        problems.text(path + "grade", d.grade(), LONGEST_WORDS);
        problems.text(path + "note", d.note(), LONGEST_WORDS);
        Optional<Double> fuel =
                problems.optional(path + "fuelLitres", d.fuelLitres(), AllowedRange.FUEL_LITRES, v -> v);
        Optional<Double> wait = problems.optional(path + "waitMinutes", d.waitMinutes(), AllowedRange.OIL_WAIT, v -> v);
        boolean hurried = wait.filter(w -> w < DRAIN_BACK_MINUTES).isPresent();
        boolean sloping = d.ground() == Ground.SLOPING;
        boolean rough = hurried || sloping || (d.certainty() != null && d.certainty() != Certainty.MEASURED);
        Optional<Double> mm = mm();
        double share = Math.max(LEAST_DIP_SHARE, 1 / Math.sqrt(1 + repeats().size()));
        return Optional.of(new OilEntry(
                number,
                d.kind(),
                date,
                km,
                hours,
                mm,
                (rough ? ROUGH_DIP_SIGMA_MM : DIP_SIGMA_MM) * share,
                spans(),
                rough ? ROUGH_DIP_SIGMA_SPANS : DIP_SIGMA_SPANS,
                litres(),
                hurried,
                sloping,
                Objects.requireNonNullElse(d.grade(), "").strip(),
                fuel,
                Boolean.TRUE.equals(d.newMeter()),
                Optional.ofNullable(d.afterPouring()),
                counts));
    }

    private List<Double> repeats() {
        return Objects.requireNonNullElse(d.repeatsMm(), List.of());
    }

    private Optional<Double> mm() {
        Optional<Double> first = problems.optional(path + "mmFromFull", d.mmFromFull(), AllowedRange.OIL_DIP, v -> v);
        if (repeats().size() > MOST_REPEATS) {
            problems.add(FieldProblem.of(path + "repeatsMm", "are too many", "at most " + MOST_REPEATS));
        }
        for (int i = 0; i < repeats().size(); i++) {
            problems.required(path + "repeatsMm[" + i + "]", repeats().get(i), AllowedRange.OIL_REPEATS, v -> v);
        }
        boolean isDip = d.kind() == OilEntryKind.DIP;
        if (isDip && (d.mmFromFull() == null) == (d.spansFromFull() == null)) {
            problems.add(FieldProblem.of(
                    path + "mmFromFull",
                    "a dip is given in mm from the full mark or in spans between the marks",
                    AllowedRange.OIL_DIP.inWords()));
        }
        if (!isDip && (d.mmFromFull() != null || d.spansFromFull() != null)) {
            problems.add(path + "mmFromFull", "is a dip: write it down on a line of its own");
        }
        if (!repeats().isEmpty() && d.mmFromFull() == null) {
            problems.add(path + "repeatsMm", "repeat a dip in mm, which is missing");
            return Optional.empty();
        }
        return first.map(mm -> Stream.concat(Stream.of(mm), repeats().stream())
                .filter(Objects::nonNull)
                .mapToDouble(Double::doubleValue)
                .average()
                .orElse(mm));
    }

    private Optional<Double> spans() {
        return problems.optional(path + "spansFromFull", d.spansFromFull(), AllowedRange.OIL_SPANS, v -> v);
    }

    private Optional<Estimate<Double>> litres() {
        Optional<Double> poured = problems.optional(path + "litres", d.litres(), AllowedRange.OIL_POURED, v -> v);
        Optional<Double> kg = problems.optional(path + "kg", d.kg(), AllowedRange.OIL_WEIGHED, v -> v);
        double celsius = problems.optional(
                        path + "temperatureC", d.temperatureC(), AllowedRange.OIL_TEMPERATURE, v -> v)
                .orElse(DENSITY_AT);
        if (d.litres() != null && d.kg() != null) {
            problems.add(path + "kg", "give litres or weight, not both");
        }
        if (d.kind() == OilEntryKind.DIP && (d.litres() != null || d.kg() != null)) {
            problems.add(path + "litres", "is no part of a dip: write what was poured on a line of its own");
        }
        double share = sigmaShare() * OilRate.NINETY_FIVE;
        return poured.or(() -> kg.map(w -> w / (DENSITY * (1 - THINNING * (celsius - DENSITY_AT)))))
                .map(l -> new Estimate<>(l * (1 - share), l, l * (1 + share)));
    }

    /** One standard deviation as a share: measured, told roughly, or remembered. Trade practice. */
    private double sigmaShare() {
        return switch (Objects.requireNonNullElse(d.certainty(), Certainty.MEASURED)) {
            case MEASURED -> LevelPoint.MEASURED_SHARE;
            case ABOUT -> 0.1;
            case REMEMBERED -> 0.3;
        };
    }
}
