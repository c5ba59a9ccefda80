package fluidframe.core.exercise;

import fluidframe.core.chart.Start;
import fluidframe.core.count.Dance;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** The drills and cards there are, and which of them helps with what. Nothing is proposed that does not say so itself. */
public record Exercises(List<Shelved<Drill>> drills, List<Shelved<SetUp>> cards) {
    public static final Exercises NONE = new Exercises(List.of(), List.of());

    private static final int SHORTEST_STEM = 4;
    private static final int LONGEST_ENDING = 3;

    /** Something under its id. */
    public record Shelved<T>(String id, T value) {}

    public Exercises {
        drills = List.copyOf(drills);
        cards = List.copyOf(cards);
    }

    /**
     * The drill that is against what was seen: all words of one of its phrases are said. Of several the one with the longer
     * phrase, then one made for the dance.
     *
     * @param dance of what is danced; empty where it is not known, and only drills for any dance count
     * @param alone whether there is nobody to do a couple's drill with
     */
    public Optional<Aid> against(String seen, Optional<Dance> dance, boolean alone) {
        List<String> said = words(seen);
        return drills.stream()
                .filter(drill -> !alone || drill.value().who() == Drill.Who.ALONE)
                .filter(drill -> isFor(drill.value().dances(), dance) && spoken(drill.value(), said) > 0)
                .max(Comparator.comparingInt((Shelved<Drill> drill) -> spoken(drill.value(), said))
                        .thenComparing(drill -> !drill.value().dances().isEmpty())
                        .thenComparing(Shelved::id, Comparator.reverseOrder()))
                .map(found -> new Aid("drill", found.id(), found.value().name()));
    }

    /** The card for standing as a figure begins; one that names the position before one that names the hold alone. */
    public Optional<Aid> standing(Start start, Dance dance) {
        return cards.stream()
                .filter(card -> isFor(card.value().dances(), Optional.of(dance))
                        && card.value().isAbout(start.position(), start.hold()))
                .max(Comparator.comparing((Shelved<SetUp> card) ->
                                !card.value().positions().isEmpty())
                        .thenComparing(card -> !card.value().holds().isEmpty())
                        .thenComparing(card -> !card.value().dances().isEmpty())
                        .thenComparing(Shelved::id, Comparator.reverseOrder()))
                .map(found -> new Aid("card", found.id(), found.value().name()));
    }

    private static boolean isFor(List<Dance> dances, Optional<Dance> dance) {
        return dances.isEmpty() || dance.map(dances::contains).orElse(false);
    }

    /** How many words the longest of its phrases has that are all said. */
    private static int spoken(Drill drill, List<String> said) {
        return drill.against().stream()
                .map(Exercises::words)
                .filter(phrase ->
                        phrase.stream().allMatch(word -> said.stream().anyMatch(other -> areKin(word, other))))
                .mapToInt(List::size)
                .max()
                .orElse(0);
    }

    private static List<String> words(String text) {
        return Stream.of(text.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"))
                .filter(word -> !word.isEmpty())
                .distinct()
                .toList();
    }

    /** Whether two words are forms of one: turn and turning, lowered and lowering, hip and hips. */
    private static boolean areKin(String one, String other) {
        if (one.equals(other) || one.equals(other + "s") || other.equals(one + "s")) return true;
        int shorter = Math.min(one.length(), other.length());
        int shared = 0;
        while (shared < shorter && one.charAt(shared) == other.charAt(shared)) shared++;
        int longer = Math.max(one.length(), other.length());
        return shared >= SHORTEST_STEM && longer - shared <= LONGEST_ENDING;
    }
}
