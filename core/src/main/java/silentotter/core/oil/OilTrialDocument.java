package silentotter.core.oil;

import org.jspecify.annotations.Nullable;

/**
 * A set trial of oil use as the API, the database and the case file write it.
 *
 * @param from its first day, such as 2026-11-24
 * @param to its last day; missing while it runs
 * @param load what it runs at, in words: known and the same all the time
 * @param loadKw the mean power of that
 * @param everyKm distance between checkpoints
 * @param everyHours hours between checkpoints
 * @param cleanPlugs whether clean plugs went in at the start
 * @param abortMm where the stick ends the trial, mm from the full mark
 */
public record OilTrialDocument(
        String from,
        @Nullable String to,
        String load,
        @Nullable Double loadKw,
        @Nullable Double everyKm,
        @Nullable Double everyHours,
        @Nullable Boolean cleanPlugs,
        @Nullable Double abortMm,
        @Nullable String note) {}
