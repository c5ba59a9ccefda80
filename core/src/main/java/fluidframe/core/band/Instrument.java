package fluidframe.core.band;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** Who plays; the first ones play pitches, the others are struck. */
public enum Instrument {
    BASS,
    TUBA,
    KEYS,
    STRINGS,
    REED,
    GUITAR,
    BRASS,
    KICK,
    SNARE,
    BRUSH,
    HAT,
    RIDE,
    CYMBAL,
    SHAKER,
    SCRAPER,
    CLAVES,
    BELL,
    CONGA_LOW,
    CONGA_HIGH,
    SURDO,
    TAMBOURINE,
    CASTANETS,
    BLOCK;

    /** Reads a name such as {@code conga low}; the inverse of {@link #toString()}. */
    public static Instrument parse(String text) {
        return Arrays.stream(values())
                .filter(one -> one.toString().equals(text.trim()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("An instrument must be one of "
                        + Arrays.stream(values()).map(Instrument::toString).collect(Collectors.joining(", "))
                        + ", but was \"" + text + "\""));
    }

    /** Whether it plays pitches. */
    public boolean isPitched() {
        return compareTo(KICK) < 0;
    }

    /** Whether it plays single low notes. */
    boolean isBass() {
        return this == BASS || this == TUBA;
    }

    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
