package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.HttpURLConnection;
import java.net.InetSocketAddress;
import java.net.NetworkInterface;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class GuardTest {
    private static Server server;

    @BeforeAll
    static void start() {
        server = Server.shared();
    }

    private static String raw(String headers) throws IOException {
        return sent("GET /api/jobs HTTP/1.1\r\n" + headers + "Connection: close\r\n\r\n");
    }

    private static String sent(String request) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", server.port())) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
            try (InputStream in = socket.getInputStream()) {
                return new String(in.readAllBytes(), StandardCharsets.UTF_8);
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Host: 127.0.0.1                              | 200",
                "Host: localhost:80                           | 200",
                "Host: harbour.example                        | 403",
                "Host: 127.0.0.1.harbour.example              | 403",
                "Host: localhost~Origin: http://harbour.example | 403",
                "Host: localhost~Origin: null                 | 403",
                "Host: localhost~Origin: http://localhost:8080 | 403",
                "Host: localhost~Origin: http://localhost      | 200",
                "Host: localhost:8081~Origin: http://localhost:8080 | 403",
                "Host: localhost~Sec-Fetch-Site: cross-site    | 403",
                "Host: localhost~Sec-Fetch-Site: same-site     | 403",
                "Host: localhost~Sec-Fetch-Site: same-origin   | 200"
            })
    void onlyThisMachineIsAnswered(String headers, int status) throws IOException {
        String answer = raw(headers.replace("~", "\r\n") + "\r\n");
        assertThat(answer).startsWith("HTTP/1.1 " + status);
        assertThat(answer)
                .contains("Content-Security-Policy: default-src 'none'")
                .doesNotContain("unsafe-");
    }

    /** Refused by the servlet container before any filter of ours. */
    @ParameterizedTest
    @ValueSource(
            strings = {"GET /api/jobs?a=[b] HTTP/1.1", "GET /api/jobs HTTP/9.9", "GET /%2e%2e/%00 HTTP/1.1", "HELLO"})
    void theContainersOwnRefusalsAreGuardedAndDoNotNameIt(String request) throws IOException {
        String answer = sent(request + "\r\nHost: localhost\r\nConnection: close\r\n\r\n");
        assertThat(answer)
                .contains("Content-Security-Policy: default-src 'none'", "Cross-Origin-Resource-Policy: same-origin")
                .contains("application/problem+json")
                .doesNotContainIgnoringCase("tomcat");
    }

    @Test
    void answersOfTheApiAreKeptByNobody() throws IOException {
        assertThat(raw("Host: localhost\r\n")).contains("Cache-Control: no-store");
    }

    @Test
    void listensOnLoopbackOnly() throws IOException {
        for (NetworkInterface network : NetworkInterface.networkInterfaces().toList()) {
            for (var address : network.inetAddresses().toList()) {
                if (!address.isLoopbackAddress()) {
                    try (Socket socket = new Socket()) {
                        socket.connect(new InetSocketAddress(address, server.port()), 300);
                        throw new AssertionError("answers on " + address);
                    } catch (IOException refused) {
                        assertThat(refused).isNotNull();
                    }
                }
            }
        }
        HttpURLConnection own =
                (HttpURLConnection) server.uri("/api/ready").toURL().openConnection();
        assertThat(own.getResponseCode()).isEqualTo(200);
    }
}
