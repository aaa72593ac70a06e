package silentotter.core.oil;

import java.util.List;
import java.util.Optional;
import silentotter.core.oil.OilLog.Placed;
import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Say;

/**
 * What was filled and poured less what was drained, held against what the stick says was used meanwhile.
 *
 * @param fault where the two contradict each other
 * @param note where they agree
 */
record DrainBalance(Optional<OilFault> fault, Optional<String> note) {
    private static final DrainBalance NONE = new DrainBalance(Optional.empty(), Optional.empty());

    /** The last oil change of which all amounts were written down, or the first that contradicts. */
    static DrainBalance of(OilLog log, LevelFit fit, RateWords words) {
        Placed filled = null;
        double poured = 0;
        double variance = 0;
        DrainBalance last = NONE;
        for (Placed p : log.placed()) {
            OilEntry e = p.entry();
            switch (e.kind()) {
                case FILL -> {
                    filled = e.litres().isPresent() ? p : null;
                    poured = e.litresBest();
                    variance = Math.pow(e.litresSigma(), 2);
                }
                case TOP_UP -> {
                    poured += e.litresBest();
                    variance += Math.pow(e.litresSigma(), 2);
                    filled = e.litres().isEmpty() ? null : filled;
                }
                case DRAIN -> {
                    boolean whole = filled != null
                            && filled.epoch() == p.epoch()
                            && e.litres().isPresent();
                    last = whole
                            ? between(filled, p, poured, variance, fit, words).orElse(last)
                            : last;
                    if (last.fault().isPresent()) {
                        return last;
                    }
                    filled = null;
                }
                case DIP -> {
                    // Says nothing about what came out.
                }
            }
        }
        return last;
    }

    private static Optional<DrainBalance> between(
            Placed filled, Placed drain, double poured, double variance, LevelFit fit, RateWords words) {
        Optional<Estimate<Double>> rate = words.litres(OilRate.of(fit).perUnit());
        double run = drain.at() - filled.at();
        if (rate.isEmpty() || !(run > 0)) {
            return Optional.empty();
        }
        double used = poured - drain.entry().litresBest();
        double sigma = Math.sqrt(variance + Math.pow(drain.entry().litresSigma(), 2));
        double byStick = rate.get().best() * run;
        double bySigma = (rate.get().high() - rate.get().low()) / 2 / OilRate.NINETY_FIVE * run;
        double apart = (used - byStick) / Math.hypot(sigma, bySigma);
        String both = "By what was filled and drained it used " + signed(used) + ", by the stick " + signed(byStick);
        if (Math.abs(apart) <= OilChanges.DIFFERENT) {
            return Optional.of(new DrainBalance(Optional.empty(), Optional.of(both + ": they agree.")));
        }
        boolean more = drain.entry().litresBest() > poured;
        OilFault fault = new OilFault(
                OilFaultKind.STICK_AGAINST_DRAIN,
                List.of(filled.entry().number(), drain.entry().number()),
                Optional.of(Math.abs(used - byStick)),
                both
                        + (more
                                ? ": more came out than ever went in. Fuel, coolant, or a top-up that nobody wrote down."
                                : ": a stick that lies, or something poured that nobody wrote down. The drained oil is believed."),
                "Measure what is drained next time, hot, in one vessel; compare the stick with a new one.");
        return Optional.of(new DrainBalance(Optional.of(fault), Optional.empty()));
    }

    private static String signed(double litres) {
        return (litres < 0 ? "−" : "") + Say.litres(Math.abs(litres));
    }
}
