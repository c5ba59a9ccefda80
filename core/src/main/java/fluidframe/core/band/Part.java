package fluidframe.core.band;

import java.util.ArrayList;
import java.util.List;

/**
 * What one instrument plays, written as cells of equal length: a sign for a sound, {@code -} where the one before is held,
 * {@code .} for a rest; bars are parted by {@code |} and spaces mean nothing.
 *
 * <p>Signs for what is struck and for chords: {@code o} soft, {@code x}, {@code X} accented. For a bass: {@code R} root,
 * {@code T} third, {@code F} fifth, {@code L} the fifth below, {@code S} the fourth tone of the chord, {@code O} octave,
 * {@code A} half a tone below the next root. Any pitched instrument but a bass may also play single tones of the chord by
 * their numbers from {@code 1} to {@code 9}.
 *
 * @param bars the cells of each bar
 */
public record Part(Instrument instrument, List<String> bars) {
    private static final String STRUCK = "oxX.";
    private static final String LOW = "RTFLSOA.-";
    private static final String TONES = "oxX.-123456789";

    public Part {
        bars = List.copyOf(bars);
    }

    /**
     * Reads what an instrument plays.
     *
     * @param cells in every bar
     * @throws IllegalArgumentException if a bar has other than so many cells or a sign that the instrument does not know
     */
    public static Part parse(Instrument instrument, String text, int cells) {
        List<String> bars = new ArrayList<>();
        String known = instrument.isBass() ? LOW : instrument.isPitched() ? TONES : STRUCK;
        for (String written : text.split("\\|")) {
            String bar = written.replace(" ", "");
            if (bar.length() != cells) {
                throw new IllegalArgumentException("Bar " + (bars.size() + 1) + " of the " + instrument + " has "
                        + bar.length() + " cells, but must have " + cells + ": \"" + bar + "\"");
            }
            for (char sign : bar.toCharArray()) {
                if (known.indexOf(sign) < 0) {
                    throw new IllegalArgumentException("The " + instrument + " plays one of " + known + ", but bar "
                            + (bars.size() + 1) + " says \"" + sign + "\"");
                }
            }
            bars.add(bar);
        }
        return new Part(instrument, bars);
    }

    /** A bar of the phrase; what is shorter than the phrase is repeated. */
    String bar(int nth) {
        return bars.get(nth % bars.size());
    }
}
