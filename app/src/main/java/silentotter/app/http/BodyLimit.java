package silentotter.app.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses what is larger than anything meant to be sent there, before it fills the memory, and what does not say how long or what it is. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class BodyLimit extends OncePerRequestFilter {
    private static final long MEGABYTE = 1_000_000;
    /** A case with photos; everything else is a form or a picture. */
    private static final long CASE_FILE = 64 * MEGABYTE;

    /** A recording of some minutes; it streams through, and never stands in memory. */
    private static final long WAVEFORM = 256 * MEGABYTE;

    private static final long READINGS = 10 * MEGABYTE;
    private static final long PICTURE = 6 * MEGABYTE;
    private static final long FORM = MEGABYTE / 4;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long most = most(request.getRequestURI());
        if (request.getContentLengthLong() > most) {
            LoopbackGuard.refuse(response, HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE, "Too large", words(most));
            // What is still on its way is not waited for.
            response.setHeader("Connection", "close");
            return;
        }
        if (request.getHeader("Transfer-Encoding") != null) {
            LoopbackGuard.refuse(
                    response,
                    HttpServletResponse.SC_LENGTH_REQUIRED,
                    "How long is it?",
                    "Say the length of what is sent.");
            response.setHeader("Connection", "close");
            return;
        }
        String type = request.getContentType();
        if (type != null && type.contains("*")) {
            LoopbackGuard.refuse(
                    response,
                    HttpServletResponse.SC_UNSUPPORTED_MEDIA_TYPE,
                    "What is it?",
                    "A content type must say what is sent, without a star.");
            return;
        }
        chain.doFilter(request, response);
    }

    private static long most(String path) {
        if (path.equals("/api/case-files")) {
            return CASE_FILE;
        }
        if (path.endsWith("/waveform-files")) {
            return WAVEFORM;
        }
        return path.endsWith(".csv") ? READINGS : path.contains("/photos/") ? PICTURE : FORM;
    }

    private static String words(long most) {
        return "At most " + (most < MEGABYTE ? most / 1000 + " kB" : most / MEGABYTE + " MB") + " can be sent here.";
    }
}
