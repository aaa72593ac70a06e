package silentotter.core.twin;

import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;
import silentotter.core.quantity.Volume;

/**
 * Everything that decides what a cranking gauge reads. Also the key under which computed curves are remembered.
 *
 * @param intakeClosingDeg crank degrees after bottom centre at which compression begins (exhaust port on two-strokes)
 * @param strokes compression strokes to run, at least 1
 * @param ambient absolute ambient pressure
 * @param intakeFactor cylinder pressure at the start of compression over ambient; 1 with the throttle wide open
 * @param hoseVolume dead volume between the cylinder and the check valve, added to the clearance
 * @param gaugeVolume volume behind the check valve
 */
public record CrankingSetup(
        CylinderGeometry geometry,
        double intakeClosingDeg,
        CrankSpeed speed,
        LeakArea leakArea,
        int strokes,
        Pressure ambient,
        Temperature airTemperature,
        Temperature wallTemperature,
        double intakeFactor,
        Volume hoseVolume,
        Volume gaugeVolume) {

    public static final double USUAL_INTAKE_CLOSING_DEG = 60;
    public static final CrankSpeed USUAL_SPEED = CrankSpeed.ofRpm(220);
    public static final LeakArea SOUND_LEAK_OF_500_ML = LeakArea.ofSquareMm(0.3);
    public static final Temperature USUAL_AIR = Temperature.ofCelsius(20);
    /** Cylinder walls of an engine at working temperature, as the cranking charge sees them. */
    public static final Temperature WARM_WALLS = Temperature.ofKelvin(320);

    public static final Volume USUAL_HOSE = Volume.ofMillilitres(2);
    public static final Volume USUAL_GAUGE = Volume.ofMillilitres(15);
    public static final int USUAL_STROKES = 8;

    public CrankingSetup {
        if (strokes < 1) {
            throw new IllegalArgumentException("strokes must be at least 1, but was " + strokes);
        }
        if (!(speed.rpm() > 0)) {
            throw new IllegalArgumentException("cranking speed must be above 0, but was " + speed);
        }
    }

    /** A warm engine at sea level with the throttle open, a sound leak and an ordinary gauge. */
    public static CrankingSetup usual(CylinderGeometry geometry) {
        return new CrankingSetup(
                geometry,
                USUAL_INTAKE_CLOSING_DEG,
                USUAL_SPEED,
                soundLeak(geometry),
                USUAL_STROKES,
                Pressure.STANDARD_ATMOSPHERE,
                USUAL_AIR,
                WARM_WALLS,
                1,
                USUAL_HOSE,
                USUAL_GAUGE);
    }

    /** The leak of a sound cylinder grows with its rings, so with the bore: 0.3 mm² at 500 mL (86 mm). */
    public static LeakArea soundLeak(CylinderGeometry geometry) {
        return SOUND_LEAK_OF_500_ML.times(geometry.bore().mm() / 86);
    }

    public CrankingSetup withGeometry(CylinderGeometry changed) {
        return new CrankingSetup(
                changed,
                intakeClosingDeg,
                speed,
                leakArea,
                strokes,
                ambient,
                airTemperature,
                wallTemperature,
                intakeFactor,
                hoseVolume,
                gaugeVolume);
    }

    public CrankingSetup withIntakeClosing(double changed) {
        return new CrankingSetup(
                geometry,
                changed,
                speed,
                leakArea,
                strokes,
                ambient,
                airTemperature,
                wallTemperature,
                intakeFactor,
                hoseVolume,
                gaugeVolume);
    }

    public CrankingSetup withSpeed(CrankSpeed changed) {
        return new CrankingSetup(
                geometry,
                intakeClosingDeg,
                changed,
                leakArea,
                strokes,
                ambient,
                airTemperature,
                wallTemperature,
                intakeFactor,
                hoseVolume,
                gaugeVolume);
    }

    public CrankingSetup withLeakArea(LeakArea changed) {
        return new CrankingSetup(
                geometry,
                intakeClosingDeg,
                speed,
                changed,
                strokes,
                ambient,
                airTemperature,
                wallTemperature,
                intakeFactor,
                hoseVolume,
                gaugeVolume);
    }

    public CrankingSetup withStrokes(int changed) {
        return new CrankingSetup(
                geometry,
                intakeClosingDeg,
                speed,
                leakArea,
                changed,
                ambient,
                airTemperature,
                wallTemperature,
                intakeFactor,
                hoseVolume,
                gaugeVolume);
    }

    public CrankingSetup withAir(Pressure changedAmbient, Temperature changedAir) {
        return new CrankingSetup(
                geometry,
                intakeClosingDeg,
                speed,
                leakArea,
                strokes,
                changedAmbient,
                changedAir,
                wallTemperature,
                intakeFactor,
                hoseVolume,
                gaugeVolume);
    }

    public CrankingSetup withWalls(Temperature changed) {
        return new CrankingSetup(
                geometry,
                intakeClosingDeg,
                speed,
                leakArea,
                strokes,
                ambient,
                airTemperature,
                changed,
                intakeFactor,
                hoseVolume,
                gaugeVolume);
    }

    public CrankingSetup withIntakeFactor(double changed) {
        return new CrankingSetup(
                geometry,
                intakeClosingDeg,
                speed,
                leakArea,
                strokes,
                ambient,
                airTemperature,
                wallTemperature,
                changed,
                hoseVolume,
                gaugeVolume);
    }

    public CrankingSetup withGauge(Volume changedHose, Volume changedGauge) {
        return new CrankingSetup(
                geometry,
                intakeClosingDeg,
                speed,
                leakArea,
                strokes,
                ambient,
                airTemperature,
                wallTemperature,
                intakeFactor,
                changedHose,
                changedGauge);
    }
}
