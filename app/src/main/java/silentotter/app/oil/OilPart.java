package silentotter.app.oil;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import silentotter.app.engine.ServiceLogs;
import silentotter.app.oil.OilMapper.ReminderRow;
import silentotter.app.part.CsvPart;
import silentotter.app.part.SheetPart;
import silentotter.app.progress.Progress.Work;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.Suspect.SuspectMember;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Fault;
import silentotter.core.intake.ServiceDocument;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.job.Observation;
import silentotter.core.oil.OilAnalysis;
import silentotter.core.oil.OilPath;
import silentotter.core.wording.Worded;

/** The oil log on the sheet of each job of its engine, and as comma-separated values. */
@Service
record OilPart(OilMapper mapper, OilLogs logs, OilTrials oilTrials, ServiceLogs serviceLogs)
        implements SheetPart<OilPart.Kept>, CsvPart {

    record Kept(
            List<StoredOilEntry> entries,
            List<StoredTrial> trials,
            List<ServiceDocument> service,
            List<ReminderRow> reminders) {}

    /**
     * The oil log on the sheet.
     *
     * @param ways where the oil may go, and what splits one way from the others
     */
    record OilView(
            List<StoredOilEntry> entries,
            List<StoredTrial> trials,
            List<ReminderRow> reminders,
            OilAnalysis analysis,
            List<Way> ways)
            implements Worded {}

    /** @param probability that this way takes oil, from everything that is known of the job; 0 where nothing says so */
    record Way(Fault way, double probability, String split) implements Worded {}

    record Shown(OilView oil) {}

    @Override
    public String name() {
        return "oil";
    }

    @Override
    public Kept load(long jobId) {
        long engineId = logs.engineOf(jobId);
        return new Kept(
                logs.loadEngine(engineId),
                oilTrials.loadEngine(engineId),
                serviceLogs.of(engineId),
                mapper.reminders(engineId));
    }

    @Override
    public List<? extends Observation> observed(Kept kept, Engine engine) {
        return Stream.of(
                        OilLogs.entries(kept.entries()).stream(),
                        OilTrials.trials(kept.trials()).stream(),
                        OilLogs.repairs(kept.service()))
                .flatMap(s -> s)
                .map(Observation.class::cast)
                .toList();
    }

    @Override
    public Shown shown(Kept kept, Interpretation said) {
        OilAnalysis analysis = said.said().of(OilAnalysis.class, OilAnalysis.NONE);
        List<Way> ways = analysis.axes().isEmpty()
                ? List.of()
                : OilPath.of(said.engine()).stream()
                        .map(p -> new Way(p.suspect(), probability(said.diagnosis(), p.suspect()), p.split()))
                        .toList();
        return new Shown(new OilView(kept.entries(), kept.trials(), kept.reminders(), analysis, ways));
    }

    /** On whichever cylinders: never more than that of the suspects it belongs to. */
    private static double probability(Diagnosis diagnosis, Fault way) {
        return Math.min(
                1,
                diagnosis.suspects().stream()
                        .mapToDouble(s -> Math.min(
                                s.probability(),
                                s.members().stream()
                                        .filter(m -> m.fault() == way)
                                        .mapToDouble(SuspectMember::probability)
                                        .sum()))
                        .sum());
    }

    @Override
    public Class<Shown> shows() {
        return Shown.class;
    }

    @Override
    public String csv(long jobId) {
        return OilCsv.write(logs.loadEngine(logs.engineOf(jobId)));
    }

    @Override
    public void addCsv(long jobId, Engine engine, byte[] content, Work work) {
        List<StoredOilEntry> lines = OilCsv.read(content);
        work.outOf(lines.size());
        logs.addAll(jobId, UUID.randomUUID().toString(), lines, "a file");
        work.accept(lines.size());
    }
}
