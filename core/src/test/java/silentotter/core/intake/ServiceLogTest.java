package silentotter.core.intake;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import silentotter.core.intake.ServiceEntry.ServiceKind;
import silentotter.core.job.Ambient;
import silentotter.core.job.Job;

class ServiceLogTest {
    private static Job job(Double km, Double hours) {
        return new Job(
                LocalDate.of(2026, 11, 20),
                Optional.ofNullable(km),
                Optional.ofNullable(hours),
                "",
                "",
                "",
                "",
                Ambient.UNKNOWN);
    }

    private static ServiceEntry entry(
            String date, ServiceKind kind, Double km, Double hours, Double litres, Boolean filter) {
        return new ServiceEntry(
                LocalDate.parse(date),
                kind,
                Optional.ofNullable(km),
                Optional.ofNullable(hours),
                Optional.ofNullable(litres),
                Optional.ofNullable(filter),
                "15W-40");
    }

    @Test
    void theLastChangeCountsInWhateverOrderItWasWrittenDown() {
        ServiceLog log = new ServiceLog(List.of(
                entry("2026-09-01", ServiceKind.OIL_CHANGE, null, 900.0, 4.2, true),
                entry("2026-10-01", ServiceKind.TOP_UP, null, 950.0, 1.0, null),
                entry("2025-09-01", ServiceKind.OIL_CHANGE, null, 400.0, 4.2, false)));
        assertThat(log.lastOilChange(job(null, 1000.0)))
                .isEqualTo("Oil changed 2026-09-01 (80 days ago, 100 h), {L:4.20}, filter too: 15W-40.");
        assertThat(log.last(ServiceKind.TOP_UP)).isPresent();
        assertThat(log.last(ServiceKind.REPAIR)).isEmpty();
    }

    @Test
    void withoutHoursTheDistanceIsSaidAndWithoutBothTheDays() {
        ServiceLog byKm =
                new ServiceLog(List.of(entry("2026-11-10", ServiceKind.OIL_CHANGE, 1000.0, null, null, null)));
        assertThat(byKm.lastOilChange(job(4000.0, 70.0))).contains("(10 days ago, {km:3000})", "filter not noted");
        assertThat(byKm.lastOilChange(job(null, null))).contains("(10 days ago)");
    }

    @Test
    void nothingWrittenDownIsSaid() {
        assertThat(new ServiceLog(List.of()).lastOilChange(job(null, null))).startsWith("Nobody has written down");
    }
}
