package silentotter.core.oil;

import java.util.Arrays;
import java.util.List;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Fault;

/** The ways that oil takes out of an engine, and what splits one from the others. Trade practice. */
public enum OilPath {
    OUTSIDE(Fault.OUTSIDE_LEAK, "Clean it, chalk or dye, run, look again. Dry outside all over speaks against it."),
    RINGS(
            Fault.OIL_CONTROL,
            "Smoke under load and wet crowns by camera: rings. Good leak-down does not clear the oil ring."),
    STEMS(Fault.STEM_SEAL, "A puff after standing, smoke after overrun, wet valve backs by camera."),
    BREATHER(Fault.VENTILATION, "Lead the breather into a bottle and run it: what is caught is its part."),
    TURBO(Fault.TURBO_SEAL, "Take the duct off before and behind the turbo: oil behind it only is its seal."),
    OVER_OILING(
            Fault.OVER_OILING,
            "Oil thrown from below: bearing clearance, a relief valve that sticks, oil squirters. Oil pressure, and all"
                    + " crowns alike."),
    CASTING(Fault.POROUS_CASTING, "Oil in the coolant with a sound gasket: pressurise the oil ways and look."),
    COOLANT(Fault.COOLANT_ENTRY, "Oil film on the coolant, or a cooler that leaks: test the cooler by itself.");

    private final Fault suspect;
    private final String split;

    OilPath(Fault suspect, String split) {
        this.suspect = suspect;
        this.split = split;
    }

    public Fault suspect() {
        return suspect;
    }

    /** What tells it from the others. */
    public String split() {
        return split;
    }

    /** Those that an engine has. */
    public static List<OilPath> of(Engine engine) {
        boolean boosted = engine.isBoosted();
        return Arrays.stream(values()).filter(p -> p != TURBO || boosted).toList();
    }
}
