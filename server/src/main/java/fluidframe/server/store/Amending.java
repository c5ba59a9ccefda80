package fluidframe.server.store;

import java.util.Optional;
import java.util.function.UnaryOperator;

/** Changes made to whatever stands at that moment, by somebody who has not read it before. */
public final class Amending {
    /** So many others would have to be faster in a row. */
    private static final int MOST_TRIES = 50;

    private Amending() {}

    /** The next version, made of the one that stands: who writes in between is neither overwritten nor told. */
    public static <T> Document<T> amend(Documents<T, ?> documents, String id, UnaryOperator<T> change) {
        for (int tries = 1; ; tries++) {
            Document<T> now = documents.get(id);
            try {
                return documents.save(id, now.version(), change.apply(now.value()), Optional.empty());
            } catch (StaleException overtaken) {
                if (tries == MOST_TRIES) throw overtaken;
            }
        }
    }
}
