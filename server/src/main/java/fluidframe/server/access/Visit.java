package fluidframe.server.access;

import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/**
 * Who asks, as it was found out.
 *
 * @param device which one it is, if it is one
 */
public record Visit(Visitor visitor, Optional<Device> device) {
    static final Visit OF_COACH = new Visit(Visitor.COACH, Optional.empty());
    static final Visit OF_STRANGER = new Visit(Visitor.STRANGER, Optional.empty());

    /** Of the request that is being answered. */
    public static Visit here() {
        return of(SecurityContextHolder.getContext().getAuthentication());
    }

    static Visit of(Authentication who) {
        return who != null && who.getPrincipal() instanceof Visit visit ? visit : OF_STRANGER;
    }

    /** The couple or group whose device asks. */
    public Optional<String> whom() {
        return device.flatMap(Device::whom);
    }
}
