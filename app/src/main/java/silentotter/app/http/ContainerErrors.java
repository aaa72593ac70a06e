package silentotter.app.http;

import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * The servlet container refuses what is no HTTP by itself, before any filter: with the same headers as everything else,
 * and without naming itself. Bounds also how many connections may be open and how long one may dawdle.
 */
@Component
class ContainerErrors implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof org.apache.catalina.core.StandardHost host) {
                host.setErrorReportValveClass(Report.class.getName());
            }
        });
    }

    /** Named to the container, which makes it by itself. */
    public static final class Report extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, Throwable throwable) {
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            LoopbackGuard.HEADERS.forEach(response::setHeader);
            try {
                LoopbackGuard.refuse(response, status, "Not understood", "This request cannot be read.");
                response.finishResponse();
            } catch (IOException e) {
                // The other side is gone; there is nobody to tell.
            }
        }
    }
}
