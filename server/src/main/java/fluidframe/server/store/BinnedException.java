package fluidframe.server.store;

/** Thrown when something is asked for that lies in the bin. */
public final class BinnedException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    BinnedException(Kind kind, String name) {
        super("The " + kind + " \"" + name + "\" is in the bin: put it back there to go on with it");
    }
}
