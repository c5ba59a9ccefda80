package fluidframe.core.lesson;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** The parts of teaching something, in the order of work. */
public enum Stage {
    WHOLE("Whole, with the count", 2, 0),
    COUNT(
            "The count",
            2,
            0,
            "late",
            "early",
            "rushed",
            "rush",
            "timing",
            "count",
            "slow",
            "quick",
            "beat",
            "hurried",
            "time"),
    FEET("Feet of one role", 4, 0),
    OTHER_FEET("Feet of the other role", 4, 0),
    TURN(
            "Alignment and turn",
            3,
            0,
            "turn",
            "turned",
            "overturned",
            "underturned",
            "alignment",
            "facing",
            "backing",
            "angle",
            "direction"),
    FOOTWORK("Footwork", 3, 1, "heel", "toe", "ball", "foot", "edge", "flat", "lowered", "lowering", "ankle"),
    BODY(
            "Body",
            2,
            2,
            "sway",
            "rise",
            "hip",
            "hips",
            "shoulder",
            "head",
            "back",
            "frame",
            "elbow",
            "poise",
            "posture",
            "knee",
            "arms"),
    LEAD("Lead and follow", 3, 1, "lead", "led", "follow", "pulled", "pushed", "arm", "hand", "hold", "balance"),
    SLOWLY("Together, slowly", 4, 0, "slowly"),
    WITH_COUNT("Together, with the count", 3, 0),
    TO_MUSIC("To music", 3, 0, "music", "song"),
    UP_TO_SPEED("Up to speed", 2, 0, "speed", "tempo", "fast"),
    LINK("Linked", 3, 0, "link", "joined", "before", "after", "into"),
    RECAP("Said again, and what comes next", 2, 0);

    private final String title;
    private final int weight;
    private final int depth;
    private final Set<String> words;

    Stage(String title, int weight, int depth, String... words) {
        this.title = title;
        this.weight = weight;
        this.depth = depth;
        this.words = Set.of(words);
    }

    /** Reads the name as documents carry it, such as {@code "to music"}. */
    public static Stage parse(String text) {
        return Arrays.stream(values())
                .filter(stage -> stage.toString().equals(text.strip()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("A part of a lesson must be one of "
                        + Arrays.stream(values()).map(Stage::toString).collect(Collectors.joining(", "))
                        + ", but was \"" + text + "\""));
    }

    /** In which part a fault or a promise said in these words is worked on: the first word that tells; otherwise the feet. */
    public static Stage of(String said) {
        for (String word : said.toLowerCase(Locale.ROOT).split("[^a-z]+")) {
            for (Stage stage : values()) if (stage.words.contains(word)) return stage;
        }
        return FEET;
    }

    public String title() {
        return title;
    }

    /** What of something new is taught: feet first, footwork and lead from the second level, the body from the third. */
    static List<Stage> ofNew(int depth, boolean solo) {
        return Arrays.stream(values())
                .filter(stage -> stage.depth <= depth && stage != LINK && stage != RECAP)
                .filter(stage -> !solo || (stage != OTHER_FEET && stage != LEAD))
                .toList();
    }

    /** How much of a lesson it takes beside the others. */
    int weight() {
        return weight;
    }

    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
