package silentotter.app.blowby;

import org.jspecify.annotations.Nullable;
import silentotter.core.blowby.BlowbyDocument;

/** A reading as it is kept. @param id 0 where it comes from a file */
record StoredBlowby(
        long id, BlowbyDocument reading, @Nullable String setAside, String takenAt) {}
