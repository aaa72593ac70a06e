package silentotter.app.instrument;

import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import silentotter.app.instrument.Instruments.StoredInstrument;
import silentotter.core.scpi.InstrumentDocument;

/** The instruments of this shop that speak. */
@RestController
record InstrumentController(Instruments instruments, InstrumentLines lines) {
    record InstrumentView(long id, InstrumentDocument instrument, LineState line) {}

    /** Each with what it says now. Whoever asks again and again keeps the lines open. */
    @GetMapping("/api/shop/instruments")
    List<InstrumentView> all() {
        return instruments.all().stream()
                .map(s -> new InstrumentView(s.id(), s.instrument(), lines.state(s)))
                .toList();
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
}
