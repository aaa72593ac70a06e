package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static silentotter.app.Server.json;

import com.pty4j.unix.Pty;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import silentotter.app.standin.StandInBench;
import silentotter.core.quantity.LeakArea;
import silentotter.core.standin.Mischief;
import silentotter.core.standin.StandIn;
import silentotter.core.standin.StandIn.StandInKind;
import silentotter.core.standin.StandInEngine;
import tools.jackson.databind.JsonNode;

/** Readings that instruments type: streams, what was sent kept beside a reading, serial lines, and lines that misbehave. */
class LiveInstrumentTest {
    private static final StandInEngine ENGINE = StandInEngine.usual(
            List.of(LeakArea.ofSquareMm(.3), LeakArea.ofSquareMm(4), LeakArea.ofSquareMm(.3)), List.of(1, 3, 2));

    private static Server server;
    private static StandInBench bench;

    @BeforeAll
    static void start() throws IOException {
        server = Server.start(false);
        bench = new StandInBench(ENGINE, Mischief.USUAL, 0);
    }

    @AfterAll
    static void stop() {
        bench.close();
        server.close();
    }

    private static long add(String name, String kind, String address) {
        JsonNode all = json(server.post(
                "/api/shop/instruments",
                "{\"name\": \"" + name + "\", \"kind\": \"" + kind + "\", \"address\": \"" + address + "\"}"));
        return all.get(all.size() - 1).at("/id").asLong();
    }

    private static JsonNode line(long id) {
        for (JsonNode i : json(server.get("/api/shop/instruments"))) {
            if (i.at("/id").asLong() == id) {
                return i.at("/line");
            }
        }
        throw new AssertionError("no instrument " + id);
    }

    private static JsonNode until(long id, Predicate<JsonNode> so) throws InterruptedException {
        JsonNode last = line(id);
        for (int i = 0; i < 150 && !so.test(last); i++) {
            Thread.sleep(100);
            last = line(id);
        }
        assertThat(so.test(last)).as(last.toString()).isTrue();
        return last;
    }

    private static boolean reads(JsonNode line) {
        return line.at("/condition").asString().equals("READING");
    }

    private static int begin(long id, int cylinder) {
        return server.post("/api/shop/instruments/" + id + "/begin", "{\"cylinder\": " + cylinder + "}")
                .statusCode();
    }

    @Test
    void aCrankingIsStreamedAndItsTraceKeptExportedAndLoadedAgain() throws Exception {
        long gauge = add("Transducer", "COMPRESSION", "127.0.0.1:" + bench.port(StandInKind.COMPRESSION));
        until(gauge, LiveInstrumentTest::reads);
        long before = line(gauge).at("/buildUp/number").asLong();
        assertThat(begin(gauge, 2)).isEqualTo(200);
        JsonNode seen = until(gauge, l -> l.at("/buildUp/settled").asBoolean());
        assertThat(seen.at("/buildUp/number").asLong()).isGreaterThan(before);
        assertThat(seen.has("doubt")).isFalse();

        long job = server.newJob();
        JsonNode sheet = json(server.post(
                "/api/jobs/" + job + "/traces/" + gauge,
                "{\"station\": \"COMPRESSION\", \"cylinder\": 2, \"reads\": \"400 600 700\"}"));
        String key = sheet.at("/traces/0/key").asString();
        String csv = server.get("/api/traces/" + key + ".csv").body();
        List<String> lines = csv.lines().toList();
        assertThat(lines.get(0)).isEqualTo("seconds,kPa");
        // A thousand samples a second, none left out, from a second before the first stroke on.
        List<Double> at = lines.stream()
                .skip(1)
                .map(l -> Double.parseDouble(l.split(",")[0]))
                .toList();
        // One step may be longer: from what was asked for before the stream began.
        assertThat(IntStream.range(1, at.size()).filter(i -> at.get(i) - at.get(i - 1) > .0015))
                .hasSizeLessThanOrEqualTo(1);
        double last = at.get(at.size() - 1);
        assertThat(last).isGreaterThan(3);

        String file = server.get("/api/jobs/" + job + "/case-file").body();
        long copy = json(server.post("/api/case-files", file)).at("/jobIds/0").asLong();
        JsonNode loaded = json(server.get("/api/jobs/" + copy + "/sheet"));
        assertThat(loaded.at("/traces/0/reads").asString()).isEqualTo("400 600 700");
        assertThat(server.get("/api/traces/" + loaded.at("/traces/0/key").asString() + ".csv")
                        .body())
                .isEqualTo(csv);
        assertThat(server.post(
                                "/api/jobs/" + job + "/traces/" + gauge,
                                "{\"station\": \"OIL\", \"cylinder\": 9, \"reads\": \"1\"}")
                        .body())
                .contains("station", "cylinder");
    }

    @Test
    void leakdownSettlesAndTheCrankcaseBreathes() throws Exception {
        long tester = add("Tester", "LEAKDOWN", "127.0.0.1:" + bench.port(StandInKind.LEAKDOWN));
        long manometer = add("Manometer", "MANOMETER", "127.0.0.1:" + bench.port(StandInKind.CRANKCASE));
        until(tester, LiveInstrumentTest::reads);
        assertThat(line(tester).at("/settling/phase").asString()).isEqualTo("SHUT");
        begin(tester, 2);
        until(tester, l -> l.at("/settling/phase").asString().equals("FILLING"));
        JsonNode settled = until(tester, l -> l.at("/settling/phase").asString().equals("SETTLED"));
        double share = settled.at("/settling/cylinderKPa").asDouble()
                / settled.at("/settling/supplyKPa").asDouble();
        assertThat(share).isBetween(.05, .2);
        JsonNode breathing =
                until(manometer, l -> l.at("/breathing/steady").asBoolean()).at("/breathing");
        assertThat(breathing.at("/meanPa").asDouble())
                .isBetween(
                        breathing.at("/lowPa").asDouble(),
                        breathing.at("/highPa").asDouble());
    }

    @Test
    void whoeverListensIsToldAgainAndAgain() throws Exception {
        long manometer = add("Heard", "MANOMETER", "127.0.0.1:" + bench.port(StandInKind.CRANKCASE));
        List<String> events = server.events("/api/shop/instruments/live", 30);
        JsonNode last = Server.JSON.readTree(events.get(events.size() - 1));
        assertThat(last.valueStream().map(i -> i.at("/id").asLong())).contains(manometer);
    }

    /** An instrument that streams what the caller writes, at a hundred samples a second. */
    private static int streaming(List<String> lines) throws IOException {
        ServerSocket socket = new ServerSocket(0, 5, InetAddress.getLoopbackAddress());
        Thread thread = new Thread(() -> {
            try (Socket client = socket.accept();
                    BufferedReader in = new BufferedReader(
                            new InputStreamReader(client.getInputStream(), StandardCharsets.US_ASCII));
                    PrintStream out = new PrintStream(client.getOutputStream(), true, StandardCharsets.US_ASCII)) {
                in.readLine();
                out.print("Somebody,something,1,1\n");
                in.readLine();
                out.print("KPA\n");
                in.readLine();
                lines.forEach(l -> out.print(l + "\n"));
                for (String line = in.readLine(); line != null; line = in.readLine()) {
                    if (line.equals("SENS:RATE?")) {
                        out.print("+100\n");
                        lines.forEach(l -> out.print(l + "\n"));
                    }
                }
            } catch (IOException e) {
                // The test is over.
            }
        });
        thread.setDaemon(true);
        thread.start();
        return socket.getLocalPort();
    }

    @Test
    void missingSamplesAreSaidAndARealInstrumentIsNeverTold() throws Exception {
        long gappy = add("Gappy", "COMPRESSION", "127.0.0.1:" + streaming(List.of("0,3.0", "1,3.1", "7,3.2", "8,3.0")));
        assertThat(until(gappy, l -> l.has("doubt")).at("/doubt").asString()).contains("Samples are missing");
        assertThat(begin(gappy, 1)).isEqualTo(409);
        assertThat(begin(99_999, 1)).isEqualTo(404);
    }

    @Test
    void anUnpluggedSerialLineIsSaid() throws Exception {
        long none = add("None", "LEAKDOWN", "/dev/ttyNone9@9600");
        assertThat(until(none, l -> l.at("/condition").asString().equals("LOST"))
                        .at("/said")
                        .asString())
                .contains("/dev/ttyNone9");
    }

    /** A stand-in at the other end of a pseudo-terminal, as at the end of a serial cable. */
    private static void serve(Pty pty) {
        StandIn instrument = new StandIn(StandInKind.LEAKDOWN, ENGINE, Mischief.USUAL, 3);
        long started = System.nanoTime();
        Thread thread = new Thread(() -> {
            try {
                while (true) {
                    double now = (System.nanoTime() - started) / 1e9;
                    StringBuilder says = new StringBuilder();
                    synchronized (instrument) {
                        instrument.stream(now, 100).forEach(l -> says.append(l).append('\n'));
                    }
                    pty.getOutputStream().write(says.toString().getBytes(StandardCharsets.US_ASCII));
                    Thread.sleep(10);
                }
            } catch (IOException | InterruptedException e) {
                // The test is over.
            }
        });
        thread.setDaemon(true);
        thread.start();
        Thread listens = new Thread(() -> {
            try (BufferedReader in =
                    new BufferedReader(new InputStreamReader(pty.getInputStream(), StandardCharsets.US_ASCII))) {
                for (String line = in.readLine(); line != null; line = in.readLine()) {
                    StringBuilder says = new StringBuilder();
                    synchronized (instrument) {
                        instrument
                                .answer(line, (System.nanoTime() - started) / 1e9)
                                .forEach(l -> says.append(l).append('\n'));
                    }
                    pty.getOutputStream().write(says.toString().getBytes(StandardCharsets.US_ASCII));
                }
            } catch (IOException e) {
                // The test is over.
            }
        });
        listens.setDaemon(true);
        listens.start();
    }

    @Test
    void aTesterOnASerialLineIsReadAsOneInTheNetwork() throws Exception {
        Pty pty = new Pty();
        serve(pty);
        long tester = add("On a cable", "LEAKDOWN", pty.getSlaveName() + "@115200");
        JsonNode reading = until(tester, LiveInstrumentTest::reads);
        assertThat(reading.at("/identity").asString()).contains("leak-down tester");
        begin(tester, 1);
        JsonNode settled = until(tester, l -> l.at("/settling/phase").asString().equals("SETTLED"));
        assertThat(settled.at("/settling/supplyKPa").asDouble()).isCloseTo(689.5, within(5.0));
        pty.close();
        assertThat(until(tester, l -> l.at("/condition").asString().equals("LOST"))
                        .at("/said")
                        .asString())
                .isNotEmpty();
    }
}
