package silentotter.core.hidden;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.fault.EngineKind;
import silentotter.core.fault.Fault;
import silentotter.core.signs.BreatherSigns;
import silentotter.core.signs.BreatherSigns.BreatherOil;
import silentotter.core.signs.CoolantSigns;
import silentotter.core.signs.CoolantSigns.CoolantLevel;
import silentotter.core.signs.CoolantSigns.GasTest;
import silentotter.core.signs.OilSigns;
import silentotter.core.signs.OilSigns.Metal;
import silentotter.core.signs.OilSigns.Milky;
import silentotter.core.signs.Signs;
import silentotter.core.signs.Signs.LeakAmount;
import silentotter.core.signs.Signs.LeakPlace;
import silentotter.core.signs.Smoke;
import silentotter.core.signs.Smoke.SmokeColour;
import silentotter.core.signs.Smoke.SmokeLasting;
import silentotter.core.signs.Smoke.SmokeMoment;

/** Signs of a hidden engine. Those of one cause hang together by how bad it is and how well somebody looks. */
final class HiddenSigns {
    private HiddenSigns() {}

    static Signs of(Draw d, List<HiddenFault> faults, EngineKind kind, boolean watched, double oil) {
        if (!watched) {
            return Signs.EMPTY;
        }
        double keen = d.between(-.15, .15);
        boolean seals = has(faults, Fault.STEM_SEAL);
        boolean water = has(faults, Fault.COOLANT_ENTRY);
        boolean broken = has(faults, Fault.BROKEN);
        double shown = Math.min(1, oil / .6);
        Map<SmokeMoment, Smoke> smoke = new HashMap<>();
        if (kind != EngineKind.TWO_STROKE) {
            smoke(d, smoke, SmokeMoment.START_AFTER_STANDING, .07 + keen / 3 + (seals ? .45 : .06 * shown));
            smoke(d, smoke, SmokeMoment.LOAD, .07 + keen / 3 + (seals ? .1 : .45) * shown);
            smoke(d, smoke, SmokeMoment.OVERRUN, .06 + keen / 3 + (seals ? .38 : .1 * shown));
        }
        if (water && d.chance(.35 + keen)) {
            smoke.put(
                    SmokeMoment.IDLE,
                    new Smoke(Optional.of(SmokeColour.WHITE), Optional.of(SmokeLasting.STAYS), Optional.empty()));
        }
        Map<LeakPlace, LeakAmount> leaks = new HashMap<>();
        boolean outside = d.chance(has(faults, Fault.OUTSIDE_LEAK) ? .7 : .12);
        leaks.put(LeakPlace.VALVE_COVER, outside ? LeakAmount.DRIPS : LeakAmount.DRY);
        leaks.put(LeakPlace.SUMP, LeakAmount.DRY);
        leaks.put(LeakPlace.REAR_SEAL, LeakAmount.DRY);
        CoolantSigns coolant = new CoolantSigns(
                Optional.of(d.chance(water ? .55 + keen : .1) ? CoolantLevel.FALLING_NO_DRIP : CoolantLevel.HOLDS),
                Optional.empty(),
                Optional.of(d.chance(water ? .55 + keen : .08)),
                Optional.empty(),
                d.chance(.6)
                        ? Optional.of(d.chance(water ? .7 + keen : .03) ? GasTest.POSITIVE : GasTest.NEGATIVE)
                        : Optional.empty(),
                Optional.empty());
        OilSigns oilSigns = new OilSigns(
                Optional.empty(),
                Optional.empty(),
                Optional.of(d.chance(water ? .3 : .2) ? Milky.CAP_ONLY : Milky.NONE),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                d.chance(.6) ? Optional.of(d.chance(broken ? .5 : .05) ? Metal.FLAKES : Metal.NONE) : Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        double thrown = broken ? .6 : has(faults, Fault.EVEN_WEAR) ? .4 : has(faults, Fault.VENTILATION) ? .4 : .1;
        BreatherSigns breather = new BreatherSigns(
                kind == EngineKind.TWO_STROKE
                        ? Optional.empty()
                        : Optional.of(d.chance(thrown + keen / 2) ? BreatherOil.WET : BreatherOil.NONE),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return new Signs(oilSigns, coolant, breather, null, leaks, Optional.empty(), smoke, Optional.empty());
    }

    private static boolean has(List<HiddenFault> faults, Fault fault) {
        return faults.stream().anyMatch(f -> f.fault() == fault);
    }

    private static void smoke(Draw d, Map<SmokeMoment, Smoke> into, SmokeMoment moment, double p) {
        into.put(
                moment,
                new Smoke(
                        Optional.of(d.chance(p) ? SmokeColour.BLUE : SmokeColour.NONE),
                        Optional.empty(),
                        Optional.empty()));
    }
}
