package silentotter.e2e;

import com.microsoft.playwright.Page;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;

/** Four instruments at a thousand samples a second, watched in a browser: printed with what was aimed at. */
final class InstrumentBenchmarks {
    private static final int INSTRUMENTS = 4;
    private static final int MINUTES = Integer.getInteger("otter.minutes", 10);
    /** A sample says when it was due, in milliseconds modulo this: as far as a manometer's scale goes. */
    private static final int CLOCK = 2000;

    private static final String WATCH = """
            () => {
              window.lags = [];
              const now = () => Date.now() % 2000;
              new MutationObserver((all) => {
                for (const m of all) {
                  const at = m.target.parentElement?.closest('[data-values]');
                  const value = at && parseInt(at.textContent, 10);
                  if (Number.isFinite(value)) window.lags.push((now() - value + 2000) % 2000);
                }
              }).observe(document.body, {subtree: true, characterData: true, childList: true});
            }""";

    private InstrumentBenchmarks() {}

    public static void main(String[] args) throws Exception {
        try (Browser browser = new Browser()) {
            run(browser);
        }
    }

    static void run(Browser browser) throws Exception {
        try (RunningApp app = RunningApp.start(false)) {
            for (int i = 0; i < INSTRUMENTS; i++) {
                app.post(
                        "/api/shop/instruments",
                        "{\"name\": \"Clock " + i + "\", \"kind\": \"MANOMETER\", \"address\": \"127.0.0.1:" + clock()
                                + "\"}");
            }
            Page page = browser.open(app.url("/shop"));
            page.waitForTimeout(3000);
            page.evaluate(WATCH);
            long before = residentKb(app);
            int doubted = 0;
            for (int s = 0; s < 60 * MINUTES; s++) {
                TimeUnit.SECONDS.sleep(1);
                for (JsonNode i : app.get("/api/shop/instruments")) {
                    doubted += i.at("/line/condition").asString().equals("READING")
                                    && !i.at("/line").has("doubt")
                            ? 0
                            : 1;
                }
            }
            double[] lags = ((List<?>) page.evaluate("() => window.lags"))
                    .stream()
                            .mapToDouble(n -> ((Number) n).doubleValue())
                            .sorted()
                            .toArray();
            System.out.printf(
                    Locale.ROOT,
                    "%-62s %7.0f ms %7.0f ms   (aim 100 ms at 95 %%)%n",
                    "sample to screen, " + INSTRUMENTS + " x 1000 a second, " + MINUTES + " min, " + lags.length
                            + " drawn",
                    lags[lags.length / 2],
                    lags[(int) (lags.length * .95)]);
            System.out.printf(
                    "%-62s %7d      (aim 0)%n", "seconds in which a sample was missing or a line not reading", doubted);
            System.out.printf(
                    "%-62s %7d MB after %d MB%n", "memory of the application", residentKb(app) / 1024, before / 1024);
        }
    }

    private static long residentKb(RunningApp app) throws IOException {
        return Files.readAllLines(Path.of("/proc/" + app.pid() + "/status")).stream()
                .filter(l -> l.startsWith("VmRSS"))
                .mapToLong(l -> Long.parseLong(l.replaceAll("\\D", "")))
                .findFirst()
                .orElse(0);
    }

    /** An instrument whose value is the time. */
    private static int clock() throws IOException {
        ServerSocket socket = new ServerSocket(0, 5, InetAddress.getLoopbackAddress());
        daemon(() -> {
            try (Socket client = socket.accept();
                    BufferedReader in = new BufferedReader(
                            new InputStreamReader(client.getInputStream(), StandardCharsets.US_ASCII))) {
                client.setTcpNoDelay(true);
                OutputStream out = client.getOutputStream();
                boolean streams = false;
                for (String line = in.readLine(); line != null; line = in.readLine()) {
                    String answer = switch (line) {
                        case "*IDN?" -> "Bench,clock,0,1";
                        case "UNIT:PRES?" -> "PA";
                        case "MEAS:PRES?" -> "+1";
                        case "SENS:RATE?" -> "+1000";
                        default -> "";
                    };
                    if (!answer.isEmpty()) {
                        send(out, answer + "\n");
                    } else if (!streams) {
                        streams = true;
                        daemon(() -> stream(out));
                    }
                }
            } catch (IOException e) {
                // The benchmark is over.
            }
        });
        return socket.getLocalPort();
    }

    private static void send(OutputStream out, String text) throws IOException {
        synchronized (out) {
            out.write(text.getBytes(StandardCharsets.US_ASCII));
            out.flush();
        }
    }

    private static void stream(OutputStream out) {
        long from = System.currentTimeMillis();
        try {
            for (long n = 0; ; ) {
                StringBuilder text = new StringBuilder();
                for (; from + n <= System.currentTimeMillis(); n++) {
                    text.append(n).append(",+").append((from + n) % CLOCK).append('\n');
                }
                send(out, text.toString());
                TimeUnit.MILLISECONDS.sleep(10);
            }
        } catch (IOException | InterruptedException e) {
            // The benchmark is over.
        }
    }

    private static void daemon(Runnable run) {
        Thread thread = new Thread(run);
        thread.setDaemon(true);
        thread.start();
    }
}
