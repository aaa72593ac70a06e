package silentotter.app.practice;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.http.Conflict;
import silentotter.app.http.NotFound;
import silentotter.app.job.JobRevision;
import silentotter.app.job.Jobs;
import silentotter.app.sheet.NewJobs;
import silentotter.app.sheet.Sheets;
import silentotter.core.fault.Family;
import silentotter.core.finding.Shop;
import silentotter.core.input.InvalidInput;
import silentotter.core.job.JobDocument;
import silentotter.core.practice.Debrief;
import silentotter.core.practice.Debriefing;
import silentotter.core.practice.Deed;
import silentotter.core.practice.PracticeBench;
import silentotter.core.practice.PracticeCase;
import silentotter.core.practice.Verdict;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Cases under way and finished. */
@Service
public class Practice {
    private static final int MOST_DEEDS = 300;
    private static final int LONGEST_NAME = 80;
    private static final String OWN = "own-";
    private static final TypeReference<List<Deed>> DEEDS = new TypeReference<>() {};
    private static final TypeReference<List<Family>> FAMILIES = new TypeReference<>() {};

    private final PracticeMapper mapper;
    private final NewJobs newJobs;
    private final Jobs jobs;
    private final Sheets sheets;
    private final JsonMapper json;
    private final Clock clock;
    private final boolean here;
    /** An engine draws its whole round when it is made. */
    private final Cache<String, PracticeCase> cases =
            Caffeine.newBuilder().maximumSize(100).build();

    private final Cache<JobRevision, Debrief> debriefs =
            Caffeine.newBuilder().maximumSize(100).build();

    Practice(
            PracticeMapper mapper,
            NewJobs newJobs,
            Jobs jobs,
            Sheets sheets,
            JsonMapper json,
            Clock clock,
            @Value("${otter.practice:false}") boolean here) {
        this.mapper = mapper;
        this.newJobs = newJobs;
        this.jobs = jobs;
        this.sheets = sheets;
        this.json = json;
        this.clock = clock;
        this.here = here;
    }

    /** Whether this is the practice room. */
    boolean isHere() {
        return here;
    }

    /** A case under way. */
    record Under(PracticeMapper.Row row, PracticeCase of, PracticeBench bench) {}

    /** @return its job @throws InvalidInput when there is no such case */
    @Transactional
    public long begin(String key, String technician) {
        if (!here) {
            throw new Conflict("Practice is done in its own room, so that nothing of it is taken for real.");
        }
        String name = Objects.requireNonNullElse(technician, "").strip();
        if (name.length() > LONGEST_NAME) {
            throw InvalidInput.at("technician", "is too long", "at most " + LONGEST_NAME + " characters");
        }
        PracticeCase of = find(Objects.requireNonNullElse(key, ""))
                .orElseThrow(() -> InvalidInput.at(
                        "key", "is no case", "lesson-1 to lesson-20, or easy, usual or hard and a number: hard-4711"));
        String today =
                LocalDate.ofInstant(Instant.now(clock), ZoneId.systemDefault()).toString();
        long job = newJobs.add(
                null,
                of.engine(),
                new JobDocument(today, null, null, of.complaint(), name, null, null, null, null, null));
        mapper.begin(job, of.key(), name, Instant.now(clock).toString());
        return job;
    }

    private Optional<PracticeCase> find(String key) {
        return Optional.ofNullable(cases.get(key, k -> made(k).orElse(null)));
    }

    private Optional<PracticeCase> made(String key) {
        if (!key.startsWith(OWN)) {
            return PracticeCase.of(key);
        }
        try {
            int id = Integer.parseInt(key.substring(OWN.length()));
            return mapper.ownCase(id)
                    .map(d -> json.readValue(d, OwnCase.class))
                    .map(o -> PracticeCase.own(key, id, o.engine(), o.faults()));
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    @Transactional(readOnly = true)
    public Under under(long jobId) {
        PracticeMapper.Row row = mapper.byJob(jobId).orElseThrow(() -> new NotFound("This job is no practice."));
        PracticeCase of = find(row.key()).orElseThrow(() -> new NotFound("This case is not known any more."));
        return new Under(row, of, new PracticeBench(of, json.readValue(row.deeds(), DEEDS)));
    }

    /**
     * Does something to the engine.
     *
     * @param number how many deeds there were when it was sent: one that is sent twice is done once
     */
    @Transactional
    public void does(long jobId, int number, Deed deed) {
        Under now = under(jobId);
        if (now.row().verdict() != null) {
            throw new Conflict("This case is finished. Begin another one.");
        }
        List<Deed> done = now.bench().deeds();
        if (done.size() == number + 1 && done.get(number).equals(deed)) {
            return;
        }
        if (done.size() != number) {
            throw new Conflict("Something was done in another window meanwhile. Look at it first.");
        }
        if (done.size() >= MOST_DEEDS) {
            throw new Conflict("That is enough for one engine. Say what is wrong with it.");
        }
        mapper.did(jobId, json.writeValueAsString(now.bench().and(deed).deeds()));
    }

    /** Says what is wrong; the first word counts. The replay takes seconds, and nobody waits for it to write. */
    void finish(long jobId, Verdict verdict) {
        Under now = under(jobId);
        if (now.row().verdict() != null) {
            return;
        }
        verdict.checked(now.of().bench().engine().arrangement().count());
        Debrief said = debriefed(jobId, now, verdict);
        mapper.finish(
                jobId,
                new PracticeMapper.Row(
                        jobId,
                        now.row().key(),
                        now.row().technician(),
                        now.row().begunAt(),
                        now.row().deeds(),
                        json.writeValueAsString(verdict),
                        Instant.now(clock).toString(),
                        said.score(),
                        said.named() ? 1 : 0,
                        plain(said.truth()),
                        json.writeValueAsString(said.faults()),
                        verdict.family().name(),
                        said.minutes()));
    }

    /** Families that were there, of a finished case. */
    List<Family> faults(PracticeMapper.Row finished) {
        return json.readValue(finished.faults(), FAMILIES);
    }

    /** Numbers in place of marks, for a list that belongs to no job. */
    private static String plain(String words) {
        return words.replaceAll("\\{cyl:(\\d+)}", "$1");
    }

    /** What the evidence said; nothing before a verdict was given. */
    @Transactional(readOnly = true)
    public Debrief debrief(long jobId) {
        Under now = under(jobId);
        if (now.row().verdict() == null) {
            throw new Conflict("First say what is wrong with it, and how sure you are.");
        }
        return debriefed(jobId, now, json.readValue(now.row().verdict(), Verdict.class));
    }

    private Debrief debriefed(long jobId, Under now, Verdict verdict) {
        return debriefs.get(
                new JobRevision(jobId, jobs.revision(jobId)),
                r -> Debriefing.of(now.of(), now.bench(), sheets.record(jobId), verdict, Shop.USUAL));
    }

    /** Newest first. */
    @Transactional(readOnly = true)
    public List<PracticeMapper.Row> all() {
        return mapper.all();
    }

    /** Keys of those that were made of a shop's own jobs. */
    @Transactional(readOnly = true)
    public List<String> own() {
        return mapper.owns().stream().map(id -> OWN + id).toList();
    }

    /** Takes a case that a shop made of its own job. */
    @Transactional
    public void take(String document) {
        mapper.own(document);
    }
}
