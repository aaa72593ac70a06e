package silentotter.app.report;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.Optional;
import net.coobird.thumbnailator.Thumbnails;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import silentotter.app.part.JobPhotos;

/** Photos as small as paper shows them, upright as they were taken, and remembered: a photo never changes. */
@Component
class Pictures {
    private static final Logger LOG = LoggerFactory.getLogger(Pictures.class);
    /** Across half a page at 200 dots an inch. */
    private static final int LONGEST_SIDE = 1000;

    private static final double QUALITY = .8;
    private static final int MOST_BYTES = 30_000_000;

    private final LoadingCache<String, byte[]> small;

    Pictures(JobPhotos photos) {
        small = Caffeine.newBuilder()
                .maximumWeight(MOST_BYTES)
                .weigher((String key, byte[] picture) -> picture.length + 100)
                .build(key -> reduced(photos.content(key)));
    }

    /** Makes it small now, for whoever asks for it next. */
    void reduce(String key) {
        small.get(key);
    }

    /** A photo as an address that carries it; empty where its content is damaged. */
    Optional<String> inline(String key) {
        byte[] picture = small.get(key);
        return picture.length == 0
                ? Optional.empty()
                : Optional.of("data:image/jpeg;base64," + Base64.getEncoder().encodeToString(picture));
    }

    private static byte[] reduced(byte[] content) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            Thumbnails.of(new ByteArrayInputStream(content))
                    .size(LONGEST_SIDE, LONGEST_SIDE)
                    .outputFormat("jpg")
                    .outputQuality(QUALITY)
                    .toOutputStream(out);
            return out.toByteArray();
        } catch (IOException | RuntimeException e) {
            LOG.warn("A photo cannot be printed: {}", e.getMessage());
            return new byte[0];
        }
    }
}
