package fluidframe.server.web;

/** Thrown when a save is based on a version that has been saved over; carries both, so that nothing is lost. */
public final class StaleException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final long expected;
    private final long actual;
    private final transient Object current;
    private final transient Object yours;

    /**
     * @param what what was to be saved, for the sentence
     * @param current the document as it stands now
     * @param yours the document that was refused
     */
    public StaleException(String what, long expected, long actual, Object current, Object yours) {
        super(what + " has been saved elsewhere as version " + actual + " since you opened version " + expected
                + ". Nothing is lost: compare the two and save again.");
        this.expected = expected;
        this.actual = actual;
        this.current = current;
        this.yours = yours;
    }

    long expected() {
        return expected;
    }

    long actual() {
        return actual;
    }

    Object current() {
        return current;
    }

    Object yours() {
        return yours;
    }
}
