package fluidframe.core.step;

import fluidframe.core.words.Nearest;
import java.util.Arrays;
import java.util.Locale;
import java.util.function.Function;

/** Looks up a constant of a closed set by the words that coaches use for it, and refuses others with the list. */
final class Words {
    private Words() {}

    static <E extends Enum<E>> E find(Class<E> type, Function<E, String[]> words, String what, String text) {
        String wanted = text.trim().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        return Arrays.stream(type.getEnumConstants())
                .filter(constant -> Arrays.stream(words.apply(constant))
                        .anyMatch(word -> word.toLowerCase(Locale.ROOT).equals(wanted)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(Nearest.refusal(
                        what,
                        Arrays.stream(type.getEnumConstants())
                                .map(constant -> words.apply(constant)[0])
                                .toList(),
                        text)));
    }
}
