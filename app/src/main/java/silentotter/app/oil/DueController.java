package silentotter.app.oil;

import java.time.Clock;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import silentotter.app.http.Attachment;
import silentotter.app.sheet.Sheets;

/** What falls due in the shop, as a list, as a feed to subscribe to, and one by one as a file for a calendar. */
@RestController
record DueController(DueList list, Sheets sheets, Clock clock) {
    private static final String CALENDAR = "text/calendar;charset=UTF-8";

    @GetMapping("/api/due")
    List<DueLine> due() {
        return list.all().stream().map(this::worded).toList();
    }

    @GetMapping(path = "/api/due.ics", produces = CALENDAR)
    String feed() {
        return DueCalendar.of(due(), clock.instant());
    }

    @GetMapping(path = "/api/due/{name}.ics", produces = CALENDAR)
    ResponseEntity<String> one(@PathVariable String name) {
        DueLine line = list.named(name);
        return Attachment.of(
                line.name() + ".ics",
                MediaType.parseMediaType(CALENDAR),
                DueCalendar.of(List.of(worded(line)), clock.instant()));
    }

    private DueLine worded(DueLine d) {
        return new DueLine(
                d.name(),
                d.engineId(),
                d.engineName(),
                d.jobId(),
                d.kind(),
                d.date(),
                d.distanceKm(),
                d.hours(),
                d.urgent(),
                sheets.wording(d.jobId()).fill(d.says()));
    }
}
