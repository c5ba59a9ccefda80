package fluidframe.server.access;

import jakarta.servlet.http.Cookie;
import java.util.Optional;
import org.springframework.boot.test.context.TestComponent;
import org.springframework.test.web.servlet.request.RequestPostProcessor;

/** Requests as they come from the network, in the tests of the API. */
@TestComponent
public final class Visitors {
    /** A port of the network, and the number of this machine there. */
    public static final int PORT = 9421;

    private static final String HERE = "192.168.7.5";

    private final Devices devices;

    Visitors(Devices devices, Door door) {
        this.devices = devices;
        door.opensToNetwork(PORT);
    }

    /** Somebody who was not let in. */
    public static RequestPostProcessor stranger() {
        return fromNetwork("192.168.7.30", "");
    }

    /** Somebody who was not let in, at another address. */
    public static RequestPostProcessor stranger(String address) {
        return fromNetwork(address, "");
    }

    /** A device of a couple or group, or of the studio. */
    public RequestPostProcessor device(Optional<String> whom) {
        return fromNetwork("192.168.7.31", devices.letIn("a phone", whom));
    }

    /** With a token, whatever it is worth. */
    static RequestPostProcessor fromNetwork(String address, String token) {
        return request -> {
            request.setLocalPort(PORT);
            request.setLocalAddr(HERE);
            request.setRemoteAddr(address);
            if (request.getHeader("Host") == null) request.addHeader("Host", HERE + ":" + PORT);
            if (!token.isEmpty()) request.setCookies(new Cookie(DeviceCookie.NAME, token));
            return request;
        };
    }
}
