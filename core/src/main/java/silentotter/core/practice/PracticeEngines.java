package silentotter.core.practice;

import java.util.List;
import java.util.stream.IntStream;
import silentotter.core.engine.Bank.BankSide;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.EngineDocument;
import silentotter.core.engine.EngineDocument.BankDocument;
import silentotter.core.engine.Layout;
import silentotter.core.engine.Traits.Fuel;

/** Engines that cases are about. All are made up. */
enum PracticeEngines {
    FOUR("Curlew 17 petrol, harbour ferry", 4, List.of(1, 3, 4, 2), 84, 78, 9.2, Fuel.PETROL, Cycle.FOUR_STROKE),
    HIGH_RATIO("Avocet 20 petrol, survey launch", 4, List.of(1, 3, 4, 2), 88, 84, 12.2, Fuel.PETROL, Cycle.FOUR_STROKE),
    THREE("Dunlin 3 petrol, mooring boat", 3, List.of(1, 3, 2), 78, 80, 9.5, Fuel.PETROL, Cycle.FOUR_STROKE),
    DIESEL("Skua 66 diesel, fish carrier", 4, List.of(1, 3, 4, 2), 96, 102, 18, Fuel.DIESEL, Cycle.FOUR_STROKE),
    SIX("Fulmar 30 petrol, patrol boat", 6, List.of(1, 5, 3, 6, 2, 4), 90, 82, 8.8, Fuel.PETROL, Cycle.FOUR_STROKE),
    TWO_STROKE("Teal 9 two-stroke, yard dinghy", 2, List.of(1, 2), 60, 52, 7, Fuel.PETROL, Cycle.TWO_STROKE);

    private static final double DIPSTICK_MM = 20;
    private static final double DIPSTICK_LITRES = .8;

    private final String title;
    private final int cylinders;
    private final List<Integer> firingOrder;
    private final double boreMm;
    private final double strokeMm;
    private final double ratio;
    private final Fuel fuel;
    private final Cycle cycle;

    PracticeEngines(
            String title,
            int cylinders,
            List<Integer> firingOrder,
            double boreMm,
            double strokeMm,
            double ratio,
            Fuel fuel,
            Cycle cycle) {
        this.title = title;
        this.cylinders = cylinders;
        this.firingOrder = firingOrder;
        this.boreMm = boreMm;
        this.strokeMm = strokeMm;
        this.ratio = ratio;
        this.fuel = fuel;
        this.cycle = cycle;
    }

    int cylinders() {
        return cylinders;
    }

    EngineDocument document() {
        boolean sump = cycle == Cycle.FOUR_STROKE;
        List<Integer> row = IntStream.rangeClosed(1, cylinders).boxed().toList();
        return new EngineDocument(
                title,
                Layout.INLINE,
                List.of(new BankDocument(BankSide.ONLY, row)),
                null,
                null,
                null,
                firingOrder,
                null,
                null,
                cycle,
                null,
                fuel,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                boreMm,
                strokeMm,
                null,
                ratio,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                sump ? 4.0 : null,
                null,
                sump ? DIPSTICK_MM : null,
                sump ? DIPSTICK_LITRES : null,
                null,
                null);
    }
}
