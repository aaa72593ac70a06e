package silentotter.app.instrument;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import silentotter.app.http.Attachment;
import silentotter.app.instrument.Instruments.StoredInstrument;
import silentotter.app.job.Jobs;
import silentotter.app.sheet.SheetView;
import silentotter.app.sheet.Sheets;
import silentotter.core.scpi.InstrumentDocument;

/** The instruments of this shop that speak. */
@RestController
record InstrumentController(
        Instruments instruments, InstrumentLines lines, LiveInstruments live, Traces traces, Jobs jobs, Sheets sheets) {
    record InstrumentView(long id, InstrumentDocument instrument, LineState line) {}

    /** @param cylinder by its number */
    record Begun(int cylinder) {}

    /** Each with what it says now. Whoever asks again and again keeps the lines open. */
    @GetMapping("/api/shop/instruments")
    List<InstrumentView> all() {
        return live.now();
    }

    /** The same again and again as it changes: events (text/event-stream), each a list as above. */
    @GetMapping(path = "/api/shop/instruments/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listen() {
        return live.begin();
    }

    /** The same without calling any of them. */
    @GetMapping("/api/shop/instruments/known")
    List<StoredInstrument> known() {
        return instruments.all();
    }

    @PostMapping("/api/shop/instruments")
    List<InstrumentView> add(@RequestBody InstrumentDocument body) {
        instruments.add(body);
        return all();
    }

    @DeleteMapping("/api/shop/instruments/{id}")
    List<InstrumentView> remove(@PathVariable long id) {
        instruments.remove(id);
        lines.forget(id);
        return all();
    }

    /** Has a stand-in crank its engine, or open the air; a real instrument refuses. */
    @PostMapping("/api/shop/instruments/{id}/begin")
    void begin(@PathVariable long id, @RequestBody Begun body) {
        lines.line(instruments.byId(id)).begin(body.cylinder());
    }

    /** Keeps what an instrument sent for the reading that was just taken. */
    @PostMapping("/api/jobs/{id}/traces/{instrument}")
    SheetView keep(@PathVariable long id, @PathVariable long instrument, @RequestBody Traces.NewTrace body) {
        StoredInstrument from = instruments.byId(instrument);
        traces.keep(
                id,
                jobs.engineOf(id),
                body,
                from.instrument().name(),
                lines.line(from).csv());
        return sheets.sheet(id);
    }

    /** What an instrument sent, as comma-separated values. */
    @GetMapping("/api/traces/{key}.csv")
    ResponseEntity<String> csv(@PathVariable String key) {
        return Attachment.of("trace.csv", MediaType.parseMediaType("text/csv;charset=UTF-8"), traces.csv(key));
    }
}
