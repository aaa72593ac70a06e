package silentotter.core.wording;

/**
 * A result whose texts are sentences: they may carry quantities and cylinders as {@link Say marks}. Texts that a person
 * typed never stand in one, so that nobody's words are taken for marks.
 */
public interface Worded {}
