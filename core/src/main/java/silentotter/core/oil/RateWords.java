package silentotter.core.oil;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Say;

/** Rates and places of a log in the units and words in which they are told: litres as far as a litre is known on the stick. */
record RateWords(Stick stick) {
    /** What rates are told over: 1000 km, 100 h, 30 days. */
    static double step(Meter meter) {
        return switch (meter) {
            case DISTANCE -> 1000;
            case HOURS -> 100;
            case DATE -> 30;
        };
    }

    /** A rate in litres; what is not well known of a litre on this stick widens it. */
    Optional<Estimate<Double>> litres(Estimate<Double> levels) {
        return stick.perLitre().map(p -> {
            double best = levels.best() / p;
            double reach = Math.hypot(
                    (levels.high() - levels.low()) / 2 / p, OilRate.NINETY_FIVE * stick.perLitreShare() * best);
            return new Estimate<>(best - reach, best, best + reach);
        });
    }

    static Estimate<Double> times(Estimate<Double> e, double factor) {
        return new Estimate<>(e.low() * factor, e.best() * factor, e.high() * factor);
    }

    /** A rate as this axis counts: litres where they are known, per 1000 km, 100 h or 30 days. */
    Estimate<Double> shown(Meter meter, LevelFit fit) {
        Estimate<Double> levels = OilRate.of(fit).perUnit();
        return times(litres(levels).orElse(levels), step(meter));
    }

    /** A rate from where to where; one that may be nothing only has an upper end. */
    String range(Meter meter, Estimate<Double> rate) {
        String most = told(meter, rate.high(), true);
        return rate.low() < 0 && rate.high() > 0 ? "up to " + most : told(meter, rate.low(), false) + " to " + most;
    }

    private String told(Meter meter, double rate, boolean withUnit) {
        if (stick.perLitre().isPresent() && meter == Meter.DISTANCE) {
            return Say.litresPer1000Km(rate);
        }
        String unit = stick.perLitre().isPresent() ? "L" : stick.unit().words();
        String over = switch (meter) {
            case DISTANCE -> " per 1000 km";
            case HOURS -> " per 100 h";
            case DATE -> " a month";
        };
        return two(rate) + (withUnit ? " " + unit + over : "");
    }

    static String two(double value) {
        return String.format(Locale.ROOT, "%.2f", value).replace("-", "−");
    }

    static String along(Meter meter, double n) {
        return switch (meter) {
            case DISTANCE -> Say.kilometres(Math.ceil(n / 10) * 10);
            case HOURS -> Say.number(Math.ceil(n)) + " h";
            case DATE -> Say.number(Math.ceil(n)) + " days";
        };
    }

    static String place(Meter meter, double at) {
        return switch (meter) {
            case DISTANCE -> Say.kilometres(Math.floor(at / 10) * 10);
            case HOURS -> Say.number(Math.floor(at)) + " h";
            case DATE -> LocalDate.ofEpochDay((long) Math.min(at, 100_000)).toString();
        };
    }
}
