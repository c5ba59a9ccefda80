package fluidframe.server.access;

import com.github.benmanes.caffeine.cache.Ticker;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Lets devices in: one code at a time, of six digits, good for ten minutes and a few wrong tries, whoever makes them. */
@Service
public class LettingIn {
    private static final Duration GOOD_FOR = Duration.ofMinutes(10);
    private static final int CODES = 1_000_000;
    private static final int WRONG_TRIES = 5;
    private static final int LONGEST_NAME = 40;
    private static final String NOT_LET_IN = "That code does not let in. It may be older than ten minutes, or have been"
            + " mistyped; the coach's page shows a new one.";

    private final SecureRandom random = new SecureRandom();
    private final Devices devices;
    private final Audit audit;
    private final Clock clock;
    private final Tries tries;
    private Code code;
    private int wrong;

    LettingIn(Devices devices, Audit audit, Clock clock) {
        this.devices = devices;
        this.audit = audit;
        this.clock = clock;
        this.tries =
                new Tries("The code was wrong " + WRONG_TRIES + " times", WRONG_TRIES, GOOD_FOR, Ticker.systemTicker());
    }

    /**
     * A code that lets in.
     *
     * @param whom id of the couple or group whose devices it is for; empty for those of the studio
     */
    public record Code(String digits, Optional<String> whom, Instant until) {}

    /** A new one in the place of any other. */
    public synchronized Code make(Optional<String> whom) {
        code = new Code(
                String.format(Locale.ROOT, "%06d", random.nextInt(CODES)),
                whom,
                clock.instant().plus(GOOD_FOR));
        wrong = 0;
        audit.note("code shown", whom.isPresent() ? "for one couple or group" : "for the studio's screens");
        return code;
    }

    /** The one that lets in now. */
    public synchronized Optional<Code> current() {
        if (code != null && !clock.instant().isBefore(code.until())) code = null;
        return Optional.ofNullable(code);
    }

    /** Nobody is let in until there is a new one. */
    public synchronized void withdraw() {
        code = null;
    }

    /**
     * Lets a device in.
     *
     * @param name what it is to be called
     * @param address where the request comes from
     * @return its token
     * @throws IllegalArgumentException if the code is not the right one, or the name is none
     * @throws fluidframe.server.refusal.TooOftenException after too many wrong ones from there
     */
    public String enter(String digits, String name, String address) {
        String called = name.strip();
        if (called.isEmpty() || called.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(
                    "Say what this device is called, in up to " + LONGEST_NAME + " characters");
        }
        tries.count(address);
        Code right = taken(digits.replaceAll("\\s", "")).orElseThrow(() -> {
            audit.note("wrong code", "from " + address);
            return new IllegalArgumentException(NOT_LET_IN);
        });
        tries.right(address);
        String token = devices.letIn(called, right.whom());
        audit.note("let in", called + ", from " + address);
        return token;
    }

    /** The code, if it is these digits; a wrong one counts before anything else is done that may fail. */
    private synchronized Optional<Code> taken(String digits) {
        Optional<Code> now = current();
        Optional<Code> right = now.filter(known -> MessageDigest.isEqual(
                known.digits().getBytes(StandardCharsets.UTF_8), digits.getBytes(StandardCharsets.UTF_8)));
        if (right.isEmpty() && ++wrong >= WRONG_TRIES && now.isPresent()) {
            withdraw();
            audit.note("code withdrawn", "after " + WRONG_TRIES + " wrong ones");
        }
        return right;
    }
}
