package silentotter.app.leakdown;

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
import silentotter.core.instruments.CalibrationDocument;
import silentotter.core.instruments.TesterDocument;
import silentotter.core.leakdown.LeakdownDocument;

/** Leak-down readings and testers. Each change is one transaction, answered with the whole new sheet. */
@RestController
@RequestMapping("/api/jobs/{id}/leakdown")
record LeakdownController(Leakdown leakdown, Testers testers, Jobs jobs, Sheets sheets) {
    /** @param typed the number as it was typed on a second gauge, where it is to be asked whether it is a per cent */
    record NewLeakdown(
            @Nullable String key,
            @Nullable Integer attempt,
            @Nullable Double typed,
            long testerId,
            int cylinder,
            LeakdownDocument reading) {}

    record LeakdownMove(int cylinder) {}

    record HeardMove(long to) {}

    record LeakdownSetAside(@Nullable String reason) {}

    /** @param fromNowOn whether it is another tester now, so that what was read before stays with the one it was */
    record TesterChange(
            int revision, TesterDocument tester, @Nullable Boolean fromNowOn) {}

    @PostMapping("/readings")
    SheetView addLeakdown(@PathVariable long id, @RequestBody NewLeakdown body) {
        leakdown.add(
                id,
                jobs.engineOf(id),
                body.testerId(),
                body.cylinder(),
                body.key(),
                body.attempt(),
                body.typed(),
                body.reading());
        return sheets.sheet(id);
    }

    @PostMapping("/readings/{readingId}/heard")
    SheetView hear(@PathVariable long id, @PathVariable long readingId, @RequestBody LeakdownDocument.Listened body) {
        leakdown.hear(id, jobs.engineOf(id), readingId, body);
        return sheets.sheet(id);
    }

    @PutMapping("/readings/{readingId}/set-aside")
    SheetView setAsideLeakdown(
            @PathVariable long id, @PathVariable long readingId, @RequestBody LeakdownSetAside body) {
        leakdown.setAside(id, readingId, body.reason());
        return sheets.sheet(id);
    }

    /** Puts a reading where it belongs when it was typed on the wrong cylinder. */
    @PutMapping("/readings/{readingId}/cylinder")
    SheetView moveLeakdown(@PathVariable long id, @PathVariable long readingId, @RequestBody LeakdownMove body) {
        leakdown.move(id, jobs.engineOf(id), readingId, body.cylinder());
        return sheets.sheet(id);
    }

    /** Hands what was heard to another reading. */
    @PutMapping("/readings/{readingId}/heard")
    SheetView moveHeard(@PathVariable long id, @PathVariable long readingId, @RequestBody HeardMove body) {
        leakdown.moveHeard(id, jobs.engineOf(id), readingId, body.to());
        return sheets.sheet(id);
    }

    @PostMapping("/testers")
    SheetView addTester(@PathVariable long id, @RequestBody TesterDocument body) {
        testers.add(body);
        return sheets.sheet(id);
    }

    @PutMapping("/testers/{testerId}")
    SheetView changeTester(@PathVariable long id, @PathVariable long testerId, @RequestBody TesterChange body) {
        if (Boolean.TRUE.equals(body.fromNowOn())) {
            testers.change(testerId, body.revision(), body.tester());
        } else {
            testers.better(testerId, body.revision(), body.tester());
        }
        return sheets.sheet(id);
    }

    /** Finds the orifice of a tester, and its supply where two holes were read. */
    @PostMapping("/testers/{testerId}/calibration")
    SheetView calibrate(@PathVariable long id, @PathVariable long testerId, @RequestBody CalibrationDocument body) {
        Testers.StoredTester stored = testers.byId(testerId);
        TesterDocument found = body.applied(
                stored.tester(), jobs.read(jobs.byId(id)).value().ambient().pressure());
        boolean hidden = stored.tester().supplyKPa() == null && body.supplyKPa() == null;
        testers.checked(stored, found, hidden);
        return sheets.sheet(id);
    }
}
