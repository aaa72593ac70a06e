package silentotter.app.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only to this machine. The socket listens on loopback; this also refuses a foreign Host header (a web page
 * that points its own name at 127.0.0.1) and requests that another site's page sends, and tells the browser to load
 * nothing from outside.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class LoopbackGuard extends OncePerRequestFilter {
    private static final Set<String> OWN_NAMES = Set.of("127.0.0.1", "localhost", "[::1]");
    private static final String POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:; "
                    + "font-src 'self'; connect-src 'self'; manifest-src 'self'; base-uri 'none'; form-action 'none'; "
                    + "frame-ancestors 'none'";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        if (!OWN_NAMES.contains(request.getServerName()) || hasForeignOrigin(request)) {
            response.setStatus(HttpServletResponse.SC_FORBIDDEN);
            response.setContentType("application/problem+json");
            response.getWriter()
                    .write("{\"status\":403,\"title\":\"Only this machine\",\"detail\":\"Silent Otter answers only to "
                            + "127.0.0.1 and localhost.\"}");
            return;
        }
        chain.doFilter(request, response);
    }

    private static boolean hasForeignOrigin(HttpServletRequest request) {
        String origin = request.getHeader("Origin");
        if (origin == null) {
            return false;
        }
        try {
            URI uri = URI.create(origin);
            return uri.getHost() == null || !OWN_NAMES.contains(uri.getHost());
        } catch (IllegalArgumentException e) {
            return true;
        }
    }
}
