package silentotter.app.examination;

import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import silentotter.app.job.Jobs;
import silentotter.app.sheet.SheetView;
import silentotter.app.sheet.Sheets;
import silentotter.app.shop.Choices;
import silentotter.core.plugs.PlugSchool;
import tools.jackson.databind.JsonNode;

/** What is looked at before the gauges. Each change is one transaction, answered with the whole new sheet. */
@RestController
record ExaminationController(Examinations examinations, Photos photos, Choices choices, Jobs jobs, Sheets sheets) {
    record Swap(int one, int other) {}

    record LeadingPlugSchool(PlugSchool school) {}

    /** Merges a patch (RFC 7396) into one part: intake, signs, plugs, inside, crankcase, valves, steps or round. */
    @PatchMapping("/api/jobs/{id}/examination/{part}")
    SheetView change(@PathVariable long id, @PathVariable String part, @RequestBody JsonNode patch) {
        examinations.change(id, jobs.engineOf(id), ExaminationPart.ofKey(part), patch);
        return sheets.sheet(id);
    }

    @PostMapping("/api/jobs/{id}/plugs/swap")
    SheetView swap(@PathVariable long id, @RequestBody Swap body) {
        examinations.swap(id, jobs.engineOf(id), ExaminationPart.PLUGS, body.one(), body.other());
        return sheets.sheet(id);
    }

    /** What was said of two cylinders was mixed up: plugs, inside or valves. */
    @PostMapping("/api/jobs/{id}/examination/{part}/swap")
    SheetView swapPart(@PathVariable long id, @PathVariable String part, @RequestBody Swap body) {
        examinations.swap(id, jobs.engineOf(id), ExaminationPart.ofKey(part), body.one(), body.other());
        return sheets.sheet(id);
    }

    @PostMapping(
            path = "/api/jobs/{id}/photos/{part}/{cylinder}",
            consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE, "image/webp"})
    SheetView addPhoto(
            @PathVariable long id,
            @PathVariable String part,
            @PathVariable int cylinder,
            @RequestHeader("Content-Type") String mediaType,
            @RequestBody byte[] content) {
        photos.add(id, jobs.engineOf(id), ExaminationPart.ofKey(part), cylinder, mediaType, content);
        return sheets.sheet(id);
    }

    @GetMapping("/api/photos/{key}")
    ResponseEntity<byte[]> photo(@PathVariable String key) {
        Photos.Picture picture = photos.byKey(key);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(picture.photo().mediaType()))
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
                .body(picture.content());
    }

    /** The school of plug reading that counts on all sheets of this shop. */
    @PutMapping("/api/jobs/{id}/leading-plug-school")
    SheetView leadPlugs(@PathVariable long id, @RequestBody LeadingPlugSchool body) {
        choices.lead(body.school());
        return sheets.sheet(id);
    }
}
