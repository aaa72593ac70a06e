package silentotter.app.examination;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Change;
import silentotter.app.change.ChangeKind;
import silentotter.app.change.Journal;
import silentotter.app.change.Undoable;
import silentotter.app.engine.HoldsCylinders;
import silentotter.app.http.NotFound;
import silentotter.core.engine.Engine;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;

/** Photos of plugs and of what the camera showed, kept with the job. */
@Service
public class Photos implements Undoable, HoldsCylinders {
    private static final int MOST_BYTES = 6_000_000;
    private static final int MOST_PHOTOS = 200;
    private static final Set<ExaminationPart> PARTS = Set.of(ExaminationPart.PLUGS, ExaminationPart.INSIDE);

    private final ExaminationMapper mapper;
    private final Journal journal;
    private final Clock clock;

    Photos(ExaminationMapper mapper, Journal journal, Clock clock) {
        this.mapper = mapper;
        this.journal = journal;
        this.clock = clock;
    }

    /**
     * A photo without its content.
     *
     * @param key its address; never given to another photo, also not after a restore
     */
    public record Photo(String key, ExaminationPart part, int cylinder, String mediaType, String takenAt) {}

    /** A photo with its content. */
    public record Picture(Photo photo, byte[] content) {}

    @Transactional(readOnly = true)
    public List<Photo> of(long jobId) {
        return mapper.photos(jobId).stream().map(Photos::photo).toList();
    }

    /** A photo that is there; one that was undone is not. */
    @Transactional(readOnly = true)
    public Picture byKey(String key) {
        return mapper.photo(key)
                .map(r -> new Picture(photo(r), r.content()))
                .orElseThrow(() -> new NotFound("There is no such photo."));
    }

    private static Photo photo(ExaminationMapper.PhotoRow r) {
        return new Photo(r.key(), r.part(), r.cylinder(), r.mediaType(), r.takenAt());
    }

    /** @throws InvalidInput when it is no picture, too large, or of no cylinder of this engine */
    @Transactional
    public void add(long jobId, Engine engine, ExaminationPart part, int cylinder, String mediaType, byte[] content) {
        Problems problems = new Problems();
        check(engine, part, cylinder, mediaType, content, problems, "");
        if (mapper.countPhotos(jobId) >= MOST_PHOTOS) {
            problems.add("content", "this job holds as many photos as it can, " + MOST_PHOTOS);
        }
        problems.throwIfAny();
        long id = insert(
                jobId, part, cylinder, mediaType, content, Instant.now(clock).toString());
        journal.added(jobId, ChangeKind.PHOTO_ADDED, id, "photo of cylinder " + cylinder);
    }

    /** Puts a photo from a file where it belongs; the caller has checked it. */
    @Transactional
    public void restore(
            long jobId, ExaminationPart part, int cylinder, String mediaType, byte[] content, String takenAt) {
        insert(jobId, part, cylinder, mediaType, content, takenAt);
    }

    private long insert(
            long jobId, ExaminationPart part, int cylinder, String mediaType, byte[] content, String takenAt) {
        String key = UUID.randomUUID().toString();
        return mapper.insertPhoto(jobId, key, part, cylinder, mediaType, content, takenAt);
    }

    /** Says everything that is wrong with a photo. */
    public static void check(
            Engine engine,
            ExaminationPart part,
            int cylinder,
            String mediaType,
            byte[] content,
            Problems problems,
            String path) {
        int count = engine.arrangement().count();
        if (cylinder < 1 || cylinder > count) {
            problems.add(path + "cylinder", cylinder + " does not exist on this engine; allowed is 1 to " + count);
        }
        if (!PARTS.contains(part)) {
            problems.add(path + "part", "photos belong to plugs or to the look inside");
        }
        Optional<String> found = PictureType.of(content);
        if (found.isEmpty()) {
            problems.add(path + "content", "must be a JPEG, PNG or WebP picture, and this is none");
        } else if (!found.get().equals(mediaType)) {
            problems.add(path + "mediaType", "says " + mediaType + ", but the picture is " + found.get());
        }
        if (content.length == 0 || content.length > MOST_BYTES) {
            problems.add(path + "content", "must be at most 6 MB, but has " + content.length + " bytes");
        }
    }

    @Override
    public String held() {
        return "photos";
    }

    @Override
    public Set<Integer> cylindersHeld(long engineId) {
        return mapper.cylindersWithPhotos(engineId);
    }

    @Override
    public Set<ChangeKind> kinds() {
        return Set.of(ChangeKind.PHOTO_ADDED);
    }

    @Override
    public void undo(Change change) {
        mapper.removePhoto(change.targetId(), true);
    }

    @Override
    public void redo(Change change) {
        mapper.removePhoto(change.targetId(), false);
    }
}
