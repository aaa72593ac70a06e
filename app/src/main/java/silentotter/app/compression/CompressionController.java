package silentotter.app.compression;

import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import silentotter.app.job.Jobs;
import silentotter.app.sheet.SheetView;
import silentotter.app.sheet.Sheets;
import silentotter.core.compression.ConditionsDocument;
import silentotter.core.compression.PassDoubt;
import silentotter.core.compression.PassKind;

/** Each change is one transaction: on disk before anything is made of it, answered with the whole new sheet. */
@RestController
@RequestMapping("/api/jobs/{id}/compression")
record CompressionController(Compression compression, PutRight putRight, Jobs jobs, Sheets sheets) {
    record NewPass(PassKind kind) {}

    record ConditionsChange(int revision, ConditionsDocument conditions) {}

    record NewStroke(int number, double kPa) {}

    record SetAside(@Nullable String reason) {}

    record Move(int cylinder) {}

    record Decimal(double times) {}

    record Settled(PassDoubt.Kind question) {}

    @PostMapping("/passes")
    SheetView addPass(@PathVariable long id, @RequestBody NewPass body) {
        compression.addPass(id, body.kind());
        return sheets.sheet(id);
    }

    @PutMapping("/passes/{passId}/conditions")
    SheetView changeConditions(@PathVariable long id, @PathVariable long passId, @RequestBody ConditionsChange body) {
        compression.changeConditions(id, passId, body.revision(), body.conditions());
        return sheets.sheet(id);
    }

    @PostMapping("/passes/{passId}/readings")
    SheetView addReading(@PathVariable long id, @PathVariable long passId, @RequestBody ReadingDocument body) {
        compression.addReading(id, jobs.engineOf(id), passId, body);
        return sheets.sheet(id);
    }

    @PostMapping("/readings/{readingId}/strokes")
    SheetView addStroke(@PathVariable long id, @PathVariable long readingId, @RequestBody NewStroke body) {
        compression.addStroke(id, readingId, body.number(), body.kPa());
        return sheets.sheet(id);
    }

    @PutMapping("/readings/{readingId}/set-aside")
    SheetView setAside(@PathVariable long id, @PathVariable long readingId, @RequestBody SetAside body) {
        compression.setAside(id, readingId, body.reason());
        return sheets.sheet(id);
    }

    /** Puts a reading where it belongs when it was typed on the wrong cylinder. */
    @PutMapping("/readings/{readingId}/cylinder")
    SheetView move(@PathVariable long id, @PathVariable long readingId, @RequestBody Move body) {
        putRight.move(id, jobs.engineOf(id), readingId, body.cylinder());
        return sheets.sheet(id);
    }

    /** Reads strokes that were written down for one cylinder as one final value each of several. */
    @PostMapping("/readings/{readingId}/split")
    SheetView split(@PathVariable long id, @PathVariable long readingId) {
        putRight.split(id, jobs.engineOf(id), readingId);
        return sheets.sheet(id);
    }

    /** Puts a slipped decimal right: ten times as much, or a tenth. */
    @PutMapping("/readings/{readingId}/decimal")
    SheetView putDecimalRight(@PathVariable long id, @PathVariable long readingId, @RequestBody Decimal body) {
        putRight.decimal(id, readingId, body.times());
        return sheets.sheet(id);
    }

    /** Reads a whole pass in the unit that was meant. */
    @PutMapping("/passes/{passId}/unit")
    SheetView convert(@PathVariable long id, @PathVariable long passId, @RequestBody PassDoubt.Conversion body) {
        putRight.convert(id, passId, body.typedAs(), body.meant());
        return sheets.sheet(id);
    }

    /** Answers a question about a pass: what was typed is meant. */
    @PutMapping("/passes/{passId}/settled")
    SheetView settle(@PathVariable long id, @PathVariable long passId, @RequestBody Settled body) {
        compression.settle(id, passId, body.question());
        return sheets.sheet(id);
    }
}
