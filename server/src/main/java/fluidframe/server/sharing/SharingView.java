package fluidframe.server.sharing;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.server.access.Audit;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * How things stand with the network, for the coach.
 *
 * @param open whether the network sees anything
 * @param addresses under which it does, the likeliest first; none while it is shut, or this machine in no network
 * @param code that lets in now
 * @param hasPassphrase whether the coach's own page asks for one
 * @param lines what happened, the newest first
 */
@JsonInclude(JsonInclude.Include.NON_ABSENT)
record SharingView(
        boolean open,
        List<String> addresses,
        Optional<SharingCode> code,
        List<SharedDevice> devices,
        boolean hasPassphrase,
        List<Audit.Line> lines) {
    /**
     * A code that lets in.
     *
     * @param whom the name of the couple or group whose devices it lets in; absent for the studio's
     * @param picture the address with the code as SVG, for telephones to read; absent while there is no address
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record SharingCode(String digits, Instant until, Optional<String> whom, Optional<String> picture) {}

    /**
     * A device that was let in.
     *
     * @param whom the name of the couple or group whose it is; absent for one of the studio
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record SharedDevice(String id, String name, Optional<String> whom, Instant letInAt, Instant seenAt) {}
}
