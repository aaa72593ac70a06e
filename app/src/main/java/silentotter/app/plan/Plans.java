package silentotter.app.plan;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import silentotter.app.job.JobRevision;
import silentotter.app.job.Jobs;
import silentotter.app.sheet.AskedUnits;
import silentotter.app.sheet.Sheets;
import silentotter.app.shop.Choices;
import silentotter.core.decision.Option;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.examination.Examination;
import silentotter.core.examination.RoundChoices;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.planning.Plan;
import silentotter.core.planning.Planner;
import silentotter.core.wording.Worded;
import silentotter.core.wording.Wording;
import tools.jackson.databind.json.JsonMapper;

/**
 * Plans, worked out when somebody asks and remembered by the job's revision, which grows with everything that they depend
 * on. They come behind the sheet and never hold it up.
 */
@Service
public class Plans {
    private static final int MOST_REMEMBERED = 1000;
    /** An engine that cools is planned anew so often. */
    private static final int HOT_STEP_MINUTES = 2;

    private final Sheets sheets;
    private final Jobs jobs;
    private final Choices choices;
    private final AskedUnits asked;
    private final JsonMapper json;
    private final Clock clock;
    private final Cache<JobRevision, Known> known =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    Plans(Sheets sheets, Jobs jobs, Choices choices, AskedUnits asked, JsonMapper json, Clock clock) {
        this.sheets = sheets;
        this.jobs = jobs;
        this.choices = choices;
        this.asked = asked;
        this.json = json;
        this.clock = clock;
    }

    /** A plan with what makes it old though nobody has changed anything: how long the engine stayed hot then, in steps. */
    private record Known(Planned planned, RoundChoices choices, long staysHot) {
        boolean holdsAt(Instant now) {
            return staysHot == staysHot(choices, now);
        }

        static long staysHot(RoundChoices choices, Instant now) {
            return choices.staysHot(now)
                    .map(left -> left.toMinutes() / HOT_STEP_MINUTES)
                    .orElse(0L);
        }
    }

    /**
     * A plan of one moment.
     *
     * @param revision of the job that it is of
     * @param next what to do next as one line
     */
    record Planned(int revision, String next, Plan plan) implements Worded {}

    /** A diagnosis with its plan: the whole answer of the API. */
    public record Answer(@JsonUnwrapped Diagnosis diagnosis, Plan plan, List<Option> actions) implements Worded {}

    /** The plan of a job as it now is. */
    PlanView plan(long jobId) {
        return new PlanView(write(planned(jobId), sheets.wording(jobId)));
    }

    /** What to do about a job as it now is. */
    public Plan planOf(long jobId) {
        return planned(jobId).plan();
    }

    private Planned planned(long jobId) {
        JobRevision revision = new JobRevision(jobId, jobs.revision(jobId));
        Instant now = Instant.now(clock);
        return known.asMap()
                .compute(revision, (r, was) -> was != null && was.holdsAt(now) ? was : anew(r, now))
                .planned();
    }

    private Known anew(JobRevision of, Instant now) {
        Interpretation said = sheets.interpretation(of.id());
        Plan plan = Planner.plan(said, choices.shopWithCosts(), now);
        RoundChoices round =
                said.record().last(Examination.class, Examination.EMPTY).round();
        return new Known(new Planned(of.revision(), plan.next(), plan), round, Known.staysHot(round, now));
    }

    /** Everything that an interpretation says, with the plan, written in the units of whoever asked. */
    AnswerView answer(Interpretation said) {
        Plan plan = Planner.plan(said, choices.shopWithCosts());
        return new AnswerView(write(
                new Answer(
                        said.diagnosis().next(plan.nextSteps(), plan.next()),
                        plan,
                        plan.decision().options()),
                new Wording(said.engine(), asked.units())));
    }

    private String write(Object view, Wording wording) {
        return json.writer().withAttribute(Wording.class, wording).writeValueAsString(view);
    }
}
