package silentotter.app.oil;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Journal;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;

/** What was promised for a day: a retest. */
@Service
class Reminders {
    private static final int LONGEST_WORDS = 200;
    private static final int MOST = 500;

    private final OilMapper mapper;
    private final OilLogs logs;
    private final Journal journal;

    Reminders(OilMapper mapper, OilLogs logs, Journal journal) {
        this.mapper = mapper;
        this.logs = logs;
        this.journal = journal;
    }

    @Transactional
    public void add(long jobId, String date, String words) {
        long engineId = logs.engineOf(jobId);
        Problems problems = new Problems();
        problems.day("date", date);
        String text = problems.text("words", words, LONGEST_WORDS);
        if (text.isEmpty()) {
            problems.add("words", "are missing: what is to be tested again?");
        }
        if (mapper.reminders(engineId).size() >= MOST) {
            throw InvalidInput.at("date", "this engine has as many reminders as it can", "at most " + MOST);
        }
        problems.throwIfAny();
        boolean there = mapper.reminders(engineId).stream()
                .anyMatch(r -> r.date().equals(date) && r.words().equals(text));
        if (!there) {
            journal.step(jobId)
                    .added("reminder", mapper.insertReminder(engineId, date, text))
                    .done("a retest promised for " + date);
            journal.touchedJobsOfEngine(engineId);
        }
    }
}
