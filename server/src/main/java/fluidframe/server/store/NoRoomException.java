package fluidframe.server.store;

/** Thrown when a change is not even begun because the disk with the data folder is as good as full. */
public final class NoRoomException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    NoRoomException() {
        super(
                "The disk with the data folder is full: this was not saved. What was saved before is safe. Make room and do it"
                        + " again.");
    }
}
