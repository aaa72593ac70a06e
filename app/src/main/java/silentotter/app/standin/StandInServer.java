package silentotter.app.standin;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import silentotter.core.standin.StandIn;

/**
 * One stand-in on one loopback port. Several may listen to it; what one of them starts or chooses holds for all, as on an
 * instrument that stands on a bench. A stream goes to whoever started it.
 */
final class StandInServer implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(StandInServer.class);
    private static final int EVERY_MS = 10;
    private static final int MOST_AT_ONCE = 2000;
    /** Longer lines are cut, so that nobody fills the memory; the instrument refuses what is left. */
    private static final int LONGEST_LINE = 4096;

    private final StandIn instrument;
    private final ServerSocket socket;
    private final Set<Socket> clients = ConcurrentHashMap.newKeySet();
    private final long started = System.nanoTime();

    /** @param port 0 for any free one */
    StandInServer(StandIn instrument, int port) throws IOException {
        this.instrument = instrument;
        this.socket = new ServerSocket(port, 10, InetAddress.getLoopbackAddress());
        thread("stand-in " + port(), this::accept);
    }

    int port() {
        return socket.getLocalPort();
    }

    private double now() {
        return (System.nanoTime() - started) / 1e9;
    }

    private static void thread(String name, Runnable run) {
        Thread thread = new Thread(run, name);
        thread.setDaemon(true);
        thread.start();
    }

    private void accept() {
        while (!socket.isClosed()) {
            try {
                Socket client = socket.accept();
                client.setTcpNoDelay(true);
                clients.add(client);
                thread("stand-in client", () -> serve(client));
            } catch (IOException e) {
                if (!socket.isClosed()) {
                    LOG.warn("A stand-in could not take a call: {}", e.getMessage());
                }
            }
        }
    }

    private void serve(Socket client) {
        try (client;
                BufferedReader in =
                        new BufferedReader(new InputStreamReader(client.getInputStream(), StandardCharsets.US_ASCII));
                Line out = new Line(client)) {
            for (String line = read(in); line != null; line = read(in)) {
                int before;
                int after;
                List<String> answers;
                synchronized (instrument) {
                    before = instrument.streamNumber();
                    answers = instrument.answer(line, now());
                    after = instrument.streamNumber();
                }
                out.send(answers);
                if (after != before) {
                    thread("stand-in stream", () -> stream(after, out));
                }
            }
        } catch (IOException gone) {
            LOG.debug("A client of a stand-in is gone: {}", gone.getMessage());
        } finally {
            clients.remove(client);
        }
    }

    private static String read(BufferedReader in) throws IOException {
        StringBuilder line = new StringBuilder();
        int c = in.read();
        while (c >= 0 && c != '\n') {
            if (c != '\r' && line.length() < LONGEST_LINE) {
                line.append((char) c);
            }
            c = in.read();
        }
        return c < 0 && line.isEmpty() ? null : line.toString();
    }

    /** @param number of the stream; it ends where another one begins */
    private void stream(int number, Line out) {
        try {
            while (true) {
                List<String> due;
                synchronized (instrument) {
                    if (!instrument.streams() || instrument.streamNumber() != number) {
                        return;
                    }
                    due = instrument.stream(now(), MOST_AT_ONCE);
                }
                out.send(due);
                TimeUnit.MILLISECONDS.sleep(EVERY_MS);
            }
        } catch (IOException gone) {
            LOG.debug("A stream has nobody to go to: {}", gone.getMessage());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** What goes to one client: answers and stream take turns, and no line is torn. */
    private static final class Line implements AutoCloseable {
        private final Writer out;

        Line(Socket client) throws IOException {
            out = new OutputStreamWriter(client.getOutputStream(), StandardCharsets.US_ASCII);
        }

        synchronized void send(List<String> lines) throws IOException {
            if (!lines.isEmpty()) {
                out.write(String.join("\n", lines) + "\n");
                out.flush();
            }
        }

        @Override
        public void close() throws IOException {
            out.close();
        }
    }

    @Override
    public void close() {
        try {
            socket.close();
            for (Socket client : clients) {
                client.close();
            }
        } catch (IOException e) {
            LOG.debug("A stand-in did not close: {}", e.getMessage());
        }
    }
}
