package fluidframe.server.store;

/** Leaves the transaction of a stale save, so that the two sides are compared while nobody waits. */
final class Overtaken extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final long version;
    private final String text;

    /**
     * @param version the version that stands
     * @param text the document that stands
     */
    Overtaken(long version, String text) {
        this.version = version;
        this.text = text;
    }

    long version() {
        return version;
    }

    String text() {
        return text;
    }
}
