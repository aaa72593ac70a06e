package silentotter.app.history;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** An engine across its jobs. */
@RestController
record HistoryController(Histories histories) {
    /** Its whole life on one page. */
    @GetMapping("/api/engines/{id}/life")
    LifeView life(@PathVariable long id) {
        return histories.life(id);
    }

    /** Two of its visits held against each other. */
    @GetMapping("/api/engines/{id}/comparison")
    ComparisonView compared(@PathVariable long id, @RequestParam long before, @RequestParam long after) {
        return histories.compared(id, before, after);
    }
}
