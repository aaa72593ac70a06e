package silentotter.core.signs;

import java.util.Map;
import java.util.Optional;
import silentotter.core.finding.Contamination;
import silentotter.core.signs.CoolantSigns.CoolantLevel;
import silentotter.core.signs.CoolantSigns.GasTest;
import silentotter.core.signs.OilSigns.Metal;
import silentotter.core.signs.OilSigns.Milky;
import silentotter.core.signs.OilSigns.OilLevel;
import silentotter.core.signs.Signs.LeakAmount;
import silentotter.core.signs.Signs.LeakPlace;
import silentotter.core.signs.Smoke.SmokeColour;
import silentotter.core.signs.Smoke.SmokeLasting;
import silentotter.core.signs.Smoke.SmokeMoment;

/** Signs for tests. */
public final class Seen {
    private Seen() {}

    static Signs oil(OilLevel level, Milky milky, Boolean shortColdRuns, Boolean waterDrained, Metal glitter) {
        return oil(level, milky, shortColdRuns, waterDrained, glitter, null);
    }

    static Signs oil(
            OilLevel level, Milky milky, Boolean shortColdRuns, Boolean waterDrained, Metal glitter, Contamination by) {
        OilSigns oil = new OilSigns(
                Optional.ofNullable(level),
                Optional.empty(),
                Optional.ofNullable(milky),
                Optional.ofNullable(shortColdRuns),
                Optional.ofNullable(waterDrained),
                Optional.empty(),
                Optional.empty(),
                Optional.ofNullable(glitter),
                Optional.empty(),
                Optional.empty(),
                Optional.ofNullable(by),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return new Signs(oil, null, null, null, null, Optional.empty(), null, Optional.empty());
    }

    static Signs milk(Milky where, Boolean shortColdRuns, Boolean waterDrained) {
        return oil(null, where, shortColdRuns, waterDrained, null);
    }

    public static Signs smoke(SmokeMoment moment, SmokeColour colour, SmokeLasting lasting) {
        Smoke smoke = new Smoke(Optional.of(colour), Optional.ofNullable(lasting), Optional.empty());
        return new Signs(null, null, null, null, null, Optional.empty(), Map.of(moment, smoke), Optional.empty());
    }

    static Signs pressure(double kPa, double rpm) {
        OilPressure p = new OilPressure(Optional.empty(), Optional.empty(), Optional.of(kPa), Optional.of(rpm));
        return new Signs(null, null, null, p, null, Optional.empty(), null, Optional.empty());
    }

    static Signs leaks(Map<LeakPlace, LeakAmount> leaks) {
        return new Signs(null, null, null, null, leaks, Optional.empty(), null, Optional.empty());
    }

    static Signs coolant(CoolantLevel level, GasTest test) {
        CoolantSigns c = new CoolantSigns(
                Optional.ofNullable(level),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.ofNullable(test),
                Optional.empty());
        return new Signs(null, c, null, null, null, Optional.empty(), null, Optional.empty());
    }
}
