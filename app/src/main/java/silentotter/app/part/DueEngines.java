package silentotter.app.part;

import java.util.List;

/** Engines of which something is due, whichever station says so. */
public interface DueEngines {
    List<Long> due();
}
