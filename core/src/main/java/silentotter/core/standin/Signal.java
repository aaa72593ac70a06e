package silentotter.core.standin;

/** What an instrument would show, over time. */
interface Signal {
    /** How many values belong to a sample. */
    int channels();

    /** The end of its scale, in its unit. */
    double full();

    /** {@code KPA}, {@code PA} or {@code A}. */
    String unit();

    /** @param seconds since it was begun, 0 or more @param channel from 0 */
    double at(double seconds, int channel);
}
