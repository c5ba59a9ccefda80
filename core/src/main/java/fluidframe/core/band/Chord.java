package fluidframe.core.band;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A chord by its name, such as {@code Bb7}.
 *
 * @param root half tones above C, 0 to 11
 * @param above half tones of its tones above the root, the root first
 */
public record Chord(int root, List<Integer> above) {
    private static final Pattern NAME = Pattern.compile("([A-G])([b#]?)(.*)");
    private static final Map<String, int[]> KINDS = Map.of(
            "", new int[] {0, 4, 7},
            "m", new int[] {0, 3, 7},
            "7", new int[] {0, 4, 7, 10},
            "m7", new int[] {0, 3, 7, 10},
            "6", new int[] {0, 4, 7, 9},
            "maj7", new int[] {0, 4, 7, 11});
    private static final String LETTERS = "C D EF G A B";
    private static final int OCTAVE = 12;

    public Chord {
        above = List.copyOf(above);
    }

    /**
     * Reads a name: a letter, a sharp or flat, and what kind of chord it is.
     *
     * @throws IllegalArgumentException if it is no chord that the band can play
     */
    public static Chord parse(String text) {
        Matcher name = NAME.matcher(text.trim());
        int[] kind = name.matches() ? KINDS.get(name.group(3)) : null;
        if (kind == null) {
            throw new IllegalArgumentException("A chord is a letter from A to G, b or # and one of "
                    + KINDS.keySet().stream().sorted().collect(Collectors.joining(" ")) + ", but was \"" + text + "\"");
        }
        int letter = LETTERS.indexOf(name.group(1));
        int shift = name.group(2).isEmpty() ? 0 : name.group(2).equals("#") ? 1 : -1;
        return new Chord(
                Math.floorMod(letter + shift, OCTAVE),
                Arrays.stream(kind).boxed().toList());
    }

    /** The lowest pitch of the root that is not below another. */
    public int rootFrom(int low) {
        return low + Math.floorMod(root - low, OCTAVE);
    }

    /** A tone by its number, 1 for the lowest one that is not below {@code low}, and up through the octaves. */
    public int tone(int number, int low) {
        int[] close = close(low);
        return close[(number - 1) % close.length] + OCTAVE * ((number - 1) / close.length);
    }

    /** All its tones as close together as they come, from a pitch up. */
    public int[] close(int low) {
        return above.stream()
                .mapToInt(step -> low + Math.floorMod(root + step - low, OCTAVE))
                .sorted()
                .toArray();
    }

    /** Half tones from the root to its third, fifth or what it has as the fourth tone; the octave where it has none. */
    int step(int nth) {
        return nth < above.size() ? above.get(nth) : OCTAVE;
    }
}
