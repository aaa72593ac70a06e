package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static silentotter.app.Server.json;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.PrintStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Predicate;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.app.standin.Simulate;
import tools.jackson.databind.JsonNode;

/** Instruments that speak, over the wire: stand-ins, and some that misbehave. */
class InstrumentApiTest {
    private static Server server;

    @BeforeAll
    static void start() throws IOException {
        server = Server.start(false);
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static HttpResponse<String> add(String name, String kind, int port) {
        return server.post(
                "/api/shop/instruments",
                "{\"name\": \"" + name + "\", \"kind\": \"" + kind + "\", \"address\": \"127.0.0.1:" + port + "\"}");
    }

    private static JsonNode named(String name) {
        for (JsonNode i : json(server.get("/api/shop/instruments"))) {
            if (i.at("/instrument/name").asString().equals(name)) {
                return i;
            }
        }
        throw new AssertionError("no instrument " + name);
    }

    /** Asks as the page does until it is so. */
    private static JsonNode until(String name, Predicate<JsonNode> so) throws InterruptedException {
        JsonNode last = named(name);
        for (int i = 0; i < 100 && !so.test(last); i++) {
            Thread.sleep(100);
            last = named(name);
        }
        assertThat(so.test(last)).as(last.toString()).isTrue();
        return last;
    }

    private static Predicate<JsonNode> is(String condition) {
        return i -> i.at("/line/condition").asString().equals(condition);
    }

    private static Thread simulate(int port) {
        Thread bench = new Thread(() -> Simulate.run(
                List.of("--port", String.valueOf(port), "--noise", "0"),
                new PrintStream(OutputStream.nullOutputStream()),
                new PrintStream(OutputStream.nullOutputStream())));
        bench.setDaemon(true);
        bench.start();
        return bench;
    }

    /** Four ports in a row that nobody uses. */
    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return Math.min(64_000, socket.getLocalPort());
        }
    }

    @Test
    void itSaysWhoItIsAndReadsAndComesBackAfterALostLine() throws Exception {
        int port = freePort();
        Thread bench = simulate(port);
        add("Tester on the wall", "LEAKDOWN", port + 1);
        JsonNode reading = until("Tester on the wall", is("READING"));
        assertThat(reading.at("/line/identity").asString()).contains("leak-down tester");
        assertThat(reading.at("/line/values").size()).isEqualTo(2);
        assertThat(reading.at("/line/ageMs").asLong()).isLessThan(2000);

        bench.interrupt();
        JsonNode lost = until("Tester on the wall", is("LOST"));
        assertThat(lost.at("/line/said").asString()).isNotEmpty();
        assertThat(lost.at("/line/values").size()).isZero();
        // It is known still who it was.
        assertThat(lost.at("/line/identity").asString()).contains("leak-down tester");

        bench.join();
        Thread again = simulate(port);
        until("Tester on the wall", is("READING"));
        again.interrupt();
    }

    /** An instrument that answers each query by the table, and counts who calls. */
    private static int fake(Map<String, String> answers, AtomicInteger calls) throws IOException {
        ServerSocket socket = new ServerSocket(0, 5, InetAddress.getLoopbackAddress());
        Thread thread = new Thread(() -> {
            while (!socket.isClosed()) {
                try (Socket client = socket.accept();
                        BufferedReader in = new BufferedReader(
                                new InputStreamReader(client.getInputStream(), StandardCharsets.US_ASCII))) {
                    calls.incrementAndGet();
                    for (String line = in.readLine(); line != null; line = in.readLine()) {
                        String answer = answers.get(line);
                        if (answer != null) {
                            client.getOutputStream().write((answer + "\n").getBytes(StandardCharsets.US_ASCII));
                        }
                    }
                } catch (IOException e) {
                    // The next one.
                }
            }
        });
        thread.setDaemon(true);
        thread.start();
        return socket.getLocalPort();
    }

    private static int fake(String unit, String value) throws IOException {
        return fake(
                Map.of("*IDN?", "Somebody,something,1,2", "UNIT:PRES?", unit, "MEAS:PRES?", value),
                new AtomicInteger());
    }

    @Test
    void whatItReadsInOtherUnitsIsConverted() throws Exception {
        add("In psi", "COMPRESSION", fake("PSI", "+1.500000E+02"));
        assertThat(until("In psi", is("READING")).at("/line/values/0").asDouble())
                .isCloseTo(1034.21, within(.01));
        add("In bar", "MANOMETER", fake("mbar", "2.5"));
        assertThat(until("In bar", is("READING")).at("/line/values/0").asDouble())
                .isCloseTo(250, within(.01));
    }

    @Test
    void whatIsNoReadingIsSaidToBeNone() throws Exception {
        add("Warm", "COMPRESSION", fake("DEGC", "21"));
        assertThat(until("Warm", is("WRONG_UNIT")).at("/line/said").asString()).contains("DEGC", "a compression gauge");
        add("Chatter", "COMPRESSION", fake("KPA", "hello"));
        assertThat(until("Chatter", is("NO_NUMBER")).at("/line/values").size()).isZero();
        add("Full", "COMPRESSION", fake("KPA", "9.9E37"));
        JsonNode full = until("Full", is("BEYOND_SCALE"));
        assertThat(full.at("/line/values").size()).isZero();
        assertThat(full.at("/line/said").asString()).contains("at least so much");
        add("Mute", "COMPRESSION", fake(Map.of(), new AtomicInteger()));
        assertThat(until("Mute", is("LOST")).at("/line/said").asString()).contains("does not answer");
    }

    @Test
    void onlyWhatStandsInTheListIsCalled() throws Exception {
        AtomicInteger calls = new AtomicInteger();
        int port = fake(Map.of("*IDN?", "A,B,1,1", "UNIT:PRES?", "KPA", "MEAS:PRES?", "1"), calls);
        add("Twice", "COMPRESSION", port);
        add("Twice", "COMPRESSION", port);
        JsonNode one = until("Twice", is("READING"));
        assertThat(json(server.get("/api/shop/instruments"))
                        .valueStream()
                        .filter(i -> i.at("/instrument/name").asString().equals("Twice")))
                .hasSize(1);
        long id = one.at("/id").asLong();
        assertThat(server.send("DELETE", "/api/shop/instruments/" + id, "application/json", "")
                        .statusCode())
                .isEqualTo(200);
        int then = calls.get();
        Thread.sleep(1000);
        server.get("/api/shop/instruments");
        assertThat(calls.get()).isEqualTo(then);
        assertThat(server.send("DELETE", "/api/shop/instruments/" + id, "application/json", "")
                        .statusCode())
                .isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource({
        "'', COMPRESSION, 127.0.0.1, name",
        "Gauge, , 127.0.0.1, kind",
        "Gauge, COMPRESSION, '', address",
        "Gauge, COMPRESSION, 'a b', address",
        "Gauge, COMPRESSION, http://x, address",
        "Gauge, COMPRESSION, 127.0.0.1:0, address",
        "Gauge, COMPRESSION, /dev/ttyS0@1, address"
    })
    void whatIsNoAddressIsRefusedAtItsPlace(String name, String kind, String address, String field) {
        HttpResponse<String> answer = server.post(
                "/api/shop/instruments",
                "{\"name\": \"" + name + "\", " + (kind == null ? "" : "\"kind\": \"" + kind + "\", ")
                        + "\"address\": \"" + address + "\"}");
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(json(answer).at("/errors/0/field").asString()).isEqualTo(field);
    }
}
