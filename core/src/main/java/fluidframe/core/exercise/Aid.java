package fluidframe.core.exercise;

import java.util.List;

/**
 * A drill or a card that helps with a part of a lesson.
 *
 * @param kind drill or card
 * @param name it had when it was chosen
 */
public record Aid(String kind, String id, String name) {
    private static final List<String> KINDS = List.of("drill", "card");

    public Aid {
        if (!KINDS.contains(kind)) {
            throw new IllegalArgumentException(
                    "What helps with a part of a lesson is a drill or a card, but was a \"" + kind + "\"");
        }
        if (id.isBlank() || name.isBlank()) throw new IllegalArgumentException("Say which " + kind + " helps");
    }
}
