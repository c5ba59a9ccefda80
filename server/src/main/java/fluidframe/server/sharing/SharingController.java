package fluidframe.server.sharing;

import fluidframe.server.access.Audit;
import fluidframe.server.access.CoachLock;
import fluidframe.server.access.Device;
import fluidframe.server.access.Devices;
import fluidframe.server.access.LettingIn;
import fluidframe.server.access.NetworkDoor;
import fluidframe.server.access.OpenTo;
import fluidframe.server.record.Whoms;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Where the coach opens the studio to the network, lets devices in and shuts them out. */
@RestController
@OpenTo
@RequestMapping("/api/sharing")
class SharingController {
    private static final int LINES = 60;
    private static final String GONE = "nobody any more";

    private final NetworkDoor door;
    private final LettingIn lettingIn;
    private final Devices devices;
    private final CoachLock lock;
    private final Audit audit;
    private final Addresses addresses;
    private final Whoms whoms;

    SharingController(
            NetworkDoor door,
            LettingIn lettingIn,
            Devices devices,
            CoachLock lock,
            Audit audit,
            Addresses addresses,
            Whoms whoms) {
        this.door = door;
        this.lettingIn = lettingIn;
        this.devices = devices;
        this.lock = lock;
        this.audit = audit;
        this.addresses = addresses;
        this.whoms = whoms;
    }

    @GetMapping
    SharingView now() {
        List<String> at = door.port().isEmpty()
                ? List.of()
                : addresses.here().stream()
                        .map(host -> "http://" + host + ":" + door.port().getAsInt())
                        .toList();
        return new SharingView(
                door.port().isPresent(),
                at,
                door.port().isEmpty() ? Optional.empty() : lettingIn.current().map(code -> view(code, at)),
                devices.all().stream().map(this::view).toList(),
                lock.isSet(),
                audit.newest(LINES));
    }

    /** The code goes after the mark that browsers send to nobody. */
    private SharingView.SharingCode view(LettingIn.Code code, List<String> at) {
        return new SharingView.SharingCode(
                code.digits(),
                code.until(),
                code.whom().map(this::name),
                at.stream().findFirst().map(address -> QrCode.svg(address + "/#" + code.digits())));
    }

    private SharingView.SharedDevice view(Device device) {
        return new SharingView.SharedDevice(
                device.id().toString(),
                device.name(),
                device.whom().map(this::name),
                device.letInAt(),
                device.seenAt());
    }

    private String name(String whom) {
        return whoms.find(whom).map(Whoms.Whom::name).orElse(GONE);
    }

    /** Whether the network is to see anything. */
    record SharingWanted(@NotNull Boolean open) {}

    /** Opens the studio to the network, or shuts it; devices that were let in are so again when it is opened. */
    @PutMapping
    SharingView set(@RequestBody @Valid SharingWanted wanted) {
        if (wanted.open() == door.port().isPresent()) return now();
        if (wanted.open()) {
            door.open();
            audit.note("opened to the network", "port " + door.port().getAsInt());
        } else {
            door.close();
            lettingIn.withdraw();
            audit.note("shut to the network", "");
        }
        return now();
    }

    /**
     * For whom a code is wanted.
     *
     * @param whom id of a couple or group; absent for the studio's own screens
     */
    record CodeWanted(Optional<String> whom) {}

    /** A new code in the place of any other. */
    @PostMapping("/code")
    SharingView code(@RequestBody @Valid CodeWanted wanted) {
        if (door.port().isEmpty()) {
            throw new IllegalArgumentException("The network sees nothing yet: share first, then show a code");
        }
        wanted.whom().ifPresent(whoms::get);
        lettingIn.make(wanted.whom());
        return now();
    }

    @DeleteMapping("/code")
    SharingView withdraw() {
        lettingIn.withdraw();
        return now();
    }

    /** Shuts a device out. */
    @DeleteMapping("/devices/{id}")
    SharingView shutOut(@PathVariable UUID id) {
        Device gone = devices.shutOut(id);
        audit.note("shut out", gone.name());
        return now();
    }

    /**
     * A passphrase for the coach's page.
     *
     * @param now the one there is; blank where there is none
     * @param fresh the new one; blank for none
     */
    record PassphraseWanted(@NotNull String now, @NotNull String fresh) {}

    /** Sets, changes or takes away the passphrase; whoever opened the page with another has to open it anew. */
    @PutMapping("/passphrase")
    SharingView passphrase(
            @RequestBody @Valid PassphraseWanted wanted, jakarta.servlet.http.HttpServletRequest request) {
        lock.unlock(wanted.now(), request.getRemoteAddr());
        lock.change(wanted.fresh());
        AccessController.opened(request, lock);
        return now();
    }
}
