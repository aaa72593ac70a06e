package silentotter.core.engine;

/**
 * A figure somebody set, with where it comes from. A limit quoted from memory stays unverified and is marked so
 * wherever it is used.
 *
 * @param source such as "workshop manual" or "owner, from memory"; may be empty
 */
public record SourcedLimit<Q>(Q value, String source, boolean verified) {
    /** The source in words, always with its standing. */
    public String provenance() {
        String from = source.isBlank() ? "source not given" : source;
        return from + (verified ? "" : ", unverified");
    }
}
