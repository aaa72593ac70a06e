package silentotter.app.http;

import org.springframework.boot.availability.ApplicationAvailability;
import org.springframework.boot.availability.ReadinessState;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whether everything is up, demo data included. */
@RestController
class Ready {
    private final ApplicationAvailability availability;

    Ready(ApplicationAvailability availability) {
        this.availability = availability;
    }

    @GetMapping("/api/ready")
    ResponseEntity<Void> ready() {
        boolean ready = availability.getReadinessState() == ReadinessState.ACCEPTING_TRAFFIC;
        return ready ? ResponseEntity.ok().build() : ResponseEntity.status(503).build();
    }
}
