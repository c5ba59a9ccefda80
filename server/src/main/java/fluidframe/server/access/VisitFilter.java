package fluidframe.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Finds out who asks: through the network's port a device at the most, whatever else it brings along. */
class VisitFilter extends OncePerRequestFilter {
    private final Door door;
    private final Devices devices;
    private final CoachLock lock;
    private final LocalKey key;

    VisitFilter(Door door, Devices devices, CoachLock lock, LocalKey key) {
        this.door = door;
        this.devices = devices;
        this.lock = lock;
        this.key = key;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Visit visit = door.isOfNetwork(request) ? fromNetwork(request) : fromHere(request);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(new UsernamePasswordAuthenticationToken(
                visit, null, List.of(new SimpleGrantedAuthority(visit.visitor().name()))));
        SecurityContextHolder.setContext(context);
        chain.doFilter(request, response);
    }

    private Visit fromNetwork(HttpServletRequest request) {
        return Optional.ofNullable(request.getCookies()).stream()
                .flatMap(Arrays::stream)
                .filter(cookie -> cookie.getName().equals(DeviceCookie.NAME))
                .map(Cookie::getValue)
                .flatMap(token -> devices.of(token).stream())
                .findFirst()
                .map(device -> new Visit(Visitor.DEVICE, Optional.of(device)))
                .orElse(Visit.OF_STRANGER);
    }

    private Visit fromHere(HttpServletRequest request) {
        if (!lock.isSet() || key.is(request.getHeader(LocalKey.HEADER))) return Visit.OF_COACH;
        return lock.isOpen(request.getSession(false)) ? Visit.OF_COACH : Visit.OF_STRANGER;
    }
}
