package silentotter.app.sheet;

import jakarta.annotation.Nullable;
import java.util.List;
import silentotter.app.change.Change;
import silentotter.app.compression.StoredPass;
import silentotter.app.engine.Engines;
import silentotter.app.engine.ServiceDocument;
import silentotter.app.examination.Photos;
import silentotter.app.job.Jobs;
import silentotter.core.compression.School;
import silentotter.core.examination.Examination;
import silentotter.core.round.Station;

/**
 * The whole sheet of one job: what was measured and seen, what it says, and what can be undone.
 *
 * @param examination what was written down before the gauges
 * @param seen what that says
 * @param corrections what was put right afterwards, each in a sentence
 * @param notComputed what could not be worked out, each in a sentence
 */
record SheetView(
        Jobs.StoredJob job,
        Engines.StoredEngine engine,
        List<CylinderView> cylinders,
        List<StoredPass> passes,
        List<CrankedView> cranked,
        List<Station> stations,
        Examination examination,
        ExaminationView seen,
        List<Photos.Photo> photos,
        List<String> corrections,
        List<ServiceDocument> service,
        String lastOilChange,
        CompressionView compression,
        LeakdownView leakdown,
        DiagnosisView diagnosis,
        School leadingSchool,
        List<String> cautions,
        List<String> notComputed,
        @Nullable ChangeView undo,
        @Nullable ChangeView redo) {

    /** A cylinder and its place. */
    record CylinderView(
            int number,
            String label,
            List<Integer> neighbours,
            @Nullable Double leanDeg,
            boolean wetTestable) {}

    /** How many compression strokes the noted length of a pass makes, where it was noted. */
    record CrankedView(long passId, RangeView strokes) {}

    /** What undo or redo would do. */
    record ChangeView(long id, String description) {
        static ChangeView of(Change change) {
            return new ChangeView(change.id(), change.description());
        }
    }
}
