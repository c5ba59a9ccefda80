package fluidframe.library.exchange;

/** A format that can be taken in. Reading never throws because of what a file holds: it says what is wrong with it. */
public interface Import {
    /** Whether a file is, by its first bytes or its ending, meant to be of this format. */
    boolean recognises(Incoming file);

    Brought read(Incoming file);
}
