package silentotter.app.waveform;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import silentotter.app.http.Attachment;
import silentotter.app.job.Jobs;
import silentotter.app.sheet.SheetView;
import silentotter.app.sheet.Sheets;

/** Waveform files of a job, and what is made of them. */
@RestController
@RequestMapping("/api/jobs/{id}")
record WaveformController(Waveforms waveforms, WaveformFiles files, Jobs jobs, Sheets sheets) {
    /** @param marks seconds from the beginning */
    record Marks(List<Double> marks, @Nullable Integer first) {}

    /** The body is the file, whatever it holds; it streams through. Answers with what it looks like, to be confirmed. */
    @PostMapping(path = "/waveform-files", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    WaveformFiles.Sent take(@PathVariable long id, @RequestParam String name, HttpServletRequest request)
            throws IOException {
        return files.take(id, name, request.getInputStream());
    }

    @GetMapping("/waveform-files/{key}")
    ResponseEntity<StreamingResponseBody> file(@PathVariable long id, @PathVariable String key) {
        String name = files.file(id, key).name();
        return Attachment.of(name, MediaType.APPLICATION_OCTET_STREAM, out -> files.copy(key, out));
    }

    @PostMapping("/waveform-files/{key}/waveform")
    SheetView make(@PathVariable long id, @PathVariable String key, @RequestBody WaveformFiles.Choice body)
            throws IOException {
        waveforms.make(id, jobs.engineOf(id), key, body);
        return sheets.sheet(id);
    }

    @PutMapping("/waveforms/{waveform}/marks")
    SheetView mark(@PathVariable long id, @PathVariable long waveform, @RequestBody Marks body) {
        waveforms.mark(id, jobs.engineOf(id), waveform, body.marks(), body.first());
        return sheets.sheet(id);
    }

    @DeleteMapping("/waveforms/{waveform}")
    SheetView remove(@PathVariable long id, @PathVariable long waveform) {
        waveforms.remove(id, waveform);
        return sheets.sheet(id);
    }

    /** To be drawn: of each step the lowest and the highest. */
    @GetMapping("/waveforms/{waveform}")
    Waveforms.Drawn drawn(
            @PathVariable long id,
            @PathVariable long waveform,
            @RequestParam(defaultValue = "0") double from,
            @RequestParam(defaultValue = "0") double to) {
        return waveforms.drawn(id, waveform, from, to);
    }
}
