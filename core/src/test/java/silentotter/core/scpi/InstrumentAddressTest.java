package silentotter.core.scpi;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class InstrumentAddressTest {
    @ParameterizedTest
    @CsvSource({
        "192.168.1.40, 192.168.1.40:5025",
        " gauge.shop:5026 , gauge.shop:5026",
        "[fe80::1], [fe80::1]:5025",
        "[::1]:1, [::1]:1",
        "/dev/ttyUSB0, /dev/ttyUSB0@9600",
        "/dev/serial/by-id/usb-1a86_x-if00@115200, /dev/serial/by-id/usb-1a86_x-if00@115200",
        "COM3, COM3@9600"
    })
    void whatIsTypedIsCompleted(String typed, String written) {
        assertThat(InstrumentAddress.of(typed).orElseThrow().written()).isEqualTo(written);
        // What is kept is read again as the same.
        assertThat(InstrumentAddress.of(written)).isEqualTo(InstrumentAddress.of(typed));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "not an address",
                "a:0",
                "a:65536",
                "a:99999999",
                "/dev/ttyS0@12",
                "/etc/passwd",
                "-a",
                "http://a"
            })
    void anythingElseIsNone(String typed) {
        assertThat(InstrumentAddress.of(typed)).isEmpty();
    }
}
