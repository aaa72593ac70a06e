package silentotter.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.core.input.Read;

class JobReaderTest {
    private static JobDocument job(String date, Double distance, Double ambient, Double altitude, String complaint) {
        return new JobDocument(date, distance, null, complaint, null, null, null, ambient, altitude, null);
    }

    @Test
    void aDayIsEnough() {
        Job job = JobReader.read(job("2026-11-03", null, null, null, null));
        assertThat(job.date()).isEqualTo(LocalDate.of(2026, 11, 3));
        assertThat(job.complaint()).isEmpty();
        assertThat(job.ambient()).isEqualTo(Ambient.UNKNOWN);
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "2026-13-03, -, -, -, date",
                "-, -, -, -, date",
                "1026-11-03, -, -, -, date",
                "2026-11-03, -1, -, -, distanceKm",
                "2026-11-03, -, 20, -, ambientKPa",
                "2026-11-03, -, -, 9000, altitudeM"
            })
    void whatIsWrongIsNamed(String date, Double distance, Double ambient, Double altitude, String field) {
        JobDocument document = job(date, distance, ambient, altitude, "  ");
        assertThat(Read.wrong(p -> JobReader.read(document, p, "job."))).containsExactly("job." + field);
    }

    @Test
    void aBarometerWinsOverTheAltitude() {
        Job job = JobReader.read(job("2026-11-03", 10.0, 98.0, 1500.0, " Smokes "));
        assertThat(job.ambient().pressure().kPa()).isEqualTo(98);
        assertThat(job.complaint()).isEqualTo("Smokes");
        Job high = JobReader.read(job("2026-11-03", null, null, 1500.0, null));
        assertThat(high.ambient().pressure().kPa()).isBetween(84.0, 85.0);
    }
}
