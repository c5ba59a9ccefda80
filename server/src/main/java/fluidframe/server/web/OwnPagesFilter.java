package fluidframe.server.web;

import fluidframe.server.access.Door;
import fluidframe.server.refusal.Refusal;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets only the application's own pages and programs of this machine in. A page from elsewhere can make a browser send requests
 * here, by name tricks even as if it were of the same origin; its host, its origin or what the browser says of the site gives it
 * away.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class OwnPagesFilter extends OncePerRequestFilter {
    private final Door door;

    OwnPagesFilter(Door door) {
        this.door = door;
    }

    private static final Set<String> LOOPBACK = Set.of("127.0.0.1", "localhost", "[::1]");
    private static final Set<String> OWN_SITE = Set.of("same-origin", "none");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!isOwn(request.getHeader("Host"), request)) {
            Refusal.send(
                    response,
                    HttpStatus.FORBIDDEN,
                    "Not addressed to this application",
                    door.isOfNetwork(request)
                            ? "Fluid Frame answers here only under the number of its address, as the coach's page shows it."
                            : "Fluid Frame answers on this machine only, as 127.0.0.1 or localhost with its own port.");
        } else if (isForeign(request)) {
            Refusal.send(
                    response,
                    HttpStatus.FORBIDDEN,
                    "Another page asked",
                    "Only Fluid Frame's own pages may ask for this; the request came from a page of another site.");
        } else {
            chain.doFilter(request, response);
        }
    }

    /**
     * Whether a host with its port, as a header gives it, is this one; a request without a host comes from no browser. From the
     * network only the number of the very address it came to counts: a name could be anybody's, who then points it here.
     */
    private boolean isOwn(String host, HttpServletRequest request) {
        if (host == null) return true;
        int colon = host.lastIndexOf(':');
        boolean hasPort = colon > host.lastIndexOf(']');
        String name = hasPort ? host.substring(0, colon) : host;
        String port = hasPort ? host.substring(colon + 1) : "80";
        boolean isHere = door.isOfNetwork(request)
                ? name.equals(request.getLocalAddr())
                : LOOPBACK.contains(name.toLowerCase(java.util.Locale.ROOT));
        return isHere && port.equals(String.valueOf(request.getLocalPort()));
    }

    private boolean isForeign(HttpServletRequest request) {
        String origin = request.getHeader("Origin");
        boolean otherOrigin = origin != null
                && !(origin.startsWith("http://") && isOwn(origin.substring("http://".length()), request));
        String site = request.getHeader("Sec-Fetch-Site");
        boolean otherSite = site != null && !OWN_SITE.contains(site);
        return (otherOrigin || otherSite) && !isPlainPageLoad(request);
    }

    /** Somebody follows a link from elsewhere to a page; it shows nothing to the page it came from. */
    private static boolean isPlainPageLoad(HttpServletRequest request) {
        return request.getMethod().equals("GET")
                && "navigate".equals(request.getHeader("Sec-Fetch-Mode"))
                && "document".equals(request.getHeader("Sec-Fetch-Dest"))
                && !request.getRequestURI().startsWith("/api")
                && !request.getRequestURI().startsWith("/v3");
    }
}
