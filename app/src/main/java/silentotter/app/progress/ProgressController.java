package silentotter.app.progress;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import silentotter.app.http.NotFound;

@RestController
@RequestMapping("/api/progress/{key}")
record ProgressController(Progress progress) {

    @GetMapping
    Progress.State state(@PathVariable String key) {
        return progress.of(key).orElseThrow(() -> new NotFound("Nothing is under way there."));
    }

    /** Gives up what is under way; nothing of it is kept. */
    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void giveUp(@PathVariable String key) {
        progress.giveUp(key);
    }
}
