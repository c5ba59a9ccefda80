package fluidframe.server.store;

import com.fasterxml.jackson.core.JsonProcessingException;
import java.util.Locale;
import java.util.stream.Collectors;

/** Works out what is kept beside a document's text: by what it is found, what it uses and what a list shows of it. */
final class Describing<T, S> {
    /** Of what depends on nothing but itself. */
    private static final long INDEPENDENT = -1;

    private final Traits<T, S> traits;
    private final DocumentStore store;

    Describing(Traits<T, S> traits, DocumentStore store) {
        this.traits = traits;
        this.store = store;
    }

    Traits<T, S> traits() {
        return traits;
    }

    /**
     * Everything there is to say of a value, and what of it a list shows.
     *
     * @param generation of what documents use, as it was when this was begun
     */
    record Described<S>(DocumentRow.Content content, S summary, long generation) {
        boolean isOutdated(DocumentStore store) {
            return generation != INDEPENDENT && generation != store.generation();
        }
    }

    Described<S> of(T value) {
        long generation = traits.isSummaryOfUsed() ? store.generation() : INDEPENDENT;
        S summary = traits.summary(value);
        DocumentRow.Content bare = bare(value);
        DocumentRow.Content content = new DocumentRow.Content(
                bare.name(), bare.dance(), bare.words(), bare.text(), bare.uses(), json(summary), store.stamp());
        return new Described<>(content, summary, generation);
    }

    /** Without what lists show. */
    DocumentRow.Content bare(T value) {
        return new DocumentRow.Content(
                traits.name(value),
                traits.dance(value),
                cut(traits.words(value).toLowerCase(Locale.ROOT)),
                traits.format().toJson(value).toString(),
                traits.uses(value).stream()
                        .map(ref -> new DocumentRow.Use(ref.kind().toString(), ref.id()))
                        .collect(Collectors.toSet()),
                null,
                "");
    }

    private static String cut(String words) {
        return words.substring(0, Math.min(words.length(), DocumentStore.MOST_WORDS));
    }

    private String json(Object plain) {
        try {
            return store.mapper().writeValueAsString(plain);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A summary is plain values", e);
        }
    }
}
