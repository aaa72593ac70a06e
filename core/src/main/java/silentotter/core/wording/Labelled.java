package silentotter.core.wording;

/** What has words of its own: a choice that stands in the {@link Labels table}, or a value that says them by its size. */
public interface Labelled {
    /** In lower case unless it begins a sentence; may carry {@link Say marks} for quantities. */
    default String words() {
        return Labels.of((Enum<?>) this);
    }
}
