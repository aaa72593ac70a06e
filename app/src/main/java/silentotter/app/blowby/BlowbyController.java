package silentotter.app.blowby;

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
import silentotter.core.blowby.BlowbyDocument;
import silentotter.core.blowby.BlowbyPoint;
import silentotter.core.blowby.BlowbySchool;
import silentotter.core.blowby.CrankcaseTool;
import silentotter.core.blowby.GaugeSlip;

/** Readings of crankcase pressure and what they are taken with. Each change is answered with the whole new sheet. */
@RestController
@RequestMapping("/api/jobs/{id}/blowby")
record BlowbyController(Blowby blowby, CrankcaseTools tools, Choices choices, Jobs jobs, Sheets sheets) {
    record NewBlowby(@Nullable String key, BlowbyDocument reading) {}

    record BlowbySetAside(@Nullable String reason) {}

    record BlowbyMend(GaugeSlip slip) {}

    record BlowbyMove(BlowbyPoint point) {}

    /** @param tool as it is now; missing where it is gone */
    record ToolChange(int revision, @Nullable CrankcaseTool tool) {}

    record LeadingBlowbySchool(BlowbySchool school) {}

    @PostMapping("/readings")
    SheetView addBlowby(@PathVariable long id, @RequestBody NewBlowby body) {
        blowby.add(id, jobs.engineOf(id), body.key(), body.reading());
        return sheets.sheet(id);
    }

    @PutMapping("/readings/{readingId}/set-aside")
    SheetView setAsideBlowby(@PathVariable long id, @PathVariable long readingId, @RequestBody BlowbySetAside body) {
        blowby.setAside(id, readingId, body.reason());
        return sheets.sheet(id);
    }

    /** Takes a reading for what another gauge has shown it to be. */
    @PutMapping("/readings/{readingId}/mended")
    SheetView mendBlowby(@PathVariable long id, @PathVariable long readingId, @RequestBody BlowbyMend body) {
        blowby.mend(id, jobs.engineOf(id), readingId, body.slip());
        return sheets.sheet(id);
    }

    /** Puts a reading where it belongs when it was typed at the wrong point. */
    @PutMapping("/readings/{readingId}/point")
    SheetView moveBlowby(@PathVariable long id, @PathVariable long readingId, @RequestBody BlowbyMove body) {
        blowby.move(id, jobs.engineOf(id), readingId, body.point());
        return sheets.sheet(id);
    }

    @PostMapping("/tools")
    SheetView addTool(@PathVariable long id, @RequestBody CrankcaseTool body) {
        tools.add(body);
        return sheets.sheet(id);
    }

    @PutMapping("/tools/{toolId}")
    SheetView changeTool(@PathVariable long id, @PathVariable long toolId, @RequestBody ToolChange body) {
        if (body.tool() == null) {
            tools.remove(toolId, body.revision());
        } else {
            tools.change(toolId, body.revision(), body.tool());
        }
        return sheets.sheet(id);
    }

    @PutMapping("/leading-school")
    SheetView leadBlowby(@PathVariable long id, @RequestBody LeadingBlowbySchool body) {
        choices.lead(body.school());
        return sheets.sheet(id);
    }
}
