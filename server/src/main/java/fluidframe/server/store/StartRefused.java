package fluidframe.server.store;

/** Thrown when Fluid Frame must not start; the message is the one sentence that the person at the desk is told. */
public sealed class StartRefused extends RuntimeException permits FolderInUse {
    private static final long serialVersionUID = 1L;

    StartRefused(String sentence) {
        super(sentence);
    }

    StartRefused(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
