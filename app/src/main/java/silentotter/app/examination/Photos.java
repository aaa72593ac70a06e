package silentotter.app.examination;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.IntConsumer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Journal;
import silentotter.app.http.NotFound;
import silentotter.app.part.Filed;
import silentotter.app.part.JobPart;
import silentotter.app.part.JobPhotos;
import silentotter.core.engine.Engine;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.interpretation.Interpretation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Photos of plugs, of what the camera showed and of what was found, kept with the job. */
@Service
class Photos implements JobPart<List<Photos.Picture>>, JobPhotos {
    private static final int MOST_BYTES = 6_000_000;
    private static final int MOST_PHOTOS = 200;
    private static final Set<ExaminationPart> PARTS =
            Set.of(ExaminationPart.PLUGS, ExaminationPart.INSIDE, ExaminationPart.FOUND);
    /** In place of a cylinder: the engine as a whole, of what was found. */
    private static final int WHOLE_ENGINE = 0;

    private final ExaminationMapper mapper;
    private final Journal journal;
    private final JsonMapper json;
    private final Clock clock;

    Photos(ExaminationMapper mapper, Journal journal, JsonMapper json, Clock clock) {
        this.mapper = mapper;
        this.journal = journal;
        this.json = json;
        this.clock = clock;
    }

    /**
     * A photo without its content.
     *
     * @param key its address; never given to another photo, also not after a restore
     */
    record Photo(String key, ExaminationPart part, int cylinder, String mediaType, String takenAt) {}

    /** A photo with its content, where that was read. */
    record Picture(Photo photo, byte[] content) {}

    @Override
    @Transactional(readOnly = true)
    public List<Taken> taken(long jobId) {
        return load(jobId).stream()
                .map(Picture::photo)
                .map(p -> new Taken(p.key(), p.part().words(), p.cylinder(), p.takenAt()))
                .toList();
    }

    @Override
    @Transactional(readOnly = true)
    public byte[] content(String key) {
        return byKey(key).content();
    }

    @Override
    public long bulk(long jobId) {
        return mapper.bytesOfPhotos(jobId);
    }

    /** @param content base64 */
    record FiledPhoto(ExaminationPart part, int cylinder, String mediaType, String takenAt, byte[] content) {}

    @Override
    public String name() {
        return "photos";
    }

    @Override
    public List<Picture> load(long jobId) {
        return mapper.photos(jobId).stream()
                .map(r -> new Picture(photo(r), r.content()))
                .toList();
    }

    @Override
    public Optional<Object> export(List<Picture> kept) {
        List<FiledPhoto> filed = kept.stream()
                .map(Picture::photo)
                .map(p -> new FiledPhoto(
                        p.part(),
                        p.cylinder(),
                        p.mediaType(),
                        p.takenAt(),
                        mapper.photo(p.key()).orElseThrow().content()))
                .toList();
        return filed.isEmpty() ? Optional.empty() : Optional.of(filed);
    }

    @Override
    public List<Picture> read(JsonNode filed, Engine engine, Problems problems, String path) {
        List<FiledPhoto> photos = Filed.list(json, filed, FiledPhoto.class, problems, path);
        for (int i = 0; i < photos.size(); i++) {
            FiledPhoto p = photos.get(i);
            String at = path + "[" + i + "].";
            check(engine, p.part(), p.cylinder(), p.mediaType(), p.content(), problems, at);
            problems.moment(at + "takenAt", p.takenAt());
        }
        return photos.stream()
                .map(p -> new Picture(new Photo("", p.part(), p.cylinder(), p.mediaType(), p.takenAt()), p.content()))
                .toList();
    }

    @Override
    public void restore(long jobId, List<Picture> kept, IntConsumer done) {
        kept.forEach(k -> insert(jobId, k));
    }

    /** Photos on the sheet; each is fetched by its key. */
    record Shown(List<Photo> photos) {}

    @Override
    public Shown shown(List<Picture> kept, Interpretation said) {
        return new Shown(kept.stream().map(Picture::photo).toList());
    }

    @Override
    public Class<Shown> shows() {
        return Shown.class;
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
        Photo photo =
                new Photo("", part, cylinder, mediaType, Instant.now(clock).toString());
        journal.step(jobId)
                .added("photo", insert(jobId, new Picture(photo, content)))
                .done(cylinder == WHOLE_ENGINE ? "photo of the engine" : "photo of cylinder " + cylinder);
    }

    private long insert(long jobId, Picture picture) {
        return mapper.insertPhoto(jobId, UUID.randomUUID().toString(), picture.photo(), picture.content());
    }

    /** Says everything that is wrong with a photo. */
    private static void check(
            Engine engine,
            ExaminationPart part,
            int cylinder,
            String mediaType,
            byte[] content,
            Problems problems,
            String path) {
        int count = engine.arrangement().count();
        boolean whole = cylinder == WHOLE_ENGINE && part == ExaminationPart.FOUND;
        if (!whole && (cylinder < 1 || cylinder > count)) {
            problems.add(path + "cylinder", cylinder + " does not exist on this engine; allowed is 1 to " + count);
        }
        if (!PARTS.contains(part)) {
            problems.add(path + "part", "photos belong to plugs, to the look inside or to what was found");
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
}
