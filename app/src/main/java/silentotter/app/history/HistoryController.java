package silentotter.app.history;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** An engine across its jobs. */
@RestController
record HistoryController(Histories histories, Deletions deletions) {
    /** Its whole life on one page. */
    @GetMapping("/api/engines/{id}/life")
    LifeView life(@PathVariable long id) {
        return histories.life(id);
    }

    /** Deletes an engine with all its jobs, for good. @param name of the engine, to show that it is meant */
    @DeleteMapping("/api/engines/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable long id, @RequestParam String name) {
        deletions.engine(id, name);
    }

    /** Deletes one job, for good. @param name of its engine, to show that it is meant */
    @DeleteMapping("/api/jobs/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteJob(@PathVariable long id, @RequestParam String name) {
        deletions.job(id, name);
    }

    /** Two of its visits held against each other. */
    @GetMapping("/api/engines/{id}/comparison")
    ComparisonView compared(@PathVariable long id, @RequestParam long before, @RequestParam long after) {
        return histories.compared(id, before, after);
    }
}
