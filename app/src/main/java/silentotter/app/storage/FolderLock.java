package silentotter.app.storage;

import java.io.IOException;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Holds the data folder as long as the server runs: no second server, and no restore underneath it. */
@Component
class FolderLock implements AutoCloseable {
    private final DataFolder.Held held;

    FolderLock(@Value("${otter.data}") String folder) throws IOException {
        held = new DataFolder(Path.of(folder))
                .hold()
                .orElseThrow(() -> new IllegalStateException("Silent Otter is running already on " + folder));
    }

    @Override
    public void close() throws IOException {
        held.close();
    }
}
