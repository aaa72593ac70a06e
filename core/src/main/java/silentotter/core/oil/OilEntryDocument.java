package silentotter.core.oil;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One line of an oil log as the API, the database and the case file write it: plain numbers, units in the names.
 *
 * @param date such as 2026-11-24; a line needs a date, a distance or hours
 * @param mmFromFull what the stick says, negative below the full mark
 * @param spansFromFull the same in spans between the marks, where nobody measures millimetres: −0.4
 * @param repeatsMm further readings of the same dip
 * @param litres poured in, filled or let out; or kg at temperatureC
 * @param waitMinutes since the engine stopped
 * @param filter whether the filter was changed, at a fill
 * @param filterPrefilled whether the new filter was filled first
 * @param fuelLitres burnt since the line before
 * @param newMeter whether the meter was changed, or belongs to another engine, from this line on
 * @param afterPouring whether a dip was read after what was poured at the same place
 */
public record OilEntryDocument(
        OilEntryKind kind,
        @Nullable String date,
        @Nullable Double distanceKm,
        @Nullable Double hours,
        @Nullable Double mmFromFull,
        @Nullable Double spansFromFull,
        @Nullable List<Double> repeatsMm,
        @Nullable Double litres,
        @Nullable Double kg,
        @Nullable Double temperatureC,
        @Nullable Double waitMinutes,
        @Nullable Ground ground,
        @Nullable OilHeat oil,
        @Nullable Certainty certainty,
        @Nullable Boolean filter,
        @Nullable Boolean filterPrefilled,
        @Nullable String grade,
        @Nullable Double fuelLitres,
        @Nullable Boolean newMeter,
        @Nullable Boolean afterPouring,
        @Nullable String note) {}
