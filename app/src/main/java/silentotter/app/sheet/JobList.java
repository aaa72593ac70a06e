package silentotter.app.sheet;

import java.util.Iterator;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import silentotter.app.http.NotFound;
import silentotter.app.job.JobFilter;
import silentotter.app.job.Jobs;
import silentotter.app.part.DueEngines;

/** The list of jobs, with headlines that are true or say that they are being worked out. */
@Service
public class JobList {
    /** So long the list waits for headlines; the rest follows behind it. */
    private static final long WAITS_MS = 300;
    /** More than can be worked out in that time. */
    private static final int MOST_AT_ONCE = 200;

    private final Jobs jobs;
    private final Sheets sheets;
    private final Headlines headlines;
    /** Asked for late: what is due is worked out from sheets. */
    private final ObjectProvider<DueEngines> dueEngines;

    private final AtomicBoolean catchingUp = new AtomicBoolean();

    JobList(Jobs jobs, Sheets sheets, Headlines headlines, ObjectProvider<DueEngines> dueEngines) {
        this.jobs = jobs;
        this.sheets = sheets;
        this.headlines = headlines;
        this.dueEngines = dueEngines;
    }

    /** @param due whether only engines of which something is due */
    Jobs.Page page(JobFilter filter, boolean due, int limit, int offset) {
        headlines.flush();
        Iterator<Long> old = jobs.withOldHeadline(MOST_AT_ONCE).iterator();
        long until = System.nanoTime() + WAITS_MS * 1_000_000;
        while (old.hasNext() && System.nanoTime() < until) {
            workOut(old.next());
        }
        headlines.flush();
        if (old.hasNext() && catchingUp.compareAndSet(false, true)) {
            headlines.later(() -> {
                try {
                    settle();
                } finally {
                    catchingUp.set(false);
                }
            });
        }
        return jobs.page(due ? filter.of(dueEngines.getObject().due()) : filter, limit, offset);
    }

    /** Works out every headline that is not true any more, however long that takes. */
    public void settle() {
        headlines.flush();
        List<Long> old = jobs.withOldHeadline(Integer.MAX_VALUE);
        for (int i = 0; i < old.size() && !headlines.ending(); i++) {
            workOut(old.get(i));
            if (i % 50 == 49) {
                headlines.flush();
            }
        }
        headlines.flush();
    }

    private void workOut(long id) {
        try {
            sheets.interpretation(id);
        } catch (NotFound gone) {
            // Nothing to say of it.
        }
    }
}
