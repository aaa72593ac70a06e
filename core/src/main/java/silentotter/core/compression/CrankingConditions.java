package silentotter.core.compression;

import silentotter.core.engine.Cycle;
import silentotter.core.engine.Engine;
import silentotter.core.job.Ambient;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.CylinderGeometry;

/** How the twin is set up for a pass as it was taken, with the throttle open. */
public final class CrankingConditions {
    /** Exhaust port closing of two-strokes, degrees after bottom centre, where unknown. */
    private static final double TWO_STROKE_CLOSING_DEG = 85;

    private static final int MOST_STROKES = 12;

    private CrankingConditions() {}

    /** @param geometry of one cylinder; usual values where the engine's own are unknown */
    public static CrankingSetup setup(
            Engine engine, CylinderGeometry geometry, Ambient ambient, Conditions conditions) {
        double closing = engine.size()
                .intakeClosingDeg()
                .orElse(
                        engine.cycle() == Cycle.TWO_STROKE
                                ? TWO_STROKE_CLOSING_DEG
                                : CrankingSetup.USUAL_INTAKE_CLOSING_DEG);
        int strokes = (int) Math.round(conditions
                .length()
                .map(l -> l.strokes(engine.cycle(), conditions.crankingSpeed()).best())
                .orElse((double) CrankingSetup.USUAL_STROKES));
        CrankingSetup usual = CrankingSetup.usual(geometry)
                .withIntakeClosing(closing)
                .withStrokes(Math.max(1, Math.min(MOST_STROKES, strokes)))
                .withAir(ambient.pressure(), ambient.airTemperature())
                .withGauge(
                        conditions.gauge().hoseVolume().orElse(CrankingSetup.USUAL_HOSE),
                        conditions.gauge().gaugeVolume().orElse(CrankingSetup.USUAL_GAUGE));
        return conditions.cold() ? usual.withWalls(ambient.airTemperature()) : usual;
    }
}
