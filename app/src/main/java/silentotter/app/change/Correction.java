package silentotter.app.change;

/** What was put right afterwards, in a sentence, and when: a reading moved to another cylinder or into another unit. */
public record Correction(String at, String words) {}
