package fluidframe.core.rotation;

import java.util.List;

/**
 * A plan of the rounds.
 *
 * @param rounds all of them, those that had been danced first
 * @param found how good it is
 * @param bound better than this nothing can be, in each of the three by itself
 * @param proven whether nothing better can be: the bound is reached, or every other plan has been ruled out
 * @param how it was found
 */
public record Rotation(List<Round> rounds, Measure found, Measure bound, boolean proven, How how) {
    /** The ways of finding one. */
    public enum How {
        /** Everybody moves on by one. */
        CONSTRUCTION,
        /** Rounds improved in turn, each as well as the others allow. */
        IMPROVEMENT,
        /** All plans ruled out but this one and its equals. */
        SEARCH,
        /** As people have been told, and only what follows that anew. */
        ANNOUNCED
    }

    public Rotation {
        rounds = List.copyOf(rounds);
    }
}
