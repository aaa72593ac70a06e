package silentotter.app.casefile;

import java.util.List;
import java.util.function.IntConsumer;
import java.util.stream.Stream;
import silentotter.app.part.EnginePart;
import silentotter.app.part.JobPart;
import silentotter.core.engine.Engine;
import silentotter.core.engine.EngineDocument;
import silentotter.core.intake.ServiceDocument;
import silentotter.core.job.JobDocument;
import silentotter.core.job.JobReader;
import silentotter.core.job.JobRecord;
import silentotter.core.job.Observation;

/** A case file that was read and is sound; nothing of it is stored yet. */
record ReadCase(
        EngineDocument engine, List<ServiceDocument> service, List<ReadEnginePart<?>> engineParts, List<ReadJob> jobs) {
    /** The member of a job in the file that is no part. */
    static final String JOB = "job";

    /** One of its jobs as a record: what a database would give back of it. @param engine the engine of the file */
    JobRecord record(Engine engine, int job) {
        ReadJob read = jobs.get(job);
        List<Observation> observed = Stream.concat(
                        read.parts().stream().flatMap(p -> p.observed(engine).stream()),
                        engineParts.stream().flatMap(p -> p.observed(service).stream()))
                .map(Observation.class::cast)
                .toList();
        return new JobRecord(engine, JobReader.read(read.job()), observed);
    }

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

        List<? extends Observation> observed(List<ServiceDocument> service) {
            return part.observed(kept, service);
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

        List<? extends Observation> observed(Engine engine) {
            return part.observed(kept, engine);
        }

        void restore(long jobId, IntConsumer done) {
            part.restore(jobId, kept, done);
        }
    }
}
