package silentotter.core.standin;

import java.util.List;
import java.util.stream.IntStream;
import silentotter.core.flow.TwoHoles;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.CrankingTwin;
import silentotter.core.twin.CylinderGeometry;

/**
 * An engine that stand-ins read.
 *
 * @param leaks effective area of each cylinder's leak, in the order of their numbers, one or more
 * @param firingOrder numbers of the cylinders, each once
 * @param fourStroke whether a cylinder compresses every other turn
 */
public record StandInEngine(
        CylinderGeometry geometry,
        CrankSpeed speed,
        List<LeakArea> leaks,
        List<Integer> firingOrder,
        boolean fourStroke,
        int strokes) {
    public StandInEngine {
        leaks = List.copyOf(leaks);
        firingOrder = List.copyOf(firingOrder);
        if (leaks.isEmpty() || !firingOrder.stream().sorted().toList().equals(numbers(leaks.size()))) {
            throw new IllegalArgumentException("every cylinder fires once: " + firingOrder);
        }
    }

    /** As a bench has it: 86 by 86 mm, 9.8 to 1, a four-stroke that is cranked at 220 rpm for eight strokes. */
    public static StandInEngine usual(List<LeakArea> leaks, List<Integer> firingOrder) {
        return new StandInEngine(
                CylinderGeometry.of(Length.ofMm(86), Length.ofMm(86), 9.8),
                CrankSpeed.ofRpm(220),
                leaks,
                firingOrder,
                true,
                8);
    }

    private static List<Integer> numbers(int cylinders) {
        return IntStream.rangeClosed(1, cylinders).boxed().toList();
    }

    public int cylinders() {
        return leaks.size();
    }

    /** From one compression stroke of a cylinder to its next, s. */
    double strokeSeconds() {
        return (fourStroke ? 720 : 360) / speed.degreesPerSecond();
    }

    /** What a gauge with a check valve reads after each stroke. @param cylinder by its number */
    List<Pressure> compression(int cylinder) {
        return CrankingTwin.run(setup(cylinder));
    }

    private CrankingSetup setup(int cylinder) {
        CrankingSetup usual = CrankingSetup.usual(geometry);
        return new CrankingSetup(
                geometry,
                usual.intakeClosingDeg(),
                speed,
                leaks.get(cylinder - 1),
                strokes,
                usual.ambient(),
                usual.airTemperature(),
                usual.wallTemperature(),
                usual.intakeFactor(),
                usual.hoseVolume(),
                usual.gaugeVolume());
    }

    /** Where a tester settles on a cylinder. @param cylinder by its number */
    Pressure settlesAt(int cylinder, TwoHoles tester) {
        return tester.settlesAt(leaks.get(cylinder - 1));
    }
}
