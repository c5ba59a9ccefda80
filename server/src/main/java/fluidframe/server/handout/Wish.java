package fluidframe.server.handout;

import fluidframe.core.chart.Column;
import fluidframe.core.chart.Layer;
import fluidframe.core.count.CountLanguage;
import fluidframe.core.couple.Role;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * How somebody wants a sheet.
 *
 * @param paper A4 or Letter
 * @param large whether in large print
 * @param leaderAndFollower whether the roles are called so
 * @param role whose part; empty for both
 * @param count in which language it is counted; empty for as charted
 * @param folded layers that are left out
 */
public record Wish(
        Paper paper,
        boolean large,
        boolean leaderAndFollower,
        Optional<Role> role,
        Optional<CountLanguage> count,
        Set<Layer> folded) {
    /** Sizes of paper. */
    public enum Paper {
        A4,
        LETTER;

        static Paper parse(String text) {
            return Arrays.stream(values())
                    .filter(paper -> paper.name().equalsIgnoreCase(text))
                    .findFirst()
                    .orElseThrow(() ->
                            new IllegalArgumentException("The paper must be A4 or Letter, but was \"" + text + "\""));
        }
    }

    private static final Pattern PLACEHOLDER = Pattern.compile("\\{([a-zA-Z]+)}");
    private static final Pattern ROLE = Pattern.compile("\\b(man|lady|he|she)\\b", Pattern.CASE_INSENSITIVE);
    private static final Map<String, String> SPOKEN =
            Map.of("man", "man", "lady", "lady", "he", "he", "she", "she", "his", "his", "her", "her");
    private static final Map<String, String> LED = Map.of(
            "man", "leader",
            "lady", "follower",
            "he", "the leader",
            "she", "the follower",
            "his", "the leader's",
            "her", "the follower's");

    public Wish {
        folded = Set.copyOf(folded);
    }

    /** As it stands in an address; blank for what is usual. */
    static Wish of(String paper, boolean large, String roles, String role, String count, String folded) {
        Set<Layer> layers = EnumSet.noneOf(Layer.class);
        for (String layer : folded.split(",")) {
            if (layer.isBlank()) continue;
            layers.add(Arrays.stream(Layer.values())
                    .filter(one -> one.toString().equals(layer))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("A layer must be one of "
                            + Arrays.toString(Layer.values()) + ", but was \"" + layer + "\"")));
        }
        return new Wish(
                paper.isBlank() ? Paper.A4 : Paper.parse(paper),
                large,
                roles.equals("leader-follower"),
                Optional.of(role).filter(words -> !words.isBlank()).map(Role::parse),
                Optional.of(count).filter(words -> !words.isBlank()).map(CountLanguage::parse),
                layers);
    }

    /** A role as this reader says it. */
    String role(Role of) {
        return (leaderAndFollower ? LED : SPOKEN).get(of.toString());
    }

    String capital(Role of) {
        return capital(role(of));
    }

    private static String capital(String word) {
        return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }

    /** A sentence whose placeholders are filled with the roles as this reader says them. */
    String say(String told) {
        return PLACEHOLDER.matcher(told).replaceAll(found -> java.util.regex.Matcher.quoteReplacement(word(found)));
    }

    /** What a shipped chart says in the words of the technique, told over for this reader. */
    String tell(String text) {
        return leaderAndFollower
                ? ROLE.matcher(text).replaceAll(found -> java.util.regex.Matcher.quoteReplacement(word(found)))
                : text;
    }

    private String word(MatchResult found) {
        String key = found.group(1);
        String word = (leaderAndFollower ? LED : SPOKEN).get(key.toLowerCase(Locale.ROOT));
        if (word == null) return found.group();
        return Character.isUpperCase(key.charAt(0)) ? capital(word) : word;
    }

    private boolean shows(Layer layer) {
        return !folded.contains(layer);
    }

    /** What is read of a step besides its count, foot and placement, by the layers that are wanted. */
    List<Column> columns() {
        return Arrays.stream(Column.values())
                .filter(column -> column != Column.SAY && !column.isRequired() && shows(column.layer()))
                .toList();
    }

    /** The filled cells of a step as one line; where a cell does not say what it is of, its column is named. */
    String told(Map<Column, String> cells) {
        List<String> told = columns().stream()
                .filter(cells::containsKey)
                .map(column -> told(column, cells.get(column)))
                .toList();
        return say(String.join(" · ", told));
    }

    private String told(Column column, String cell) {
        return switch (column) {
            case CBM -> cell.equals("yes") ? "CBM" : "CBM " + cell;
            case SWAY, HEAD -> column + " " + cell;
            case LEAD, NOTE -> tell(cell);
            default -> cell;
        };
    }
}
