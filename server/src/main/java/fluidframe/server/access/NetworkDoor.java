package fluidframe.server.access;

import java.util.OptionalInt;
import org.apache.catalina.LifecycleException;
import org.apache.catalina.LifecycleState;
import org.apache.catalina.Service;
import org.apache.catalina.connector.Connector;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.embedded.tomcat.TomcatWebServer;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ApplicationContext;
import org.springframework.core.env.Environment;

/** The second port, which the network sees: shut until the coach opens it, and after every start. */
@org.springframework.stereotype.Service
public class NetworkDoor {
    private static final Logger LOG = LoggerFactory.getLogger(NetworkDoor.class);
    private static final int MOST_THREADS = 16;
    private static final int MOST_CONNECTIONS = 200;
    private static final int TIMEOUT_MILLIS = 10_000;

    private final ApplicationContext context;
    private final Environment settings;
    private final Door door;
    private final int wanted;
    private Connector connector;

    NetworkDoor(
            ApplicationContext context,
            Environment settings,
            Door door,
            @Value("${fluidframe.network-port:0}") int wanted) {
        this.context = context;
        this.settings = settings;
        this.door = door;
        this.wanted = wanted;
    }

    /** The port, while it is open. */
    public synchronized OptionalInt port() {
        return connector == null ? OptionalInt.empty() : OptionalInt.of(connector.getLocalPort());
    }

    /**
     * Opens it, if it is not open yet.
     *
     * @throws IllegalArgumentException if the port is taken by another program
     */
    public synchronized void open() {
        if (connector != null) return;
        TomcatWebServer server = server();
        int port = wanted > 0 ? wanted : server.getPort() + 1;
        if (port == server.getPort()) {
            throw new IllegalArgumentException("The network cannot have the coach's own port " + port);
        }
        // Said before anything can come through it.
        door.opensToNetwork(port);
        Service service = server.getTomcat().getService();
        Connector made = made(port);
        try {
            service.addConnector(made);
        } catch (IllegalArgumentException e) {
            LOG.warn("The port for the network could not be opened", e);
        }
        if (made.getState() != LifecycleState.STARTED) {
            gone(service, made);
            throw new IllegalArgumentException("Port " + port + " is in use by another program, so the network sees"
                    + " nothing. Stop that one, or start Fluid Frame with another --port");
        }
        connector = made;
    }

    private TomcatWebServer server() {
        if (context instanceof ServletWebServerApplicationContext web
                && web.getWebServer() instanceof TomcatWebServer tomcat) {
            return tomcat;
        }
        throw new IllegalArgumentException("There is no server here that the network could see");
    }

    private Connector made(int port) {
        Connector made = new Connector();
        made.setPort(port);
        made.setThrowOnFailure(true);
        made.setProperty("maxThreads", String.valueOf(MOST_THREADS));
        made.setProperty("maxConnections", String.valueOf(MOST_CONNECTIONS));
        made.setProperty("connectionTimeout", String.valueOf(TIMEOUT_MILLIS));
        made.setProperty("compression", "on");
        made.setProperty("compressibleMimeType", settings.getProperty("server.compression.mime-types", ""));
        return made;
    }

    /** Shuts it; what is on its way is cut off. */
    public synchronized void close() {
        if (connector == null) return;
        gone(server().getTomcat().getService(), connector);
        connector = null;
    }

    private static void gone(Service service, Connector which) {
        service.removeConnector(which);
        try {
            which.destroy();
        } catch (LifecycleException e) {
            LOG.warn("The port for the network was not given back in good order", e);
        }
    }
}
