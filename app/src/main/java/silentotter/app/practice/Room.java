package silentotter.app.practice;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import org.springframework.util.ClassUtils;
import silentotter.app.http.Conflict;

/**
 * The practice room beside the shop: the whole application once more, with a data folder and a port of its own. What is done
 * there can never come among the shop's records, statistics or learning, because nothing of the shop can see it. It opens when
 * somebody first asks for it.
 */
@Component
class Room {
    private static final String FOLDER = "practice";

    private final ApplicationContext shop;
    private final Environment environment;
    private final Path folder;
    private final boolean here;
    private Optional<ConfigurableApplicationContext> open = Optional.empty();

    Room(
            ApplicationContext shop,
            Environment environment,
            @Value("${otter.data}") String data,
            @Value("${otter.practice:false}") boolean here) {
        this.shop = shop;
        this.here = here;
        this.environment = environment;
        this.folder = Path.of(data, FOLDER);
    }

    /** Where it is, once it is open; takes some seconds the first time. */
    synchronized String opened() {
        if (here) {
            throw new Conflict("This is the practice room.");
        }
        if (open.isEmpty()) {
            Class<?> application = ClassUtils.getUserClass(
                    shop.getType(shop.getBeanNamesForAnnotation(SpringBootApplication.class)[0]));
            open = Optional.of(new SpringApplicationBuilder(application)
                    .run(
                            "--otter.practice=true",
                            "--otter.demo=false",
                            "--otter.data=" + folder,
                            "--server.port=" + port()));
        }
        return "http://127.0.0.1:" + open.get().getEnvironment().getProperty("local.server.port");
    }

    /** The next one after the shop's, so that it stands in a list of visited pages again; any free one otherwise. */
    private int port() {
        int beside = environment.getProperty("local.server.port", Integer.class, 0) + 1;
        try (ServerSocket probe = new ServerSocket(beside, 1, InetAddress.getLoopbackAddress())) {
            return probe.getLocalPort();
        } catch (IOException | IllegalArgumentException e) {
            return 0;
        }
    }

    /** Hands a case of the shop over. */
    synchronized void take(String document) {
        opened();
        open.get().getBean(Practice.class).take(document);
    }

    @PreDestroy
    synchronized void close() {
        open.ifPresent(ConfigurableApplicationContext::close);
    }
}
