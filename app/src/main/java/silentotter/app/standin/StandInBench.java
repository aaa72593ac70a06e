package silentotter.app.standin;

import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import silentotter.core.standin.Mischief;
import silentotter.core.standin.StandIn;
import silentotter.core.standin.StandIn.StandInKind;
import silentotter.core.standin.StandInEngine;

/** All stand-ins on one computed engine, each on a loopback port of its own. */
public final class StandInBench implements AutoCloseable {
    private final List<StandInServer> servers = new ArrayList<>();
    private final Map<StandInKind, Integer> ports = new EnumMap<>(StandInKind.class);

    /**
     * @param port of the first, the others follow; 0 for any free ones
     * @throws IOException when a port is taken
     */
    public StandInBench(StandInEngine engine, Mischief mischief, int port) throws IOException {
        try {
            for (StandInKind kind : StandInKind.values()) {
                int at = port == 0 ? 0 : port + kind.ordinal();
                StandInServer server = new StandInServer(new StandIn(kind, engine, mischief, kind.ordinal()), at);
                servers.add(server);
                ports.put(kind, server.port());
            }
        } catch (IOException e) {
            close();
            throw e;
        }
    }

    public int port(StandInKind kind) {
        return ports.get(kind);
    }

    @Override
    public void close() {
        servers.forEach(StandInServer::close);
    }
}
