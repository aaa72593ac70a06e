package silentotter.app.oil;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
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
import silentotter.app.shop.Choices;
import silentotter.core.input.Problems;
import silentotter.core.oil.NotebookPage;
import silentotter.core.oil.NotebookPage.DateOrder;
import silentotter.core.oil.OilEntryDocument;
import silentotter.core.oil.OilSchool;
import silentotter.core.oil.OilTrialDocument;

/** The oil log of the engine of a job. Each change is answered with the whole new sheet. */
@RestController
@RequestMapping("/api/jobs/{id}/oil")
record OilController(
        OilLogs logs, OilTrials trials, Reminders reminders, Choices choices, Jobs jobs, Sheets sheets, Clock clock) {
    private static final int LONGEST_PAGE = 100_000;

    /** @param sure whether the sender was asked about what looks odd, and means it */
    record NewOilEntry(@Nullable String key, @Nullable Boolean sure, OilEntryDocument entry) {}

    record NewOilPage(@Nullable String key, List<OilEntryDocument> entries) {}

    record OilPageText(String text, @Nullable DateOrder dateOrder) {}

    /** @param was what the sender saw, so that nothing is overwritten unseen */
    record OilEntryChange(OilEntryDocument was, OilEntryDocument entry) {}

    /** @param was what the sender saw */
    record OilTrialChange(OilTrialDocument was, OilTrialDocument trial) {}

    record OilSetAside(@Nullable String reason) {}

    record LeadingOilSchool(OilSchool school) {}

    record NewReminder(String date, String words) {}

    @PostMapping("/entries")
    SheetView addOil(@PathVariable long id, @RequestBody NewOilEntry body) {
        logs.add(
                id,
                jobs.engineOf(id),
                body.key(),
                body.entry(),
                Boolean.TRUE.equals(body.sure()),
                sheets.wording(id)::fill);
        return sheets.sheet(id);
    }

    /** What a pasted page would be taken for; nothing is written down yet. */
    @PostMapping("/page")
    NotebookPage readPage(@PathVariable long id, @RequestBody OilPageText body) {
        logs.engineOf(id);
        Problems problems = new Problems();
        problems.text("text", body.text(), LONGEST_PAGE);
        problems.throwIfAny();
        return NotebookPage.read(
                        Objects.requireNonNullElse(body.text(), ""),
                        Optional.ofNullable(body.dateOrder()),
                        LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC).plusDays(1))
                .worded(sheets.wording(id)::fill);
    }

    /** Writes the lines of a page down, all of them or none. */
    @PostMapping("/entries/page")
    SheetView addPage(@PathVariable long id, @RequestBody NewOilPage body) {
        logs.addAll(
                id,
                body.key(),
                body.entries().stream().map(e -> new StoredOilEntry(0, e, null)).toList(),
                "a page");
        return sheets.sheet(id);
    }

    @PutMapping("/entries/{entryId}")
    SheetView changeOil(@PathVariable long id, @PathVariable long entryId, @RequestBody OilEntryChange body) {
        logs.change(id, entryId, body.was(), body.entry());
        return sheets.sheet(id);
    }

    @PutMapping("/entries/{entryId}/set-aside")
    SheetView setAsideOil(@PathVariable long id, @PathVariable long entryId, @RequestBody OilSetAside body) {
        logs.setAside(id, entryId, body.reason());
        return sheets.sheet(id);
    }

    @PostMapping("/trials")
    SheetView addTrial(@PathVariable long id, @RequestBody OilTrialDocument body) {
        trials.add(id, body);
        return sheets.sheet(id);
    }

    @PutMapping("/trials/{trialId}")
    SheetView changeTrial(@PathVariable long id, @PathVariable long trialId, @RequestBody OilTrialChange body) {
        trials.change(id, trialId, body.was(), body.trial());
        return sheets.sheet(id);
    }

    @PutMapping("/trials/{trialId}/set-aside")
    SheetView setAsideTrial(@PathVariable long id, @PathVariable long trialId, @RequestBody OilSetAside body) {
        trials.setAside(id, trialId, body.reason());
        return sheets.sheet(id);
    }

    /** Promises a retest for a day. */
    @PostMapping("/reminders")
    SheetView remind(@PathVariable long id, @RequestBody NewReminder body) {
        reminders.add(id, body.date(), body.words());
        return sheets.sheet(id);
    }

    @PutMapping("/leading-school")
    SheetView leadOil(@PathVariable long id, @RequestBody LeadingOilSchool body) {
        choices.lead(body.school());
        return sheets.sheet(id);
    }
}
