package silentotter.core.job;

/** Something that was observed at a station of the round, in the terms of that station. Immutable. */
public interface Observation {}
