package fluidframe.server.access;

/** Who asks; each may do what those before it may. */
public enum Visitor {
    /** Somebody on the network who was not let in, or anybody at this machine while the coach's page is locked. */
    STRANGER,
    /** A telephone or screen that was let in with a code. */
    DEVICE,
    /** Whoever sits at this machine. */
    COACH;

    /** Whether what is open to another is open to this one. */
    boolean mayWhat(Visitor other) {
        return compareTo(other) >= 0;
    }
}
