package silentotter.app.sheet;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
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
import silentotter.app.engine.Engines;
import silentotter.app.engine.ServiceLogs;
import silentotter.app.job.JobFilter;
import silentotter.app.job.Jobs;
import silentotter.app.shop.Choices;
import silentotter.core.compression.School;
import silentotter.core.engine.EngineDocument;
import silentotter.core.fault.Family;
import silentotter.core.input.InvalidInput;
import silentotter.core.intake.ServiceDocument;
import silentotter.core.job.JobDocument;

/** Jobs and what stands at the head of a sheet; each part has a controller of its own. */
@RestController
@RequestMapping("/api/jobs")
record JobController(
        Sheets sheets,
        Jobs jobs,
        Engines engines,
        ServiceLogs serviceLogs,
        NewJobs newJobs,
        JobList list,
        Undo undo,
        Choices choices) {
    /** A new job, on an engine that is known or on a new one. */
    record NewJob(@Nullable Long engineId, @Nullable EngineDocument engine, JobDocument job) {}

    record JobChange(int revision, JobDocument job) {}

    record EngineChange(int revision, EngineDocument engine) {}

    /** @param into number of the engine that it is */
    record Merge(long into) {}

    record ChangeReference(long changeId) {}

    record LeadingSchool(School school) {}

    record Revision(int revision) {}

    /** @param fault family of what the verdict is about; @param open and outcome whether findings stay open, and what was found is known */
    @GetMapping
    Jobs.Page list(
            @RequestParam(defaultValue = "") String search,
            @RequestParam(required = false) @Nullable Family fault,
            @RequestParam(defaultValue = "") String family,
            @RequestParam(defaultValue = "") String technician,
            @RequestParam(defaultValue = "") String from,
            @RequestParam(defaultValue = "") String to,
            @RequestParam(required = false) @Nullable Boolean open,
            @RequestParam(required = false) @Nullable Boolean outcome,
            @RequestParam(defaultValue = "false") boolean due,
            @RequestParam(defaultValue = "100") int limit,
            @RequestParam(defaultValue = "0") int offset) {
        JobFilter filter = new JobFilter(
                search,
                Optional.ofNullable(fault),
                family,
                technician,
                from,
                to,
                Optional.ofNullable(open),
                Optional.ofNullable(outcome),
                Optional.empty());
        return list.page(filter, due, Math.max(1, Math.min(limit, 10_000)), Math.max(0, offset));
    }

    /** What there is to filter jobs by. */
    @GetMapping("/known")
    Jobs.Known known() {
        return jobs.known();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    SheetView add(@RequestBody NewJob body) {
        if ((body.engineId() == null) == (body.engine() == null)) {
            throw InvalidInput.at("engine", "a job needs either a known engine or a new one");
        }
        return sheets.sheet(newJobs.add(body.engineId(), body.engine(), body.job()));
    }

    /** @param learnt whether the verdict may stand on what the shop's own outcomes have moved */
    @GetMapping("/{id}/sheet")
    SheetView sheet(@PathVariable long id, @RequestParam(defaultValue = "true") boolean learnt) {
        return learnt ? sheets.sheet(id) : sheets.sheetAsStarted(id);
    }

    /** Grows with every change of the job; lets a program see cheaply that it is behind. */
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
        engines.change(id, jobs.byId(id).engineId(), body.revision(), body.engine());
        return sheets.sheet(id);
    }

    /** Its engine was entered twice: everything of it goes to the other one, and comes back with undo. */
    @PostMapping("/{id}/engine/merge")
    SheetView merge(@PathVariable long id, @RequestBody Merge body) {
        engines.merge(id, jobs.byId(id).engineId(), body.into());
        return sheets.sheet(id);
    }

    @PostMapping("/{id}/service")
    SheetView addService(@PathVariable long id, @RequestBody ServiceDocument body) {
        serviceLogs.add(id, jobs.byId(id).engineId(), body);
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

    /** The school of evenness that leads on all sheets of this shop. */
    @PutMapping("/{id}/leading-school")
    SheetView lead(@PathVariable long id, @RequestBody LeadingSchool body) {
        choices.lead(body.school());
        return sheets.sheet(id);
    }
}
