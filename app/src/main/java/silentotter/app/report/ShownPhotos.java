package silentotter.app.report;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import silentotter.app.part.JobPhotos;
import silentotter.app.part.JobPhotos.Taken;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.wording.Say;

/** The photos of a job on what is handed over. */
@Component
record ShownPhotos(JobPhotos photos, Pictures pictures) {
    private static final int MOST = 24;

    List<Taken> of(long jobId) {
        return photos.taken(jobId).stream().limit(MOST).toList();
    }

    /** Within the document. */
    List<ReportPage.Photo> inline(long jobId, Engine engine) {
        return shown(of(jobId), engine, pictures::inline);
    }

    /** @param address of a photo by its key; empty where it cannot be shown */
    List<ReportPage.Photo> shown(List<Taken> taken, Engine engine, Function<String, Optional<String>> address) {
        return taken.parallelStream()
                .flatMap(p -> address.apply(p.key()).map(at -> new ReportPage.Photo(at, caption(p, engine))).stream())
                .toList();
    }

    private static String caption(Taken photo, Engine engine) {
        String of = photo.cylinder() == 0
                ? ", the engine"
                : ", cylinder " + engine.label(CylinderNumber.of(photo.cylinder()));
        return Say.sentence(photo.subject()) + of + ", " + photo.takenAt().substring(0, 10);
    }
}
