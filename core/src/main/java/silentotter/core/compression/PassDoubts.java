package silentotter.core.compression;

import static java.util.stream.Collectors.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hipparchus.stat.StatUtils;
import silentotter.core.compression.PassDoubt.Conversion;
import silentotter.core.compression.PassDoubt.Kind;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.PressureUnit;
import silentotter.core.quantity.Volume;
import silentotter.core.wording.Say;

/** Finds what was probably typed otherwise than meant: unit, decimal, strokes for cylinders, dose. Trade practice. */
final class PassDoubts {
    /** A whole pass below this, kPa, or above the highest, is no engine's; single cylinders may well be. */
    private static final double LOWEST_PASS = 250;

    private static final double HIGHEST_PASS = 5000;
    /** What an ordinary pass reads, kPa: hand-cranked side-valve to cold diesel. */
    private static final double ORDINARY_LOW = 400;

    /** A tenth of its sisters, give or take what sisters differ by. */
    private static final double TENTH_LOW = 0.08;

    private static final double TENTH_HIGH = 0.125;
    /** The first stroke of a cylinder reads 55 to 85 % of the last; above this nothing builds up. */
    private static final double NO_BUILD_UP = 0.93;
    /** A dose that would fill a quarter of the clearance of a cylinder of one litre at 10:1. */
    private static final Volume LARGE_DOSE = Volume.ofMillilitres(25);

    private PassDoubts() {}

    /** What is asked about a pass, without what was answered already. */
    static List<PassDoubt> of(CompressionPass pass, Engine engine) {
        return Stream.of(unit(pass), decimal(pass), strokes(pass), dose(pass, engine))
                .flatMap(Optional::stream)
                .filter(d -> !pass.settled().contains(d.kind()))
                .toList();
    }

    private static Optional<PassDoubt> unit(CompressionPass pass) {
        double[] values = values(pass);
        if (values.length == 0) {
            return Optional.empty();
        }
        double median = StatUtils.percentile(values, 50);
        if (median >= LOWEST_PASS && median <= HIGHEST_PASS) {
            return Optional.empty();
        }
        List<Conversion> readings = new ArrayList<>();
        for (PressureUnit typedAs : PressureUnit.values()) {
            for (PressureUnit meant : PressureUnit.values()) {
                Conversion c = new Conversion(typedAs, meant);
                if (median * c.times() >= ORDINARY_LOW && median * c.times() <= HIGHEST_PASS) {
                    readings.add(c);
                }
            }
        }
        return readings.isEmpty()
                ? Optional.empty()
                : Optional.of(new PassDoubt(
                        Kind.UNIT,
                        pass.counting()
                                .map(CompressionReading::cylinder)
                                .distinct()
                                .toList(),
                        "About " + Say.pressure(Pressure.ofKPa(median))
                                + " on the whole pass: no engine reads like that. Was another unit meant?",
                        readings));
    }

    private static Optional<PassDoubt> decimal(CompressionPass pass) {
        Map<CylinderNumber, List<CompressionReading>> byCylinder =
                pass.counting().collect(Collectors.groupingBy(CompressionReading::cylinder, TreeMap::new, toList()));
        List<CylinderNumber> slipped = new ArrayList<>();
        byCylinder.forEach((cylinder, own) -> {
            double[] others = byCylinder.entrySet().stream()
                    .filter(e -> !e.getKey().equals(cylinder))
                    .flatMap(e -> e.getValue().stream())
                    .mapToDouble(o -> o.value().kPa())
                    .toArray();
            if (others.length >= 2) {
                double sisters = StatUtils.percentile(others, 50);
                if (own.stream().anyMatch(r -> isSlipped(r.value().kPa() / sisters))) {
                    slipped.add(cylinder);
                }
            }
        });
        return slipped.isEmpty()
                ? Optional.empty()
                : Optional.of(new PassDoubt(
                        Kind.DECIMAL,
                        slipped,
                        "Cylinder " + Say.cylinders(slipped)
                                + " reads ten times less or more than its sisters: a slipped decimal, or truly so?",
                        List.of()));
    }

    private static boolean isSlipped(double share) {
        return share > TENTH_LOW && share < TENTH_HIGH || share > 1 / TENTH_HIGH && share < 1 / TENTH_LOW;
    }

    private static Optional<PassDoubt> strokes(CompressionPass pass) {
        return pass.counting()
                .filter(PassDoubts::doesNotBuildUp)
                .findFirst()
                .map(r -> new PassDoubt(
                        Kind.STROKES,
                        List.of(r.cylinder()),
                        "The strokes of cylinder " + Say.cylinder(r.cylinder())
                                + " do not rise as strokes do. Strokes of one cylinder, or one reading each of several?",
                        List.of()));
    }

    private static boolean doesNotBuildUp(CompressionReading reading) {
        List<Pressure> strokes = reading.strokes();
        if (reading.finalOnly() || strokes.size() < 2) {
            return false;
        }
        double first = strokes.get(0).kPa();
        double last = strokes.get(strokes.size() - 1).kPa();
        return first >= NO_BUILD_UP * last;
    }

    private static Optional<PassDoubt> dose(CompressionPass pass, Engine engine) {
        if (engine.size().geometry(engine.assumedRatio()).isPresent()) {
            return Optional.empty();
        }
        List<CylinderNumber> large = pass.counting()
                .filter(r -> r.oil().filter(o -> o.compareTo(LARGE_DOSE) >= 0).isPresent())
                .map(CompressionReading::cylinder)
                .distinct()
                .toList();
        return large.isEmpty()
                ? Optional.empty()
                : Optional.of(new PassDoubt(
                        Kind.DOSE,
                        large,
                        Say.volume(LARGE_DOSE) + " of oil or more in cylinder " + Say.cylinders(large)
                                + ", and its size is not known: in a cylinder below one litre that can lock the engine."
                                + " Bar it over by hand before the starter. Is the amount right?",
                        List.of()));
    }

    private static double[] values(CompressionPass pass) {
        return pass.counting().mapToDouble(r -> r.value().kPa()).toArray();
    }
}
