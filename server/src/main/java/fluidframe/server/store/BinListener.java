package fluidframe.server.store;

/** Told when something has come back from the bin. */
public interface BinListener {
    void changed(Kind kind, String id);
}
