package silentotter.app.sheet;

import jakarta.annotation.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
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
import silentotter.app.compression.StoredPass;
import silentotter.app.engine.EngineDocument;
import silentotter.app.engine.Engines;
import silentotter.app.job.JobDocument;
import silentotter.app.job.Jobs;
import silentotter.app.shop.Shop;
import silentotter.core.compression.PassKind;
import silentotter.core.compression.School;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.InvalidInput;

/**
 * Jobs and everything that changes a sheet. Each change is one transaction: what was typed, the journal entry and the
 * new headline are on disk together before the answer, which is the whole new sheet.
 */
@RestController
@RequestMapping("/api/jobs")
class SheetController {
    private final Sheets sheets;
    private final Jobs jobs;
    private final Engines engines;
    private final Compression compression;
    private final Undo undo;
    private final Shop shop;

    SheetController(Sheets sheets, Jobs jobs, Engines engines, Compression compression, Undo undo, Shop shop) {
        this.sheets = sheets;
        this.jobs = jobs;
        this.engines = engines;
        this.compression = compression;
        this.undo = undo;
        this.shop = shop;
    }

    /** A new job, on an engine that is known or on a new one. */
    record NewJob(@Nullable Long engineId, @Nullable EngineDocument engine, JobDocument job) {}

    record JobChange(int revision, JobDocument job) {}

    record EngineChange(int revision, EngineDocument engine) {}

    record ConditionsChange(int revision, ConditionsDocument conditions) {}

    record NewPass(PassKind kind) {}

    record NewStroke(int number, double kPa) {}

    record SetAside(@Nullable String reason) {}

    record ChangeReference(long changeId) {}

    record LeadingSchool(School school) {}

    record Revision(int revision) {}

    @GetMapping
    Jobs.Page list(
            @RequestParam(defaultValue = "") String search,
            @RequestParam(defaultValue = "100") int limit,
            @RequestParam(defaultValue = "0") int offset) {
        return jobs.page(search, Math.max(1, Math.min(limit, 10_000)), Math.max(0, offset));
    }

    @Transactional
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    SheetView add(@RequestBody NewJob body) {
        if (body.job() == null || (body.engineId() == null) == (body.engine() == null)) {
            throw InvalidInput.at("engine", "a job needs either a known engine or a new one");
        }
        long engineId = body.engineId() != null ? body.engineId() : engines.add(body.engine());
        long id = jobs.add(engineId, body.job());
        compression.restorePass(id, PassKind.DRY, ConditionsDocument.EMPTY);
        return sheets.changedSheet(id);
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

    @Transactional
    @PutMapping("/{id}")
    SheetView change(@PathVariable long id, @RequestBody JobChange body) {
        jobs.change(id, body.revision(), body.job());
        return sheets.changedSheet(id);
    }

    @Transactional
    @PutMapping("/{id}/engine")
    SheetView changeEngine(@PathVariable long id, @RequestBody EngineChange body) {
        long engineId = jobs.byId(id).engineId();
        engines.change(id, engineId, body.revision(), body.engine());
        sheets.engineChanged(engineId);
        return sheets.sheet(id);
    }

    @Transactional
    @PostMapping("/{id}/compression/passes")
    SheetView addPass(@PathVariable long id, @RequestBody NewPass body) {
        // The next pass is taken with the same gauge in the same hour: start from the last one's conditions.
        ConditionsDocument conditions = compression.passes(id).stream()
                .map(StoredPass::conditions)
                .reduce((a, b) -> b)
                .orElse(ConditionsDocument.EMPTY);
        compression.addPass(id, body.kind(), conditions);
        return sheets.changedSheet(id);
    }

    @Transactional
    @PutMapping("/{id}/compression/passes/{passId}/conditions")
    SheetView changeConditions(@PathVariable long id, @PathVariable long passId, @RequestBody ConditionsChange body) {
        compression.changeConditions(id, passId, body.revision(), body.conditions());
        return sheets.changedSheet(id);
    }

    @Transactional
    @PostMapping("/{id}/compression/passes/{passId}/readings")
    SheetView addReading(@PathVariable long id, @PathVariable long passId, @RequestBody ReadingDocument body) {
        compression.addReading(id, sheets.engineOf(id), passId, body);
        return sheets.changedSheet(id);
    }

    @Transactional
    @PostMapping("/{id}/compression/readings/{readingId}/strokes")
    SheetView addStroke(@PathVariable long id, @PathVariable long readingId, @RequestBody NewStroke body) {
        if (body.number() > AllowedRange.STROKES.max()) {
            throw InvalidInput.at("number", "is more strokes than anybody cranks", AllowedRange.STROKES.inWords());
        }
        compression.addStroke(id, readingId, body.number(), body.kPa());
        return sheets.changedSheet(id);
    }

    @Transactional
    @PutMapping("/{id}/compression/readings/{readingId}/set-aside")
    SheetView setAside(@PathVariable long id, @PathVariable long readingId, @RequestBody SetAside body) {
        compression.setAside(id, readingId, body.reason());
        return sheets.changedSheet(id);
    }

    @Transactional
    @PostMapping("/{id}/undo")
    SheetView undo(@PathVariable long id, @RequestBody ChangeReference body) {
        undo.undo(id, body.changeId());
        return sheets.changedSheet(id);
    }

    @Transactional
    @PostMapping("/{id}/redo")
    SheetView redo(@PathVariable long id, @RequestBody ChangeReference body) {
        undo.redo(id, body.changeId());
        return sheets.changedSheet(id);
    }

    /** The school that leads on all sheets of this shop. */
    @Transactional
    @PutMapping("/{id}/leading-school")
    SheetView lead(@PathVariable long id, @RequestBody LeadingSchool body) {
        shop.lead(body.school());
        return sheets.sheet(id);
    }
}
