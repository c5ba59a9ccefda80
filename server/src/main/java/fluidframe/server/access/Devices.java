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
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** The devices that were let in, each known by a long random token that it alone keeps. */
@Service
public class Devices {
    private static final Logger LOG = LoggerFactory.getLogger(Devices.class);

    /** More than a studio has; whoever lets in more has not shut any out. */
    private static final int MOST = 100;

    private static final int TOKEN_BYTES = 32;

    private static final Duration WRITTEN_EVERY = Duration.ofDays(1);

    private static final int MOST_CHANGES = 120;
    private static final Duration COUNTED_FOR = Duration.ofMinutes(10);

    private final Tries changes = new Tries(
            "This device has changed " + MOST_CHANGES + " things", MOST_CHANGES, COUNTED_FOR, Ticker.systemTicker());
    private final SecureRandom random = new SecureRandom();
    private final Map<UUID, Instant> seen = new ConcurrentHashMap<>();
    private final DeviceRows rows;
    private final Audit audit;
    private final TransactionTemplate transaction;
    private final Clock clock;

    Devices(DeviceRows rows, Audit audit, PlatformTransactionManager transactions, Clock clock) {
        this.rows = rows;
        this.audit = audit;
        this.transaction = new TransactionTemplate(transactions);
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
    public Optional<Device> of(String token) {
        Optional<Device> found = rows.findByTokenHash(hash(token)).map(DeviceRow::device);
        found.ifPresent(this::wasSeen);
        return found;
    }

    /** Written down once a day: every look of a device would be a change of the studio otherwise, and wait for the others. */
    private void wasSeen(Device device) {
        Instant before = seen.put(device.id(), now());
        if (before != null || device.seenAt().plus(WRITTEN_EVERY).isAfter(now())) return;
        try {
            transaction.executeWithoutResult(
                    status -> rows.findById(device.id()).ifPresent(row -> row.seen(now())));
        } catch (TransactionException | DataAccessException e) {
            LOG.warn("When a device was seen last was not written down", e);
        }
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
