package fluidframe.server.access;

import com.github.benmanes.caffeine.cache.Ticker;
import fluidframe.server.refusal.NotFoundException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The devices that were let in, each known by a long random token that it alone keeps. */
@Service
public class Devices {
    /** More than a studio has; whoever lets in more has not shut any out. */
    private static final int MOST = 100;

    private static final int TOKEN_BYTES = 32;

    /** Every look of a device would be a change of the studio otherwise. */
    private static final Duration WRITTEN_EVERY = Duration.ofDays(1);

    private static final int MOST_CHANGES = 120;
    private static final Duration COUNTED_FOR = Duration.ofMinutes(10);

    private final Tries changes = new Tries(
            "This device has changed " + MOST_CHANGES + " things", MOST_CHANGES, COUNTED_FOR, Ticker.systemTicker());
    private final SecureRandom random = new SecureRandom();
    private final Map<UUID, Instant> seen = new ConcurrentHashMap<>();
    private final DeviceRows rows;
    private final Audit audit;
    private final Clock clock;

    Devices(DeviceRows rows, Audit audit, Clock clock) {
        this.rows = rows;
        this.audit = audit;
        this.clock = clock;
    }

    /**
     * Remembers a device.
     *
     * @return its token, which is told this once
     * @throws IllegalArgumentException if there are too many already
     */
    @Transactional
    public String letIn(String name, Optional<String> whom) {
        if (rows.count() >= MOST) {
            throw new IllegalArgumentException("There are " + MOST
                    + " devices already: shut out those that are not used any more, at the coach's");
        }
        byte[] token = new byte[TOKEN_BYTES];
        random.nextBytes(token);
        String text = Base64.getUrlEncoder().withoutPadding().encodeToString(token);
        rows.save(new DeviceRow(name, hash(text), whom.orElse(""), now()));
        return text;
    }

    /** Which device has a token; empty for none, and for one that was shut out. */
    @Transactional
    public Optional<Device> of(String token) {
        Optional<DeviceRow> found = rows.findByTokenHash(hash(token));
        found.ifPresent(row -> {
            Device device = row.device();
            seen.put(device.id(), now());
            if (device.seenAt().plus(WRITTEN_EVERY).isBefore(now())) row.seen(now());
        });
        return found.map(DeviceRow::device);
    }

    /**
     * Counts a change that a device makes.
     *
     * @throws fluidframe.server.refusal.TooOftenException if it has made more than anybody would
     */
    public void countChange(Device device) {
        changes.count(device.id().toString());
    }

    /** All of them, the newest first. */
    @Transactional(readOnly = true)
    public List<Device> all() {
        return rows.newest().stream()
                .map(DeviceRow::device)
                .map(one -> new Device(
                        one.id(), one.name(), one.whom(), one.letInAt(), seen.getOrDefault(one.id(), one.seenAt())))
                .toList();
    }

    /** Its token is worth nothing from now on. */
    @Transactional
    public Device shutOut(UUID id) {
        DeviceRow row =
                rows.findById(id).orElseThrow(() -> new NotFoundException("That device has been shut out already"));
        rows.delete(row);
        return row.device();
    }

    /** Shuts out all of a couple or group, and forgets what they were called. */
    @Transactional
    public void forget(String whom) {
        List<DeviceRow> theirs = rows.findByWhom(whom);
        theirs.forEach(row -> audit.forget(row.device().name()));
        rows.deleteAll(theirs);
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    private static String hash(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }
}
