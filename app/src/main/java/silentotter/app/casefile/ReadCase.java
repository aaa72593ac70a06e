package silentotter.app.casefile;

import java.util.List;
import java.util.function.IntConsumer;
import silentotter.app.part.EnginePart;
import silentotter.app.part.JobPart;
import silentotter.core.engine.EngineDocument;
import silentotter.core.intake.ServiceDocument;
import silentotter.core.job.JobDocument;

/** A case file that was read and is sound; nothing of it is stored yet. */
record ReadCase(
        EngineDocument engine, List<ServiceDocument> service, List<ReadEnginePart<?>> engineParts, List<ReadJob> jobs) {
    /** The member of a job in the file that is no part. */
    static final String JOB = "job";

    record ReadJob(JobDocument job, List<ReadPart<?>> parts) {
        int size() {
            return parts.stream().mapToInt(ReadPart::size).sum();
        }
    }

    /** What a part will keep of the engine. */
    record ReadEnginePart<K>(EnginePart<K> part, K kept) {
        int size() {
            return part.size(kept);
        }

        void restore(long engineId) {
            part.restore(engineId, kept);
        }
    }

    /** What a part will keep of the job. */
    record ReadPart<K>(JobPart<K> part, K kept) {
        int size() {
            return part.size(kept);
        }

        void restore(long jobId, IntConsumer done) {
            part.restore(jobId, kept, done);
        }
    }
}
