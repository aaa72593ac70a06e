package silentotter.core.intake;

import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.Problems;
import silentotter.core.intake.ServiceEntry.ServiceKind;

/** A line of the service log as the API, the database and the case file write it. */
public record ServiceDocument(
        String date,
        ServiceKind kind,
        @Nullable Double distanceKm,
        @Nullable Double hours,
        @Nullable Double litres,
        @Nullable Boolean filterChanged,
        @Nullable String what) {
    private static final int LONGEST_TEXT = 400;

    /** Empty when problems were added. */
    public Optional<ServiceEntry> read(Problems problems, String path) {
        Optional<LocalDate> day = problems.day(path + "date", date);
        if (kind == null) {
            problems.add(path + "kind", "is missing");
        }
        Optional<Double> km = problems.optional(path + "distanceKm", distanceKm, AllowedRange.DISTANCE, v -> v);
        Optional<Double> run = problems.optional(path + "hours", hours, AllowedRange.HOURS, v -> v);
        Optional<Double> oil = problems.optional(path + "litres", litres, AllowedRange.SERVICE_LITRES, v -> v);
        String words = problems.text(path + "what", what, LONGEST_TEXT);
        return day.isEmpty() || kind == null
                ? Optional.empty()
                : Optional.of(
                        new ServiceEntry(day.get(), kind, km, run, oil, Optional.ofNullable(filterChanged), words));
    }
}
