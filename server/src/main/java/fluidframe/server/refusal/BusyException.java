package fluidframe.server.refusal;

/** Thrown when there is too much to do already; the message says what to do about it. */
public final class BusyException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public BusyException(String message) {
        super(message);
    }
}
