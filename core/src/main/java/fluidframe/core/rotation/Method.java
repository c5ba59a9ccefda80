package fluidframe.core.rotation;

import java.util.Optional;

/** A way of finding a rotation. */
interface Method {
    /** A plan of all rounds; empty where this way does not fit the evening. */
    Optional<Tally> plan(Floor floor);
}
