package silentotter.core.engine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import silentotter.core.engine.Bank.BankSide;

/**
 * Where each cylinder stands. The one source for neighbours, for the drawing, and for which end and bank cylinder 1
 * is.
 *
 * @param banks one bank in line, two otherwise; together they hold each number from 1 to the count once
 * @param veeDeg angle between the banks of a V; 180 on a flat engine; empty when unknown or in line
 * @param leanDeg lean of the engine's middle plane from upright, 0 when upright; empty when unknown
 */
public record Arrangement(Layout layout, List<Bank> banks, Optional<Double> veeDeg, Optional<Double> leanDeg) {
    /** From this lean the oil of a wet test runs to one side of the crown and seals nothing. */
    public static final double LYING_DEG = 60;

    private static final double USUAL_VEE_DEG = 90;

    public Arrangement {
        banks = List.copyOf(banks);
        int expected = layout == Layout.INLINE ? 1 : 2;
        int count = banks.stream().mapToInt(b -> b.cylinders().size()).sum();
        boolean single = layout == Layout.FLAT && count == 1 && banks.size() == 1;
        if (banks.size() != expected && !single) {
            throw new IllegalArgumentException(
                    layout + " needs " + expected + (expected == 1 ? " bank" : " banks") + ", but has " + banks.size());
        }
        Set<CylinderNumber> seen = new HashSet<>();
        for (Bank bank : banks) {
            for (CylinderNumber c : bank.cylinders()) {
                if (!seen.add(c)) {
                    throw new IllegalArgumentException("cylinder " + c + " stands in the banks twice");
                }
                if (c.value() > count) {
                    throw new IllegalArgumentException("cylinder " + c + " does not exist on an engine of " + count);
                }
            }
        }
    }

    public int count() {
        return banks.stream().mapToInt(b -> b.cylinders().size()).sum();
    }

    /** All cylinders by number. */
    public List<CylinderNumber> cylinders() {
        return banks.stream()
                .flatMap(b -> b.cylinders().stream())
                .sorted(Comparator.naturalOrder())
                .toList();
    }

    public boolean has(CylinderNumber cylinder) {
        return cylinder.value() <= count();
    }

    public Bank bankOf(CylinderNumber cylinder) {
        return banks.stream()
                .filter(b -> b.cylinders().contains(cylinder))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "cylinder " + cylinder + " does not exist on an engine of " + count()));
    }

    /** The cylinders beside this one under the same head gasket; none, one or two. */
    public List<CylinderNumber> neighbours(CylinderNumber cylinder) {
        List<CylinderNumber> row = bankOf(cylinder).cylinders();
        int at = row.indexOf(cylinder);
        List<CylinderNumber> result = new ArrayList<>(2);
        if (at > 0) {
            result.add(row.get(at - 1));
        }
        if (at < row.size() - 1) {
            result.add(row.get(at + 1));
        }
        return result;
    }

    /** The end at which cylinder 1 stands; empty on a single or where it stands alone on its bank. */
    public Optional<EngineEnd> endOfCylinderOne() {
        List<CylinderNumber> row = bankOf(CylinderNumber.of(1)).cylinders();
        if (row.size() < 2) {
            return Optional.empty();
        }
        return Optional.of(row.get(0).value() == 1 ? EngineEnd.FREE : EngineEnd.FLYWHEEL);
    }

    /** Lean of a cylinder's bore from upright in degrees; empty when neither lean nor layout tells. */
    public Optional<Double> boreLeanDeg(CylinderNumber cylinder) {
        double half = switch (layout) {
            case INLINE -> 0;
            case V -> veeDeg.orElse(USUAL_VEE_DEG) / 2;
            case FLAT -> 90;
        };
        if (layout != Layout.INLINE) {
            double lean = leanDeg.orElse(0.0);
            boolean right = bankOf(cylinder).side() == BankSide.RIGHT;
            return Optional.of(Math.abs(right ? lean + half : lean - half));
        }
        return leanDeg;
    }

    /** Whether the bore lies over so far that oil poured on the crown cannot seal the rings. */
    public boolean liesOver(CylinderNumber cylinder) {
        return boreLeanDeg(cylinder).orElse(0.0) >= LYING_DEG;
    }
}
