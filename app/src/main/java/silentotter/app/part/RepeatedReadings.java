package silentotter.app.part;

import java.util.List;
import silentotter.core.learning.Repeats;

/** Readings of one thing taken more than once, on all jobs: they teach how well an instrument repeats. */
public interface RepeatedReadings {
    List<Repeats> repeats();
}
