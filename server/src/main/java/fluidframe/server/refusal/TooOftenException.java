package fluidframe.server.refusal;

import java.time.Duration;

/** Thrown where something was tried wrongly too often; the message says when it may be tried again. */
public final class TooOftenException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final Duration wait;

    public TooOftenException(String message, Duration wait) {
        super(message);
        this.wait = wait;
    }

    /** How long it is refused at most. */
    public Duration wait(Duration atLeast) {
        return wait.compareTo(atLeast) < 0 ? atLeast : wait;
    }
}
