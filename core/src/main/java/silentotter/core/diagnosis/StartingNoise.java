package silentotter.core.diagnosis;

/** How well readings repeat before a shop has shown how well its own do: one standard deviation. Trade practice. */
public final class StartingNoise {
    private StartingNoise() {}

    /** Of a compression reading, in its natural logarithm. */
    public static double compression(boolean hot) {
        return hot ? .02 : .03;
    }

    /** Of a leak-down reading, in points of per cent; nothing is settled on an engine that is not hot. */
    public static double leakdown(boolean hot, boolean warm) {
        return hot ? 1.5 : warm ? 2 : 2.6;
    }
}
