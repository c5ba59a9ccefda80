package fluidframe.server.access;

import com.github.benmanes.caffeine.cache.Ticker;
import jakarta.servlet.http.HttpSession;
import java.time.Clock;
import java.time.Duration;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/**
 * The passphrase in front of the coach's page, if there is one. It keeps somebody at this machine's screen out of the page, not
 * out of the files. Kept as Argon2, which takes memory to guess.
 */
@Service
public class CoachLock {
    private static final String OPENED_WITH = "fluidframe.opened-with";
    private static final int SHORTEST = 8;
    private static final int LONGEST = 200;
    private static final int WRONG_TRIES = 5;
    private static final Duration WAIT = Duration.ofMinutes(1);

    private final LockRows rows;
    private final Audit audit;
    private final Clock clock;
    private final PasswordEncoder encoder = Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    private final Tries tries =
            new Tries("The passphrase was wrong " + WRONG_TRIES + " times", WRONG_TRIES, WAIT, Ticker.systemTicker());
    /** Read once: every request asks for it. */
    private volatile Optional<String> hash;

    CoachLock(LockRows rows, Audit audit, Clock clock) {
        this.rows = rows;
        this.audit = audit;
        this.clock = clock;
        this.hash = rows.findById(LockRow.ONLY).map(LockRow::hash);
    }

    /** Whether there is a passphrase. */
    public boolean isSet() {
        return hash.isPresent();
    }

    /** Remembers that a session was opened with the passphrase of now. */
    public void open(HttpSession session) {
        hash.ifPresent(now -> session.setAttribute(OPENED_WITH, now));
    }

    /** Whether a session was opened with the passphrase of now; null is none. */
    boolean isOpen(HttpSession session) {
        return session != null && hash.isPresent() && hash.get().equals(session.getAttribute(OPENED_WITH));
    }

    /**
     * Tries a passphrase.
     *
     * @param address where it is tried from
     * @throws IllegalArgumentException if it is not the right one
     * @throws fluidframe.server.refusal.TooOftenException after too many wrong ones
     */
    public void unlock(String passphrase, String address) {
        if (hash.isEmpty()) return;
        tries.count(address);
        if (passphrase.length() > LONGEST || !encoder.matches(passphrase, hash.get())) {
            audit.note("wrong passphrase", "from " + address);
            throw new IllegalArgumentException("That is not the passphrase");
        }
        tries.right(address);
    }

    /**
     * Another passphrase.
     *
     * @param fresh the new one; blank for none
     * @throws IllegalArgumentException if it is too short or too long
     */
    public synchronized void change(String fresh) {
        if (fresh.isEmpty()) {
            remove();
            return;
        }
        if (fresh.isBlank() || fresh.length() < SHORTEST || fresh.length() > LONGEST) {
            throw new IllegalArgumentException("A passphrase has " + SHORTEST + " to " + LONGEST
                    + " characters; a few words are good, and easier to keep in mind");
        }
        String made = encoder.encode(fresh);
        rows.save(new LockRow(made, clock.instant().truncatedTo(ChronoUnit.MICROS)));
        hash = Optional.of(made);
        audit.note("passphrase set", "");
    }

    /** The page opens without one. */
    public synchronized void remove() {
        if (hash.isEmpty()) return;
        rows.deleteById(LockRow.ONLY);
        hash = Optional.empty();
        audit.note("passphrase removed", "");
    }
}
