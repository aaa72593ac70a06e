package silentotter.core.comparison;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.regression.SimpleRegression;
import silentotter.core.compression.School;
import silentotter.core.engine.Engine;
import silentotter.core.oil.OilSchool;
import silentotter.core.wording.Say;
import silentotter.core.wording.Worded;

/**
 * When an engine will have worn to a limit, if it goes on wearing as it has since its last repair.
 *
 * <p>Method: a straight line through the visits since then; the limit is reached where the band that holds the line 9 times
 * in 10 meets it. The scatter is never taken smaller than gauges repeat from day to day: three points that happen to lie on a
 * line do not make a forecast exact.
 *
 * @param what the figure, in words
 * @param inHours whether the axis is hours on the meter; else days
 * @param earliest and latest on that axis, after the last visit; empty where the band never meets the limit
 * @param inWords the same in a sentence
 */
public record Forecast(
        String what,
        String limit,
        boolean inHours,
        int visits,
        Optional<Double> earliest,
        Optional<Double> latest,
        String inWords)
        implements Worded {
    private static final int FEWEST = 3;
    private static final double ONE_SIDE = .95;
    /** As far ahead as anybody plans, in multiples of what was watched. */
    private static final int FARTHEST = 10;

    private static final int STEPS = 2000;

    private record Point(double x, double y) {}

    /**
     * @param visits in the order of their days
     * @param leading the school of evenness that leads in this shop
     * @param oil the school of oil use that leads in it
     */
    public static List<Forecast> of(
            Engine engine, List<Visit> visits, List<Change> changes, School leading, OilSchool oil) {
        if (visits.isEmpty()) {
            return List.of();
        }
        Visit last = visits.get(visits.size() - 1);
        Optional<LocalDate> renewed = Changes.lastRepair(changes, last.date());
        List<Visit> since = visits.stream()
                .filter(v -> renewed.isEmpty() || v.date().isAfter(renewed.get()))
                .filter(v -> compares(v, last))
                .toList();
        boolean hours = since.stream().allMatch(v -> v.hours().isPresent());
        return WearLimit.of(engine, leading, oil).stream()
                .flatMap(limit -> of(limit, since, hours).stream())
                .toList();
    }

    /** Whether a visit was taken in a way that compares with another, as far as both measured the same. */
    private static boolean compares(Visit v, Visit last) {
        return v.settings().entrySet().stream()
                .filter(e -> last.settings().containsKey(e.getKey()))
                .allMatch(
                        e -> Double.isFinite(e.getValue().sigma(last.settings().get(e.getKey()))));
    }

    private static Optional<Forecast> of(WearLimit limit, List<Visit> since, boolean hours) {
        List<Point> points = new ArrayList<>();
        for (Visit v : since) {
            OptionalDouble y = limit.value().apply(v);
            if (y.isPresent()) {
                points.add(new Point(hours ? v.hours().orElseThrow() : v.date().toEpochDay(), y.getAsDouble()));
            }
        }
        double first = points.isEmpty() ? 0 : points.get(0).x();
        double last = points.isEmpty() ? 0 : points.get(points.size() - 1).x();
        if (points.isEmpty()) {
            return Optional.empty();
        }
        if (points.size() < FEWEST || last <= first) {
            return Optional.of(new Forecast(
                    limit.what(),
                    limit.limit(),
                    hours,
                    points.size(),
                    Optional.empty(),
                    Optional.empty(),
                    Say.sentence(limit.what()) + ": " + points.size()
                            + (points.size() == 1 ? " visit" : " visits") + " since the last repair; from "
                            + FEWEST + " on a line can be drawn."));
        }
        return Optional.of(line(limit, points, hours, last));
    }

    private static Forecast line(WearLimit limit, List<Point> points, boolean hours, double last) {
        SimpleRegression line = new SimpleRegression();
        points.forEach(p -> line.addData(p.x(), p.y()));
        int n = points.size();
        double mean = points.stream().mapToDouble(Point::x).average().orElseThrow();
        double scatter = Math.max(limit.least(), Math.sqrt(line.getMeanSquareError()));
        double t = new TDistribution(n - 2).inverseCumulativeProbability(ONE_SIDE);
        double wide = line.getXSumSquares();
        double span = (last - points.get(0).x()) * FARTHEST;
        Optional<Double> earliest = Optional.empty();
        Optional<Double> latest = Optional.empty();
        for (int i = 0; i <= STEPS && latest.isEmpty(); i++) {
            double x = last + span * i / STEPS;
            double band = t * scatter * Math.sqrt(1.0 / n + (x - mean) * (x - mean) / wide);
            double towards = limit.falling() ? -1 : 1;
            double beyond = (line.predict(x) - limit.at()) * towards;
            if (earliest.isEmpty() && beyond + band >= 0) {
                earliest = Optional.of(x);
            }
            if (beyond - band >= 0) {
                latest = Optional.of(x);
            }
        }
        return new Forecast(
                limit.what(),
                limit.limit(),
                hours,
                n,
                earliest,
                latest,
                inWords(limit, hours, last, last + span, earliest, latest));
    }

    private static String inWords(
            WearLimit limit,
            boolean hours,
            double last,
            double end,
            Optional<Double> earliest,
            Optional<Double> latest) {
        String what = Say.sentence(limit.what());
        if (earliest.isEmpty()) {
            return what + " does not reach " + limit.limit() + " before " + at(end, hours) + ", going on as it has.";
        }
        if (latest.isPresent() && latest.get() <= last) {
            return what + " has reached " + limit.limit() + ".";
        }
        String from = earliest.get() <= last ? "now" : at(earliest.get(), hours);
        return latest.map(l -> what + " reaches " + limit.limit() + " between " + from + " and " + at(l, hours)
                        + ", going on as it has.")
                .orElse(what + " reaches " + limit.limit() + " at " + from
                        + " at the earliest, and maybe never: no wear is shown beyond what the gauges repeat to.");
    }

    private static String at(double x, boolean hours) {
        return hours
                ? Say.number(Math.rint(x / 10) * 10) + " h"
                : LocalDate.ofEpochDay(Math.round(x)).toString();
    }
}
