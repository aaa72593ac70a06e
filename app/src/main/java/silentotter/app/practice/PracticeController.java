package silentotter.app.practice;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import silentotter.app.http.Attachment;
import silentotter.app.part.CsvTable;
import silentotter.app.sheet.Sheets;
import silentotter.core.fault.Family;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.practice.Deed;
import silentotter.core.practice.Lesson;
import silentotter.core.practice.Shown;
import silentotter.core.practice.Standing;
import silentotter.core.practice.Verdict;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.wording.Worded;

/** Practice: the room, its cases, and what is done and said in them. */
@RestController
record PracticeController(Practice practice, Room room, OwnCases own, Sheets sheets, AsSeen seen) {
    /** @param practising whether this is the practice room */
    record PracticePlace(boolean practising) {}

    /** @param address of the practice room */
    record RoomAddress(String address) {}

    /** @param key as it is shared */
    record Begin(String key, @Nullable String technician) {}

    record BegunCase(long jobId) {}

    /** @param number how many deeds there were when it was sent */
    record Does(int number, Deed deed) {}

    /**
     * A hand-made case; its title gives the answer away and is said once it was finished.
     *
     * @param complaint as the owner tells it
     */
    record LessonView(
            String key, String complaint, @Nullable String title) {}

    /** A case that was begun. */
    record PracticeLine(
            long jobId,
            String key,
            String technician,
            String begunAt,
            @Nullable String truth,
            @Nullable Boolean named,
            @Nullable Double score,
            @Nullable Double minutes) {}

    /** Everything that stands in the room. */
    record PracticeBoard(
            List<LessonView> lessons, List<String> own, List<PracticeLine> cases, List<String> technicians) {}

    /** The leak-down tester that lies on the bench, as it is stamped. */
    record BenchTester(double supplyKPa, double orificeMm) {
        static Optional<BenchTester> of(LeakdownTester tester) {
            return tester.supply()
                    .map(Pressure::kPa)
                    .flatMap(s -> tester.orifice().map(Length::mm).map(o -> new BenchTester(s, o)));
        }
    }

    /** @param stated whether a verdict was given, and nothing can be done any more */
    record PracticeState(
            String key,
            boolean stated,
            Standing standing,
            List<Shown> shown,
            @Nullable BenchTester tester) implements Worded {}

    @GetMapping("/api/practice")
    PracticePlace place() {
        return new PracticePlace(practice.isHere());
    }

    /** Opens the practice room, and says where it is. */
    @PostMapping("/api/practice/room")
    RoomAddress open() {
        return new RoomAddress(room.opened());
    }

    /** Makes a case of a job whose faults are known by now, without a name in it. */
    @PostMapping("/api/jobs/{id}/practice")
    RoomAddress make(@PathVariable long id) {
        room.take(own.of(id));
        return open();
    }

    @GetMapping("/api/practice/board")
    PracticeBoard board(@RequestParam(defaultValue = "") String technician) {
        List<PracticeMapper.Row> all = practice.all();
        List<PracticeLine> lines = all.stream()
                .filter(r -> technician.isEmpty() || r.technician().equals(technician))
                .map(PracticeController::line)
                .toList();
        List<LessonView> lessons = Lesson.ALL.stream()
                .map(l -> {
                    String key = "lesson-" + l.number();
                    boolean known = lines.stream().anyMatch(x -> x.key().equals(key) && x.truth() != null);
                    return new LessonView(key, l.complaint(), known ? l.title() : null);
                })
                .toList();
        return new PracticeBoard(
                lessons,
                practice.own(),
                lines,
                all.stream()
                        .map(PracticeMapper.Row::technician)
                        .filter(t -> !t.isEmpty())
                        .distinct()
                        .sorted()
                        .toList());
    }

    private static PracticeLine line(PracticeMapper.Row r) {
        return new PracticeLine(
                r.jobId(),
                r.key(),
                r.technician(),
                r.begunAt(),
                r.truth(),
                r.named() == null ? null : r.named() == 1,
                r.score(),
                r.minutes());
    }

    /** What somebody has finished, and what to take next. */
    @GetMapping("/api/practice/history")
    History.PracticeRecord history(@RequestParam(defaultValue = "") String technician) {
        return History.of(practice.all().stream()
                .filter(r -> r.verdict() != null
                        && (technician.isEmpty() || r.technician().equals(technician)))
                .map(this::finished)
                .toList());
    }

    private History.Finished finished(PracticeMapper.Row r) {
        List<Family> faults = practice.faults(r);
        return new History.Finished(
                r.key(),
                faults.isEmpty() ? Family.NOTHING_WRONG : faults.get(0),
                Family.valueOf(r.stated()),
                r.named() == 1,
                r.score());
    }

    @GetMapping(path = "/api/practice/history.csv", produces = "text/csv")
    ResponseEntity<String> csv() {
        List<CsvTable.Column<PracticeLine>> columns = List.of(
                CsvTable.Column.of("case", PracticeLine::key),
                CsvTable.Column.of("technician", PracticeLine::technician),
                CsvTable.Column.of("begun", PracticeLine::begunAt),
                CsvTable.Column.of("was", PracticeLine::truth),
                CsvTable.Column.of("named", PracticeLine::named),
                CsvTable.Column.of("score", PracticeLine::score),
                CsvTable.Column.of("minutes", PracticeLine::minutes));
        return Attachment.of(
                "practice.csv",
                MediaType.parseMediaType("text/csv"),
                CsvTable.write(
                        columns,
                        practice.all().stream().map(PracticeController::line).toList()));
    }

    @PostMapping("/api/practice/cases")
    @ResponseStatus(HttpStatus.CREATED)
    BegunCase begin(@RequestBody Begin body) {
        return new BegunCase(practice.begin(body.key(), body.technician()));
    }

    @GetMapping("/api/jobs/{id}/practice")
    PracticeView state(@PathVariable long id) {
        Practice.Under now = practice.under(id);
        return new PracticeView(seen.written(
                new PracticeState(
                        now.row().key(),
                        now.row().verdict() != null,
                        now.bench().standing(),
                        now.bench().shown(),
                        BenchTester.of(now.of().bench().tester()).orElse(null)),
                sheets.wording(id)));
    }

    @PostMapping("/api/jobs/{id}/practice/deeds")
    PracticeView does(@PathVariable long id, @RequestBody Does body) {
        practice.does(id, body.number(), body.deed());
        return state(id);
    }

    @PostMapping("/api/jobs/{id}/practice/verdict")
    DebriefView finish(@PathVariable long id, @RequestBody Verdict body) {
        practice.finish(id, body);
        return debrief(id);
    }

    @GetMapping("/api/jobs/{id}/practice/debrief")
    DebriefView debrief(@PathVariable long id) {
        return new DebriefView(seen.written(practice.debrief(id), sheets.wording(id)));
    }
}
