package fluidframe.core.chart;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** For whom a remark is, from those who dance a figure for the first time on; a sheet for beginners leaves the rest out. */
public enum Detail {
    FIRST_LESSON("first lesson"),
    SETTLED("settled"),
    ADVANCED("advanced");

    private final String words;

    Detail(String words) {
        this.words = words;
    }

    /** Reads the words; the inverse of {@link #toString()}. */
    public static Detail parse(String text) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        return Arrays.stream(values())
                .filter(detail -> detail.words.equals(wanted))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("For whom a remark is must be one of "
                        + Arrays.stream(values()).map(Detail::toString).collect(Collectors.joining(", "))
                        + ", but was \"" + text.strip() + "\""));
    }

    /** Whether who wants so much detail reads a remark of the other. */
    public boolean includes(Detail remark) {
        return remark.compareTo(this) <= 0;
    }

    @Override
    public String toString() {
        return words;
    }
}
