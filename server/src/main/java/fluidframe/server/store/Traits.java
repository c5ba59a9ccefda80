package fluidframe.server.store;

import fluidframe.library.text.Format;
import java.util.Optional;
import java.util.Set;

/**
 * What the store has to know of one kind of document.
 *
 * @param <T> the core's value
 * @param <S> what a list shows of one, a record of plain values; kept beside it, so that a list reads no whole texts
 */
public interface Traits<T, S> {
    Kind kind();

    Format<T> format();

    String name(T value);

    /** The id that the value itself carries; empty where the store gives one. */
    default Optional<String> id(T value) {
        return Optional.empty();
    }

    /** The dance by which lists are narrowed; empty where there is none. */
    default String dance(T value) {
        return "";
    }

    /** What is looked through when somebody searches. */
    default String words(T value) {
        return name(value);
    }

    default Set<Ref> uses(T value) {
        return Set.of();
    }

    Class<S> summaryType();

    /** Whether no two may go by one name. */
    default boolean isNameUnique() {
        return false;
    }

    /** Whether what lists show of other documents depends on this kind. */
    default boolean isUsedInSummaries() {
        return false;
    }

    /** Whether what lists show of one depends on what it uses, and has to be worked out anew when that changes. */
    default boolean isSummaryOfUsed() {
        return false;
    }

    /** Worked out outside of any transaction, and anew when something it uses or the application has changed. */
    S summary(T value);
}
