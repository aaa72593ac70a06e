package silentotter.core.instruments;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.instruments.TesterCalibration.BleedHole;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;

/**
 * What was read on drilled bleed holes, in plain numbers.
 *
 * @param holes one where the supply is known, two where the dial hides it
 */
public record CalibrationDocument(@Nullable Double supplyKPa, List<BleedReading> holes) {
    /** @param leakPercent above 0, at most 99.5 */
    public record BleedReading(Double bleedHoleMm, @Nullable Double bleedDischargeCoefficient, Double leakPercent) {
        private Optional<BleedHole> read(String path, Problems problems) {
            Optional<Length> hole =
                    problems.required(path + "bleedHoleMm", bleedHoleMm, AllowedRange.BLEED_HOLE, Length::ofMm);
            Optional<Double> percent =
                    problems.required(path + "leakPercent", leakPercent, AllowedRange.LEAK_PERCENT_OF_A_HOLE, v -> v);
            double discharge = problems.optional(
                            path + "bleedDischargeCoefficient",
                            bleedDischargeCoefficient,
                            AllowedRange.BLEED_DISCHARGE,
                            v -> v)
                    .orElse(1.0);
            if (percent.filter(p -> p == 0).isPresent()) {
                problems.add(path + "leakPercent", "a bleed hole that reads 0 says nothing of the orifice");
                return Optional.empty();
            }
            return hole.flatMap(h -> percent.map(p -> new BleedHole(h, discharge, p)));
        }
    }

    /**
     * The tester with the orifice that the holes tell of, and with its supply where there are two.
     *
     * @param ambient absolute
     * @throws InvalidInput with everything that is wrong, by field
     */
    public TesterDocument applied(TesterDocument tester, Pressure ambient) {
        Problems problems = new Problems();
        List<BleedHole> read = read(problems);
        Optional<Pressure> supply = problems.optional("supplyKPa", supplyKPa, AllowedRange.SUPPLY, Pressure::ofKPa)
                .or(() -> Optional.ofNullable(tester.supplyKPa()).map(Pressure::ofKPa));
        if (read.size() == 1 && supply.isEmpty()) {
            problems.add("supplyKPa", "is needed with one hole; two holes of different size find it");
        }
        problems.throwIfAny();
        Optional<TesterCalibration> found = problems.attempt(
                "holes",
                () -> read.size() == 1
                        ? TesterCalibration.of(read.get(0), supply.orElseThrow(), ambient)
                        : TesterCalibration.of(read.get(0), read.get(1), ambient));
        problems.throwIfAny();
        return found.map(f -> tester.calibratedTo(
                        f.orifice().equivalentHole().mm(), f.supply().kPa()))
                .orElseThrow();
    }

    private List<BleedHole> read(Problems problems) {
        List<BleedReading> given = Objects.requireNonNullElse(holes, List.of());
        if (given.isEmpty() || given.size() > 2) {
            problems.add("holes", "needs one bleed hole, or two");
        }
        List<BleedHole> read = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            given.get(i).read("holes[" + i + "].", problems).ifPresent(read::add);
        }
        return read;
    }
}
