package silentotter.app.standin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.app.standin.Simulate.Asked;
import silentotter.core.standin.Mischief;
import silentotter.core.standin.StandIn;
import silentotter.core.standin.StandIn.StandInKind;

/** Stand-ins over the wire. */
class StandInServerTest {
    private StandInServer server;

    @BeforeEach
    void start() throws IOException {
        server = new StandInServer(
                new StandIn(StandInKind.COMPRESSION, Asked.of(List.of()).engine(), Mischief.USUAL, 1), 0);
    }

    @AfterEach
    void stop() {
        server.close();
    }

    private final class Client implements AutoCloseable {
        private final Socket socket;
        private final BufferedReader in;

        Client() throws IOException {
            socket = new Socket(InetAddress.getLoopbackAddress(), server.port());
            socket.setSoTimeout(5000);
            in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII));
        }

        void send(String line) throws IOException {
            socket.getOutputStream().write((line + "\r\n").getBytes(StandardCharsets.US_ASCII));
        }

        String read() throws IOException {
            return in.readLine();
        }

        String asked(String line) throws IOException {
            send(line);
            return read();
        }

        @Override
        public void close() throws IOException {
            socket.close();
        }
    }

    @Test
    void itAnswersEveryQueryInItsOrderAndNothingElse() throws IOException {
        try (Client client = new Client()) {
            client.send("*IDN?;SYST:VERS?");
            assertThat(client.read()).startsWith("Silent Otter,pressure transducer stand-in");
            assertThat(client.read()).isEqualTo("1999.0");
            client.send("MEAS:VOLT?");
            client.send("y".repeat(100_000));
            assertThat(client.asked("SYST:ERR?")).startsWith("-113");
            assertThat(client.asked("SYST:ERR?")).startsWith("-363");
            assertThat(client.asked("SYST:ERR?")).startsWith("0,");
        }
    }

    @Test
    void aStreamOfAThousandASecondHasNoGap() throws IOException {
        try (Client client = new Client()) {
            client.send("SENS:RATE 1000;:INIT;:STR:STAR");
            for (int i = 0; i < 1500; i++) {
                assertThat(client.read()).startsWith(i + ",");
            }
            client.send("STR:STOP;*OPC?");
            String line = client.read();
            for (int more = 0; more < 500 && !line.equals("1"); more++) {
                line = client.read();
            }
            assertThat(line).isEqualTo("1");
        }
    }

    @Test
    void whoGoesAwayInTheMiddleHarmsNobody() throws IOException {
        try (Client leaving = new Client();
                Client staying = new Client()) {
            leaving.send("SENS:RATE 2000;:STR:STAR");
            assertThat(leaving.read()).startsWith("0,");
            leaving.socket.close();
            assertThat(staying.asked("*OPC?")).isEqualTo("1");
            // What was chosen on the bench holds for all.
            assertThat(staying.asked("SENS:RATE?")).isEqualTo("+2.000000E+03");
        }
        try (Client again = new Client();
                Client taking = new Client()) {
            again.send("SENS:RATE 100;:STR:STAR");
            assertThat(again.read()).startsWith("0,");
            // One that is begun anew goes to whoever began it, from its first sample on.
            taking.send("STR:STAR");
            for (int i = 0; i < 30; i++) {
                assertThat(taking.read()).startsWith(i + ",");
            }
        }
    }

    @Test
    void whatIsAskedForIsWhatStandsOnTheBench() {
        Asked asked = Asked.of(
                List.of("--port", "6000", "--leak", "3=4.5", "--leak", "1=0", "--valve-leaks", "2", "--slipped-unit"));
        assertThat(asked.port()).isEqualTo(6000);
        assertThat(asked.leaks()).containsExactly(0.0, .3, 4.5, .3);
        assertThat(asked.mischief().valveSeconds()).isEqualTo(2);
        assertThat(asked.mischief().slippedUnit()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "--leak 9=1, --leak needs a number from 1.0 to 4.0",
        "--leak 3, --leak needs a number",
        "--leak 3=-1, --leak needs a number from 0.0",
        "--noise lots, --noise needs a number from 0.0 to 0.1",
        "--port 80, --port needs a number from 1024.0",
        "--colour red, There is no option --colour",
        "--droop, --droop needs a number"
    })
    void whatCannotBeIsSaidInWords(String typed, String said) {
        assertThatThrownBy(() -> Asked.of(List.of(typed.split(" ")))).hasMessageContaining(said);
    }

    @Test
    void aPortThatIsTakenIsSaid() throws IOException {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            ByteArrayOutputStream err = new ByteArrayOutputStream();
            int rc = Simulate.run(
                    List.of("--port", String.valueOf(taken.getLocalPort())),
                    new PrintStream(new ByteArrayOutputStream()),
                    new PrintStream(err));
            assertThat(rc).isEqualTo(2);
            assertThat(err.toString(StandardCharsets.UTF_8)).contains("A port is taken already");
        }
    }
}
