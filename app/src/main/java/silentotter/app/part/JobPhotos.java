package silentotter.app.part;

import java.util.List;

/** The photos of a job, whichever station keeps them. */
public interface JobPhotos {
    /**
     * A photo without its content.
     *
     * @param key its address; never given to another photo
     * @param subject what it shows, in words
     * @param takenAt an instant
     */
    record Taken(String key, String subject, int cylinder, String takenAt) {}

    /** Those of a job, oldest first. */
    List<Taken> taken(long jobId);

    byte[] content(String key);
}
