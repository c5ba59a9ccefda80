package fluidframe.server.access;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/**
 * A telephone or screen that was let in.
 *
 * @param name as whoever held it called it
 * @param whom id of the couple or group whose it is; empty for one of the studio
 * @param seenAt when it last asked for something
 */
public record Device(UUID id, String name, Optional<String> whom, Instant letInAt, Instant seenAt) {}
