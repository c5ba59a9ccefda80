package fluidframe.server.access;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.Ticker;
import fluidframe.server.refusal.TooOftenException;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicInteger;

/** Counts what somebody tries, so that guessing takes too long; a try counts before it is known whether it is right. */
final class Tries {
    private static final int MOST_REMEMBERED = 10_000;

    private final Cache<String, AtomicInteger> counts;
    private final int most;
    private final Duration wait;
    private final String what;

    /**
     * @param what has happened when it is refused, as the refusal says it
     * @param most tries before it is refused
     * @param wait for how long, from the first of them
     */
    Tries(String what, int most, Duration wait, Ticker ticker) {
        this.what = what;
        this.most = most;
        this.wait = wait;
        this.counts = Caffeine.newBuilder()
                .expireAfterWrite(wait)
                .maximumSize(MOST_REMEMBERED)
                .ticker(ticker)
                .build();
    }

    /** @throws TooOftenException if this one was wrong too often already */
    void count(String who) {
        if (counts.get(who, unknown -> new AtomicInteger()).incrementAndGet() > most) {
            throw new TooOftenException(what + ". Wait " + said() + ", then try again.", wait);
        }
    }

    private String said() {
        return wait.toMinutes() == 1 ? "a minute" : wait.toMinutes() + " minutes";
    }

    /** It was right: what came before is forgotten. */
    void right(String who) {
        counts.invalidate(who);
    }
}
