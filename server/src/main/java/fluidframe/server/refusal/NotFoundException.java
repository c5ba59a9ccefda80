package fluidframe.server.refusal;

/** Thrown when something named in a request does not exist; the message says what. */
public final class NotFoundException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotFoundException(String message) {
        super(message);
    }
}
