package silentotter.app.sheet;

import jakarta.annotation.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import silentotter.app.change.Undo;
import silentotter.app.compression.Compression;
import silentotter.app.compression.ConditionsDocument;
import silentotter.app.compression.ReadingDocument;
import silentotter.app.engine.EngineDocument;
import silentotter.app.engine.Engines;
import silentotter.app.job.JobDocument;
import silentotter.app.job.Jobs;
import silentotter.app.shop.Choices;
import silentotter.core.compression.PassDoubt;
import silentotter.core.compression.PassKind;
import silentotter.core.compression.School;
import silentotter.core.input.InvalidInput;

/**
 * Jobs and everything that changes a sheet. Each change is one transaction: what was typed and its journal entry are on
 * disk together before anything is made of them; the answer is the whole new sheet.
 */
@RestController
@RequestMapping("/api/jobs")
class SheetController {
    private final Sheets sheets;
    private final Jobs jobs;
    private final Engines engines;
    private final Compression compression;
    private final NewJobs newJobs;
    private final JobList list;
    private final Undo undo;
    private final Choices choices;

    SheetController(
            Sheets sheets,
            Jobs jobs,
            Engines engines,
            Compression compression,
            NewJobs newJobs,
            JobList list,
            Undo undo,
            Choices choices) {
        this.sheets = sheets;
        this.jobs = jobs;
        this.engines = engines;
        this.compression = compression;
        this.newJobs = newJobs;
        this.list = list;
        this.undo = undo;
        this.choices = choices;
    }

    /** A new job, on an engine that is known or on a new one. */
    record NewJob(@Nullable Long engineId, @Nullable EngineDocument engine, JobDocument job) {}

    record JobChange(int revision, JobDocument job) {}

    record EngineChange(int revision, EngineDocument engine) {}

    record ConditionsChange(int revision, ConditionsDocument conditions) {}

    record NewPass(PassKind kind) {}

    record NewStroke(int number, double kPa) {}

    record SetAside(@Nullable String reason) {}

    record Move(int cylinder) {}

    record Decimal(double times) {}

    record Settled(PassDoubt.Kind question) {}

    record ChangeReference(long changeId) {}

    record LeadingSchool(School school) {}

    record Revision(int revision) {}

    @GetMapping
    Jobs.Page list(
            @RequestParam(defaultValue = "") String search,
            @RequestParam(defaultValue = "100") int limit,
            @RequestParam(defaultValue = "0") int offset) {
        return list.page(search, Math.max(1, Math.min(limit, 10_000)), Math.max(0, offset));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    SheetView add(@RequestBody NewJob body) {
        if ((body.engineId() == null) == (body.engine() == null)) {
            throw InvalidInput.at("engine", "a job needs either a known engine or a new one");
        }
        return sheets.sheet(newJobs.add(body.engineId(), body.engine(), body.job()));
    }

    @GetMapping("/{id}/sheet")
    SheetView sheet(@PathVariable long id) {
        return sheets.sheet(id);
    }

    /** Grows with every change of the job; lets a window see cheaply that it is behind. */
    @GetMapping("/{id}/revision")
    Revision revision(@PathVariable long id) {
        return new Revision(jobs.revision(id));
    }

    @PutMapping("/{id}")
    SheetView change(@PathVariable long id, @RequestBody JobChange body) {
        jobs.change(id, body.revision(), body.job());
        return sheets.sheet(id);
    }

    @PutMapping("/{id}/engine")
    SheetView changeEngine(@PathVariable long id, @RequestBody EngineChange body) {
        long engineId = jobs.byId(id).engineId();
        engines.change(id, engineId, body.revision(), body.engine());
        return sheets.sheet(id);
    }

    @PostMapping("/{id}/compression/passes")
    SheetView addPass(@PathVariable long id, @RequestBody NewPass body) {
        compression.addPass(id, body.kind());
        return sheets.sheet(id);
    }

    @PutMapping("/{id}/compression/passes/{passId}/conditions")
    SheetView changeConditions(@PathVariable long id, @PathVariable long passId, @RequestBody ConditionsChange body) {
        compression.changeConditions(id, passId, body.revision(), body.conditions());
        return sheets.sheet(id);
    }

    @PostMapping("/{id}/compression/passes/{passId}/readings")
    SheetView addReading(@PathVariable long id, @PathVariable long passId, @RequestBody ReadingDocument body) {
        compression.addReading(id, sheets.engineOf(id), passId, body);
        return sheets.sheet(id);
    }

    @PostMapping("/{id}/compression/readings/{readingId}/strokes")
    SheetView addStroke(@PathVariable long id, @PathVariable long readingId, @RequestBody NewStroke body) {
        compression.addStroke(id, readingId, body.number(), body.kPa());
        return sheets.sheet(id);
    }

    @PutMapping("/{id}/compression/readings/{readingId}/set-aside")
    SheetView setAside(@PathVariable long id, @PathVariable long readingId, @RequestBody SetAside body) {
        compression.setAside(id, readingId, body.reason());
        return sheets.sheet(id);
    }

    /** Puts a reading where it belongs when it was typed on the wrong cylinder. */
    @PutMapping("/{id}/compression/readings/{readingId}/cylinder")
    SheetView move(@PathVariable long id, @PathVariable long readingId, @RequestBody Move body) {
        compression.move(id, sheets.engineOf(id), readingId, body.cylinder());
        return sheets.sheet(id);
    }

    /** Reads strokes that were written down for one cylinder as one final value each of several. */
    @PostMapping("/{id}/compression/readings/{readingId}/split")
    SheetView split(@PathVariable long id, @PathVariable long readingId) {
        compression.split(id, sheets.engineOf(id), readingId);
        return sheets.sheet(id);
    }

    /** Puts a slipped decimal right: ten times as much, or a tenth. */
    @PutMapping("/{id}/compression/readings/{readingId}/decimal")
    SheetView putDecimalRight(@PathVariable long id, @PathVariable long readingId, @RequestBody Decimal body) {
        compression.putDecimalRight(id, readingId, body.times());
        return sheets.sheet(id);
    }

    /** Reads a whole pass in the unit that was meant. */
    @PutMapping("/{id}/compression/passes/{passId}/unit")
    SheetView convert(@PathVariable long id, @PathVariable long passId, @RequestBody PassDoubt.Conversion body) {
        compression.convert(id, passId, body.typedAs(), body.meant());
        return sheets.sheet(id);
    }

    /** Answers a question about a pass: what was typed is meant. */
    @PutMapping("/{id}/compression/passes/{passId}/settled")
    SheetView settle(@PathVariable long id, @PathVariable long passId, @RequestBody Settled body) {
        compression.settle(id, passId, body.question());
        return sheets.sheet(id);
    }

    @PostMapping("/{id}/undo")
    SheetView undo(@PathVariable long id, @RequestBody ChangeReference body) {
        undo.undo(id, body.changeId());
        return sheets.sheet(id);
    }

    @PostMapping("/{id}/redo")
    SheetView redo(@PathVariable long id, @RequestBody ChangeReference body) {
        undo.redo(id, body.changeId());
        return sheets.sheet(id);
    }

    /** The school that leads on all sheets of this shop. */
    @PutMapping("/{id}/leading-school")
    SheetView lead(@PathVariable long id, @RequestBody LeadingSchool body) {
        choices.lead(body.school());
        return sheets.sheet(id);
    }
}
