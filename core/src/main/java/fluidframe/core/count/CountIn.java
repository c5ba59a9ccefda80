package fluidframe.core.count;

import java.util.List;
import java.util.stream.IntStream;

/**
 * What is counted before the dancing begins: the beats of the bar by their numbers, one bar of a slow dance and two of a
 * quick one, so that there is time to take the hold. It leads to the beat on which the dancing begins, whichever it is.
 *
 * @param bars how many
 * @param words for the beats of a bar, from its first
 */
public record CountIn(int bars, List<String> words) {
    /** A bar shorter than this, in seconds, is too short to get ready in. */
    private static final double SHORT_BAR = 1.5;

    private static final double SECONDS = 60;

    public CountIn {
        words = List.copyOf(words);
    }

    /** For a dance at so many bars a minute. */
    public static CountIn of(Dance dance, double barsPerMinute) {
        return new CountIn(
                SECONDS / barsPerMinute < SHORT_BAR ? 2 : 1,
                IntStream.rangeClosed(1, dance.beatsPerBar())
                        .mapToObj(SpokenCount::number)
                        .toList());
    }
}
