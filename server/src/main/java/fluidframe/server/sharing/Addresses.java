package fluidframe.server.sharing;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Under which numbers this machine is seen on its networks. */
@Component
class Addresses {
    private static final Logger LOG = LoggerFactory.getLogger(Addresses.class);

    /** Those of networks at home or in a studio first; none while it is in no network. */
    List<String> here() {
        List<InetAddress> found = new ArrayList<>();
        try {
            for (NetworkInterface one : NetworkInterface.networkInterfaces().toList()) {
                if (!one.isUp() || one.isLoopback() || one.isPointToPoint()) continue;
                one.inetAddresses()
                        .filter(Inet4Address.class::isInstance)
                        .filter(address -> !address.isLinkLocalAddress())
                        .forEach(found::add);
            }
        } catch (SocketException e) {
            LOG.warn("The networks of this machine cannot be read", e);
        }
        return found.stream()
                .sorted(Comparator.comparing((InetAddress address) -> !address.isSiteLocalAddress()))
                .map(InetAddress::getHostAddress)
                .toList();
    }
}
