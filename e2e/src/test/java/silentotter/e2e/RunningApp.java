package silentotter.e2e;

import java.io.IOException;
import java.net.HttpURLConnection;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The packaged application as its own process, on a free port with a data folder of its own. */
final class RunningApp implements AutoCloseable {
    static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Duration LONGEST_START = Duration.ofSeconds(90);

    final int port;
    final Path data;
    private final Process process;
    private final HttpClient http = HttpClient.newHttpClient();

    private RunningApp(int port, Path data, Process process) {
        this.port = port;
        this.data = data;
        this.process = process;
    }

    /** A new application on an empty folder, with or without the demo data. */
    static RunningApp start(boolean demo) {
        try {
            return start(Files.createTempDirectory("silent-otter"), demo);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    static RunningApp start(Path data, boolean demo) {
        try {
            return start(data, demo, freePort());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    static RunningApp start(Path data, boolean demo, int port) {
        try {
            Process process = launch(
                    List.of("--otter.data=" + data, "--otter.demo=" + demo, "--server.port=" + port),
                    data.resolve("log"));
            RunningApp app = new RunningApp(port, data, process);
            app.awaitReady();
            return app;
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    long pid() {
        return process.pid();
    }

    /** Runs the application with arguments, from its own folder; what it prints goes to the log file. */
    static Process launch(List<String> arguments, Path log) throws IOException {
        List<String> command = new ArrayList<>(java(
                "@" + OPTIONS,
                "-XX:SharedArchiveFile=app.jsa",
                "-Xshare:auto",
                "-jar",
                JAR.getFileName().toString()));
        command.addAll(arguments);
        return new ProcessBuilder(command)
                .directory(UNPACKED.toFile())
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
    }

    private static List<String> java(String... arguments) {
        return Stream.concat(
                        Stream.of(Path.of(System.getProperty("java.home"), "bin", "java")
                                .toString()),
                        Stream.of(arguments))
                .toList();
    }

    /** The options that ./otter starts it with. */
    private static final Path OPTIONS =
            Path.of("../app/src/main/start/java.options").toAbsolutePath();

    private static final Path JAR = Path.of(System.getProperty("otter.jar", "../app/target/silent-otter.jar"))
            .toAbsolutePath();
    /** Unpacked, and with its classes archived by one training run, as ./otter starts it: in less than half the time. */
    private static final Path UNPACKED = unpacked();

    private static Path unpacked() {
        try {
            Path folder = Files.createTempDirectory("silent-otter-app");
            run(folder, java("-Djarmode=tools", "-jar", JAR.toString(), "extract", "--force", "--destination", "."));
            run(
                    folder,
                    java(
                            "-XX:ArchiveClassesAtExit=app.jsa",
                            "@" + OPTIONS,
                            "-Dspring.context.exit=onRefresh",
                            "-jar",
                            JAR.getFileName().toString(),
                            "--otter.data=" + Files.createTempDirectory("silent-otter-training"),
                            "--server.port=0"));
            return folder;
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void run(Path folder, List<String> command) throws IOException {
        try {
            new ProcessBuilder(command)
                    .directory(folder.toFile())
                    .redirectErrorStream(true)
                    .redirectOutput(folder.resolve("unpacking.log").toFile())
                    .start()
                    .waitFor();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static RunningApp plain;
    private static RunningApp withDemo;

    /** One application for all tests that each work on jobs of their own; it ends with the tests. */
    static synchronized RunningApp shared() {
        if (plain == null) {
            plain = start(false);
            Runtime.getRuntime().addShutdownHook(new Thread(plain::close));
        }
        return plain;
    }

    /** The same with the demo data. */
    static synchronized RunningApp sharedDemo() {
        if (withDemo == null) {
            withDemo = start(true);
            Runtime.getRuntime().addShutdownHook(new Thread(withDemo::close));
        }
        return withDemo;
    }

    /** Below the ports that the system hands to clients: one that knocks on its own number answers itself. */
    private static int freePort() throws IOException {
        for (int tries = 0; tries < 50; tries++) {
            int port = ThreadLocalRandom.current().nextInt(20_000, 30_000);
            try (ServerSocket socket = new ServerSocket(port)) {
                return socket.getLocalPort();
            } catch (IOException taken) {
                // The next one.
            }
        }
        throw new IOException("no free port");
    }

    /** Ready when it answers and, with demo data, when the last case has been loaded. */
    private void awaitReady() throws IOException {
        long deadline = System.nanoTime() + LONGEST_START.toNanos();
        while (System.nanoTime() < deadline) {
            if (!process.isAlive()) {
                throw new IllegalStateException("did not start: " + Files.readString(data.resolve("log")));
            }
            try {
                HttpURLConnection connection = (HttpURLConnection)
                        URI.create(url("/api/ready")).toURL().openConnection();
                if (connection.getResponseCode() == 200) {
                    return;
                }
                Thread.sleep(50);
            } catch (IOException notYet) {
                sleep();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }
        throw new IllegalStateException("not ready in time: " + Files.readString(data.resolve("log")));
    }

    private static void sleep() {
        try {
            Thread.sleep(100);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    String url(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    JsonNode get(String path) {
        return JSON.readTree(send(HttpRequest.newBuilder(URI.create(url(path)))).body());
    }

    String text(String path) {
        return send(HttpRequest.newBuilder(URI.create(url(path)))).body();
    }

    HttpResponse<String> post(String path, String json) {
        return send(HttpRequest.newBuilder(URI.create(url(path)))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(json)));
    }

    HttpResponse<String> patch(String path, String json) {
        return send(HttpRequest.newBuilder(URI.create(url(path)))
                .header("Content-Type", "application/json")
                .method("PATCH", HttpRequest.BodyPublishers.ofString(json)));
    }

    HttpResponse<String> send(HttpRequest.Builder request) {
        try {
            return http.send(request.timeout(Duration.ofSeconds(30)).build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** Memory that the process really takes, from what the kernel says of it. */
    long residentMegabytes() throws IOException {
        return Files.readAllLines(Path.of("/proc/" + process.pid() + "/status")).stream()
                .filter(l -> l.startsWith("VmRSS:"))
                .mapToLong(l -> Long.parseLong(l.replaceAll("\\D", "")) / 1024)
                .findFirst()
                .orElse(0);
    }

    /** As a power cut would: no shutdown hooks. */
    void kill() {
        process.destroyForcibly();
        awaitEnd();
    }

    @Override
    public void close() {
        process.destroy();
        awaitEnd();
    }

    private void awaitEnd() {
        try {
            process.waitFor(20, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
