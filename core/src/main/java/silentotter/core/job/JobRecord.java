package silentotter.core.job;

import java.util.List;
import silentotter.core.engine.Engine;

/**
 * Everything that is known of one visit of one engine: what it is interpreted from, with or without a database behind it.
 *
 * @param observed in the order in which it was observed, each with its instrument as it was when it was read; never null
 */
public record JobRecord(Engine engine, Job job, List<Observation> observed) {
    public JobRecord {
        observed = List.copyOf(observed);
    }

    public Ambient ambient() {
        return job.ambient();
    }

    /** What was observed of one kind, in order; empty where nothing was. */
    public <T extends Observation> List<T> all(Class<T> kind) {
        return observed.stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    /** The last observation of its kind, or what stands for none. */
    public <T extends Observation> T last(Class<T> kind, T none) {
        List<T> all = all(kind);
        return all.isEmpty() ? none : all.get(all.size() - 1);
    }

    /** The same job, had nothing of this kind been observed. */
    public JobRecord without(Class<? extends Observation> kind) {
        return new JobRecord(
                engine, job, observed.stream().filter(o -> !kind.isInstance(o)).toList());
    }

    /** The same observations on the engine as it may also be. */
    public JobRecord on(Engine other) {
        return new JobRecord(other, job, observed);
    }
}
