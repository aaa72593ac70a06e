package silentotter.core.oil;

import java.time.LocalDate;
import silentotter.core.job.Observation;

/** Something that was done to the engine and may change its oil use, from its service log: a repair. */
public record OilEvent(LocalDate date) implements Observation {}
