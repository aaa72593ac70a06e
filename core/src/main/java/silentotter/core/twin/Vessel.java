package silentotter.core.twin;

import silentotter.core.flow.AirFlow;

/**
 * The gas in a cylinder beside a gauge volume, and what holes do to it while the piston stands still. Mutable, for the
 * inside of the twin's loop. SI units, absolute pressures.
 *
 * <p>A hole brings two pressures together. Close to the end its flow goes with the square root of their difference,
 * so the root falls almost evenly with time and reaches nothing in a finite one: the root is what is stepped
 * (midpoint rule), never past zero.
 */
final class Vessel {
    /** The root of a pressure difference may fall by this share in one step of a hole. */
    private static final double MOST_FALL = 0.5;
    /** Below this share its speed does not change worth computing. */
    private static final double EVEN_FALL = 0.004;
    /** Pressures nearer than this, Pa, are one. */
    private static final double NEAR = 20;
    /** A difference, Pa, that moves nothing worth computing. */
    private static final double NOTHING = 0.01;

    private static final double GAMMA = AirFlow.GAMMA;

    private final double gaugeVolume;
    private final double ambient;
    private final double air;
    private double mass;
    private double temperature;
    private double gauge;

    Vessel(double mass, double temperature, double gauge, double gaugeVolume, double ambient, double air) {
        this.mass = mass;
        this.temperature = temperature;
        this.gauge = gauge;
        this.gaugeVolume = gaugeVolume;
        this.ambient = ambient;
        this.air = air;
    }

    double gauge() {
        return gauge;
    }

    /** The piston moved: isentropic, so the temperature goes with a power of the volume. */
    void warmBy(double factor) {
        temperature *= factor;
    }

    /** The walls for a while, at constant volume. */
    void exchangeHeat(double conductance, double wall, double seconds) {
        double constant = mass * AirFlow.CV;
        temperature = wall + (temperature - wall) * Math.exp(-conductance * seconds / constant);
    }

    /** A hole to ambient for a while, at constant volume; air comes in where the cylinder is below ambient. */
    void leak(double volume, double area, double seconds) {
        double pressure = pressure(volume);
        if (pressure > ambient) {
            double settled = ambient
                    + square(rootAfter(pressure - ambient, seconds, d -> {
                        double p = ambient + d;
                        return outflowRate(p, ambient, temperatureAt(p, pressure), area) / volume;
                    }));
            let(volume, pressure, settled);
        } else if (pressure < ambient) {
            double settled = ambient
                    - square(rootAfter(
                            ambient - pressure, seconds, d -> outflowRate(ambient, ambient - d, air, area) / volume));
            mass += (settled - pressure) * volume / (GAMMA * AirFlow.R * air);
            temperature = settled * volume / (mass * AirFlow.R);
        }
    }

    /** The check valve for a while, at constant volume; it opens only towards the gauge. */
    void fillGauge(double volume, double area, double seconds) {
        double pressure = pressure(volume);
        if (pressure <= gauge) {
            return;
        }
        // While the cylinder falls by one, the gauge rises by this much: the same mass at the temperature of each.
        double risesBy = volume * air / (gaugeVolume * GAMMA * temperature);
        double fall = (pressure - gauge) / (1 + risesBy);
        double left = square(rootAfter(pressure - gauge, seconds, d -> {
            double p = pressure - fall * (1 - d / (pressure - gauge));
            return outflowRate(p, p - d, temperatureAt(p, pressure), area) / volume * (1 + risesBy);
        }));
        double settled = pressure - (pressure - gauge - left) / (1 + risesBy);
        double before = mass;
        let(volume, pressure, settled);
        gauge += (before - mass) * AirFlow.R * air / gaugeVolume;
    }

    /** The gas that stays expands isentropically while the rest leaves. */
    private void let(double volume, double from, double to) {
        mass *= Math.pow(to / from, 1 / GAMMA);
        temperature = to * volume / (mass * AirFlow.R);
    }

    private double pressure(double volume) {
        return mass * AirFlow.R * temperature / volume;
    }

    /** First order is enough here: it only sets the speed of sound within one step. */
    private double temperatureAt(double pressure, double from) {
        return temperature * Math.max(0.3, 1 + (GAMMA - 1) / GAMMA * (pressure / from - 1));
    }

    /** How fast a vessel of 1 m³ falls in pressure, Pa/s, when it lets gas of this temperature out. */
    private static double outflowRate(double upstream, double downstream, double temperature, double area) {
        return GAMMA * AirFlow.R * temperature * AirFlow.massFlow(area, upstream, downstream, temperature);
    }

    private interface Rate {
        /** How fast the difference shrinks, Pa/s. */
        double at(double difference);
    }

    /** The root of a pressure difference after a while. */
    private static double rootAfter(double difference, double seconds, Rate rate) {
        double root = Math.sqrt(difference);
        double left = difference > NOTHING ? seconds : 0;
        while (left > 0) {
            double speed = rate.at(root * root) / (2 * root);
            if (speed * left > root && root * root < NEAR) {
                return 0;
            }
            double step = speed * left > MOST_FALL * root ? MOST_FALL * root / speed : left;
            if (speed * step > EVEN_FALL * root) {
                double middle = root - speed * step / 2;
                speed = rate.at(middle * middle) / (2 * middle);
            }
            root -= speed * step;
            left -= step;
        }
        return root;
    }

    private static double square(double value) {
        return value * value;
    }
}
