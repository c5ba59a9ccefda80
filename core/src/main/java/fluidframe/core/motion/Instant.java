package fluidframe.core.motion;

/** When in a row something of the body happens, from the words of a count. */
final class Instant {
    private static final double HALF = 0.5;
    private static final double QUARTER = 0.25;

    private Instant() {}

    /**
     * The beat meant by {@code "on 2"}, {@code "& before 3"}, {@code "a before 3"}, {@code "before 3"}, {@code "after 2"}
     * or {@code "at end"}; blank, or a beat that the row does not have, is its middle.
     *
     * @param onset when the row begins, in beats from the first of a bar
     */
    static double of(String words, double onset, double end, int beatsPerBar) {
        double middle = (onset + end) / 2;
        if (words.equals("at end")) return end - 0.15 * (end - onset);
        String number = words.substring(words.lastIndexOf(' ') + 1);
        if (!number.matches("\\d+")) return middle;
        double offset = words.startsWith("&")
                ? -HALF
                : words.startsWith("a ") || words.startsWith("before")
                        ? -QUARTER
                        : words.startsWith("after") ? QUARTER : 0;
        double beat = Integer.parseInt(number) - 1 + offset;
        double into = ((beat - onset) % beatsPerBar + beatsPerBar) % beatsPerBar;
        return onset + into <= end + 1e-6 ? onset + into : middle;
    }
}
