package fluidframe.server.sharing;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.server.access.CoachLock;
import fluidframe.server.access.Device;
import fluidframe.server.access.DeviceCookie;
import fluidframe.server.access.Door;
import fluidframe.server.access.LettingIn;
import fluidframe.server.access.OpenTo;
import fluidframe.server.access.Visit;
import fluidframe.server.access.Visitor;
import fluidframe.server.record.Whoms;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Locale;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who is there, and how one comes in. */
@RestController
@OpenTo(reading = Visitor.STRANGER, changing = Visitor.STRANGER)
@RequestMapping("/api/access")
class AccessController {
    private final LettingIn lettingIn;
    private final CoachLock lock;
    private final Door door;
    private final Whoms whoms;

    AccessController(LettingIn lettingIn, CoachLock lock, Door door, Whoms whoms) {
        this.lettingIn = lettingIn;
        this.lock = lock;
        this.door = door;
        this.whoms = whoms;
    }

    /**
     * Who asks.
     *
     * @param visitor coach, device or stranger
     * @param network whether it comes from the network, where a code lets in, and not a passphrase
     * @param hasPassphrase whether the coach's page can be locked; absent on the network
     * @param device what it is called, if it is one
     * @param whom id of the couple or group whose device it is
     * @param whomName their name
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record AccessView(
            String visitor,
            boolean network,
            Optional<Boolean> hasPassphrase,
            Optional<String> device,
            Optional<String> whom,
            Optional<String> whomName) {}

    @GetMapping
    AccessView who(HttpServletRequest request) {
        Visit visit = Visit.here();
        boolean network = door.isOfNetwork(request);
        return new AccessView(
                visit.visitor().name().toLowerCase(Locale.ROOT),
                network,
                network ? Optional.empty() : Optional.of(lock.isSet()),
                visit.device().map(Device::name),
                visit.whom(),
                visit.whom().flatMap(whoms::find).map(Whoms.Whom::name));
    }

    /**
     * A device that wants to be let in.
     *
     * @param code of six digits, as the coach's page shows it
     * @param name what the device is to be called
     */
    record Knock(
            @NotNull @Size(max = 20) String code,
            @NotNull @Size(max = 60) String name) {}

    /** Lets a device in, which from then on brings its token along as a cookie. */
    @PostMapping("/devices")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void enter(@RequestBody @Valid Knock knock, HttpServletRequest request, HttpServletResponse response) {
        if (!door.isOfNetwork(request)) {
            throw new IllegalArgumentException("Codes let in from the network; here one is in already");
        }
        String token = lettingIn.enter(knock.code(), knock.name(), request.getRemoteAddr());
        response.addHeader(HttpHeaders.SET_COOKIE, DeviceCookie.of(token));
    }

    /** A passphrase. */
    record Passphrase(@NotNull @Size(max = 400) String passphrase) {}

    /** Opens the coach's page until it is locked, the browser is closed or the application stops. */
    @PostMapping("/unlock")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unlock(@RequestBody @Valid Passphrase said, HttpServletRequest request) {
        if (door.isOfNetwork(request)) {
            throw new IllegalArgumentException("From the network the coach's page cannot be opened");
        }
        lock.unlock(said.passphrase(), request.getRemoteAddr());
        opened(request, lock);
    }

    static void opened(HttpServletRequest request, CoachLock lock) {
        if (!lock.isSet()) return;
        // Whatever session there was before, of whomever, is not the one that is open now.
        if (request.getSession(false) != null) request.getSession(false).invalidate();
        lock.open(request.getSession(true));
    }

    /** Locks the coach's page in this browser. */
    @PostMapping("/lock")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void lock(HttpServletRequest request) {
        if (request.getSession(false) != null) request.getSession(false).invalidate();
    }
}
