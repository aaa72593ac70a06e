package silentotter.core.decision;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import silentotter.core.fault.Cause;

/**
 * What work costs in this shop, in its own money. Whatever the shop has not said stands on its usual value.
 *
 * @param hourlyRate of one at work, 0 or more
 * @param downtimePerHour what an hour of the machine standing costs its owner, 0 or more
 * @param work hours and parts of a repair, where the shop has its own
 * @param missed what leaving a fault alone costs, where the shop has its own
 */
public record Costs(double hourlyRate, double downtimePerHour, Map<Repair, Work> work, Map<Cause, Double> missed) {
    /** 78 an hour: 1.3 a minute. */
    public static final Costs USUAL = new Costs(78, 0, Map.of(), Map.of());

    /** A service beside another repair shares its set-up. */
    private static final double SERVICE_BESIDE = 2.0 / 3;

    /**
     * One repair.
     *
     * @param hours 0 or more
     * @param parts 0 or more
     */
    public record Work(double hours, double parts) {}

    public Costs {
        work = Map.copyOf(work);
        missed = Map.copyOf(missed);
    }

    public Work work(Repair repair) {
        return work.getOrDefault(repair, new Work(repair.usualHours(), repair.usualParts()));
    }

    public double missed(Cause cause) {
        return missed.getOrDefault(cause, Missed.of(cause).loss());
    }

    /** What a course costs, work, parts and the machine standing. */
    public double of(Course course) {
        return of(course.repair()) + (course.withService() ? SERVICE_BESIDE * of(Repair.SERVICE) : 0);
    }

    private double of(Repair repair) {
        Work w = work(repair);
        return w.hours() * (hourlyRate + downtimePerHour) + w.parts();
    }

    /** Hours of a course. */
    public double hours(Course course) {
        return work(course.repair()).hours()
                + (course.withService() ? SERVICE_BESIDE * work(Repair.SERVICE).hours() : 0);
    }

    /** What some minutes of testing cost. */
    public double minutes(double minutes) {
        return minutes * (hourlyRate + downtimePerHour) / 60;
    }

    /** The same with another rate. */
    public Costs withRate(double rate) {
        return new Costs(rate, downtimePerHour, work, missed);
    }

    /** The same with another value for one repair; the usual one where empty. */
    public Costs with(Repair repair, Optional<Work> own) {
        Map<Repair, Work> more = new EnumMap<>(Repair.class);
        more.putAll(work);
        more.remove(repair);
        own.ifPresent(w -> more.put(repair, w));
        return new Costs(hourlyRate, downtimePerHour, more, missed);
    }

    /** An amount in two digits: no cost is known better before the engine is open. @param value 0 or more */
    public static long inTwoDigits(double value) {
        double unit = value < 10 ? 1 : Math.pow(10, Math.floor(Math.log10(value)) - 1);
        return Math.round(Math.round(value / unit) * unit);
    }
}
