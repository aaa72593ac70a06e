package silentotter.core.engine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import silentotter.core.engine.Bank.BankSide;

/** What is usual for a layout and a cylinder count: offered, never assumed. Trade practice. */
public final class UsualEngines {
    private record Orders(Layout layout, int cylinders, List<String> orders) {}

    private static final List<Orders> FIRING_ORDERS = List.of(
            new Orders(Layout.INLINE, 1, List.of("1")),
            new Orders(Layout.INLINE, 2, List.of("1-2")),
            new Orders(Layout.INLINE, 3, List.of("1-3-2", "1-2-3")),
            new Orders(Layout.INLINE, 4, List.of("1-3-4-2", "1-2-4-3")),
            new Orders(Layout.INLINE, 5, List.of("1-2-4-5-3")),
            new Orders(Layout.INLINE, 6, List.of("1-5-3-6-2-4", "1-4-2-6-3-5")),
            new Orders(Layout.INLINE, 8, List.of("1-6-2-5-8-3-7-4", "1-4-7-3-8-5-2-6")),
            new Orders(Layout.V, 2, List.of("1-2")),
            new Orders(Layout.V, 4, List.of("1-3-2-4", "1-3-4-2", "1-4-3-2")),
            new Orders(Layout.V, 6, List.of("1-2-3-4-5-6", "1-6-5-4-3-2", "1-4-2-5-3-6", "1-4-3-6-2-5", "1-4-5-2-3-6")),
            new Orders(
                    Layout.V,
                    8,
                    List.of(
                            "1-8-4-3-6-5-7-2",
                            "1-8-7-2-6-5-4-3",
                            "1-5-4-8-6-3-7-2",
                            "1-3-7-2-6-5-4-8",
                            "1-2-7-8-4-5-6-3")),
            new Orders(Layout.V, 10, List.of("1-10-9-4-3-6-5-8-7-2", "1-6-5-10-2-7-3-8-4-9")),
            new Orders(Layout.V, 12, List.of("1-12-5-8-3-10-6-7-2-11-4-9", "1-7-5-11-3-9-6-12-2-8-4-10")),
            new Orders(Layout.V, 16, List.of("1-2-5-6-3-4-9-10-15-16-11-12-13-14-7-8")),
            new Orders(Layout.FLAT, 1, List.of("1")),
            new Orders(Layout.FLAT, 2, List.of("1-2")),
            new Orders(Layout.FLAT, 4, List.of("1-3-2-4", "1-4-3-2")),
            new Orders(Layout.FLAT, 6, List.of("1-6-2-4-3-5", "1-4-5-2-3-6")));

    private UsualEngines() {}

    /** Usual firing orders, commonest first; empty where none is common. */
    public static List<FiringOrder> firingOrders(Layout layout, int cylinders) {
        return FIRING_ORDERS.stream()
                .filter(o -> o.layout() == layout && o.cylinders() == cylinders)
                .flatMap(o -> o.orders().stream())
                .map(FiringOrder::parse)
                .toList();
    }

    /**
     * Usual ways to number the cylinders of a layout, with cylinder 1 at the given end.
     *
     * @param cylinders 1 to 16; odd counts cannot be split over two banks and then only in-line is offered
     */
    public static List<Arrangement> arrangements(Layout layout, int cylinders, EngineEnd endOfCylinderOne) {
        List<Arrangement> result = new ArrayList<>();
        if (layout == Layout.INLINE || (layout == Layout.FLAT && cylinders == 1)) {
            result.add(of(layout, List.of(bank(BankSide.ONLY, count(1, cylinders, 1), endOfCylinderOne))));
        } else if (cylinders % 2 == 0) {
            List<CylinderNumber> odd = count(1, cylinders, 2);
            List<CylinderNumber> even = count(2, cylinders, 2);
            List<CylinderNumber> lower = count(1, cylinders / 2, 1);
            List<CylinderNumber> upper = count(cylinders / 2 + 1, cylinders, 1);
            result.add(twoBanks(layout, odd, even, endOfCylinderOne));
            result.add(twoBanks(layout, even, odd, endOfCylinderOne));
            if (cylinders > 2) {
                result.add(twoBanks(layout, lower, upper, endOfCylinderOne));
                result.add(twoBanks(layout, upper, lower, endOfCylinderOne));
            }
        }
        return result;
    }

    private static Arrangement twoBanks(
            Layout layout, List<CylinderNumber> left, List<CylinderNumber> right, EngineEnd end) {
        return of(layout, List.of(bank(BankSide.LEFT, left, end), bank(BankSide.RIGHT, right, end)));
    }

    private static Arrangement of(Layout layout, List<Bank> banks) {
        return new Arrangement(layout, banks, Optional.empty(), Optional.empty());
    }

    private static Bank bank(BankSide side, List<CylinderNumber> fromCylinderOne, EngineEnd end) {
        List<CylinderNumber> row = new ArrayList<>(fromCylinderOne);
        if (end == EngineEnd.FLYWHEEL) {
            java.util.Collections.reverse(row);
        }
        return new Bank(side, row);
    }

    private static List<CylinderNumber> count(int from, int to, int step) {
        return IntStream.iterate(from, i -> i <= to, i -> i + step)
                .mapToObj(CylinderNumber::of)
                .toList();
    }
}
