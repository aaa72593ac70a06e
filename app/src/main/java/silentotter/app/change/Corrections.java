package silentotter.app.change;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The trail of what was put right afterwards: readings that were moved to another cylinder or into another unit. */
@Service
public class Corrections {
    private final CorrectionMapper mapper;
    private final Clock clock;

    Corrections(CorrectionMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** What was put right, in a sentence, and when. */
    public record Correction(String at, String words) {}

    /** Puts one from a file where it belongs. */
    @Transactional
    public void restore(long jobId, Correction correction) {
        mapper.insert(jobId, correction.at(), correction.words());
    }

    /** @return its number, to take it back with the change it belongs to */
    @Transactional
    public long add(long jobId, String words) {
        return mapper.insert(jobId, Instant.now(clock).toString(), words);
    }

    /** Oldest first. */
    @Transactional(readOnly = true)
    public List<Correction> of(long jobId) {
        return mapper.of(jobId);
    }

    @Transactional
    public void takeBack(long id, boolean removed) {
        mapper.remove(id, removed);
    }
}
