package silentotter.app.progress;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.IntConsumer;
import org.springframework.stereotype.Component;
import silentotter.app.http.GivenUp;

/** How far long work has come, under a key that whoever asked for it has made; and a way to give it up. */
@Component
public class Progress {
    private static final int MOST_AT_ONCE = 100;

    private final Map<String, Work> underWay = new ConcurrentHashMap<>();

    /** Work under way. Told by one thread, looked at by others. */
    public static final class Work implements IntConsumer, AutoCloseable {
        private final Runnable atEnd;
        private final AtomicInteger done = new AtomicInteger();
        private volatile int total;
        private volatile boolean givenUp;

        private Work(Runnable atEnd) {
            this.atEnd = atEnd;
        }

        /** Sets what there is to do. */
        public void outOf(int items) {
            total = items;
        }

        /**
         * So many more are done.
         *
         * @throws GivenUp when somebody asked for that; whoever works undoes what was done so far
         */
        @Override
        public void accept(int more) {
            done.addAndGet(more);
            if (givenUp) {
                throw new GivenUp();
            }
        }

        @Override
        public void close() {
            atEnd.run();
        }
    }

    /** @param done of total; a total of 0 means that it is still being read */
    public record State(int done, int total) {}

    /** @param key nothing where nobody wants to look */
    public Work begin(String key) {
        if (key == null || key.isBlank() || underWay.size() >= MOST_AT_ONCE) {
            return new Work(() -> {});
        }
        Work work = new Work(() -> underWay.remove(key));
        underWay.put(key, work);
        return work;
    }

    public Optional<State> of(String key) {
        return Optional.ofNullable(underWay.get(key)).map(w -> new State(w.done.get(), w.total));
    }

    public void giveUp(String key) {
        Optional.ofNullable(underWay.get(key)).ifPresent(w -> w.givenUp = true);
    }
}
