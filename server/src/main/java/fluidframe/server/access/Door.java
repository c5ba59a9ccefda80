package fluidframe.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** Through which of the two ports a request comes: the one of this machine alone, or the one that the network sees. */
@Component
public class Door {
    /** All that ever were open to the network: what is still on its way when one closes is not taken for the coach's. */
    private final Set<Integer> network = ConcurrentHashMap.newKeySet();

    void opensToNetwork(int port) {
        network.add(port);
    }

    /** Whether a request came through the port that the network sees. */
    public boolean isOfNetwork(HttpServletRequest request) {
        return network.contains(request.getLocalPort());
    }
}
