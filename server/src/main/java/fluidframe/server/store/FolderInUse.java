package fluidframe.server.store;

/** The data folder belongs to another process that is running. */
public final class FolderInUse extends StartRefused {
    private static final long serialVersionUID = 1L;

    FolderInUse(String sentence) {
        super(sentence);
    }
}
