package silentotter.app.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only to this machine and to its own pages. The socket listens on loopback; this also refuses a foreign Host
 * header (a web page that points its own name at 127.0.0.1) and requests that another page sends, be it of another site or
 * of another program on this machine: an origin is a scheme, a name and a port. Tells the browser to load nothing from
 * outside and to keep nothing of the answers.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class LoopbackGuard extends OncePerRequestFilter {
    private static final Set<String> OWN_NAMES = Set.of("127.0.0.1", "localhost", "[::1]");
    private static final String POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:; "
                    + "font-src 'self'; connect-src 'self'; manifest-src 'self'; base-uri 'none'; form-action 'none'; "
                    + "frame-ancestors 'none'";
    /** On every answer, those of the servlet container itself included. */
    static final Map<String, String> HEADERS = Map.of(
            "Content-Security-Policy", POLICY,
            "X-Content-Type-Options", "nosniff",
            "Referrer-Policy", "no-referrer",
            "Cross-Origin-Resource-Policy", "same-origin",
            "Cross-Origin-Opener-Policy", "same-origin");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HEADERS.forEach(response::setHeader);
        boolean api = request.getRequestURI().startsWith("/api/");
        if (api) {
            response.setHeader("Cache-Control", "no-store");
        }
        if (!OWN_NAMES.contains(request.getServerName())
                || hasForeignOrigin(request)
                || api && comesFromElsewhere(request)) {
            refuse(
                    response,
                    HttpServletResponse.SC_FORBIDDEN,
                    "Only this machine",
                    "Silent Otter answers only to its own pages on 127.0.0.1 and localhost.");
            return;
        }
        chain.doFilter(request, response);
    }

    /** A refusal before anything of the application is asked. */
    static void refuse(HttpServletResponse response, int status, String title, String detail) throws IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter()
                .write("{\"status\":" + status + ",\"title\":\"" + title + "\",\"detail\":\"" + detail + "\"}");
    }

    private static boolean hasForeignOrigin(HttpServletRequest request) {
        String origin = request.getHeader("Origin");
        return origin != null && !origin.equals(request.getScheme() + "://" + request.getHeader("Host"));
    }

    /** What the browser says of where a request comes from (Fetch Metadata); programs say nothing. */
    private static boolean comesFromElsewhere(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        return site != null && !site.equals("same-origin") && !site.equals("none");
    }
}
