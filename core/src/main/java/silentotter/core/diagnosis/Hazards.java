package silentotter.core.diagnosis;

/** What can hurt somebody at a step, in a line each; the whole cautions stand at the stations. */
public final class Hazards {
    public static final String AIR = "Air turns cranks: no wrench on it, hands clear, what it drives locked.";
    public static final String STARTER = "Fuel and ignition off; starter ten seconds at most.";
    public static final String OIL = "Never more oil than the safe share of the clearance volume.";
    public static final String HOT_COOLANT = "Never open a hot coolant cap.";
    public static final String SHUT_CRANKCASE = "A shut crankcase blows seals out: stop at 2.5 kPa.";
    public static final String PUMPED = "Never more than 50 kPa in a shut crankcase: it blows its seals out.";
    public static final String RUNNING = "Exhaust led outside; hands, hair and cables clear of belts and fans.";

    private Hazards() {}
}
