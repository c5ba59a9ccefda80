package fluidframe.server.handout;

import fluidframe.core.couple.Role;
import java.util.Locale;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a reader calls the two roles. */
public enum RoleWords {
    MAN_AND_LADY(Map.of("man", "man", "lady", "lady", "he", "he", "she", "she", "his", "his", "her", "her")),
    LEADER_AND_FOLLOWER(Map.of(
            "man", "leader",
            "lady", "follower",
            "he", "the leader",
            "she", "the follower",
            "his", "the leader's",
            "her", "the follower's"));

    private static final Pattern PLACEHOLDER = Pattern.compile("\\{([a-zA-Z]+)}");
    private static final Pattern ROLE = Pattern.compile("\\b(man|lady|he|she)\\b", Pattern.CASE_INSENSITIVE);

    private final Map<String, String> words;

    RoleWords(Map<String, String> words) {
        this.words = words;
    }

    /** As an address says it: {@code leader-follower}, or anything else for the usual. */
    public static RoleWords of(String roles) {
        return roles.equals("leader-follower") ? LEADER_AND_FOLLOWER : MAN_AND_LADY;
    }

    /** What stands for each placeholder. */
    public Map<String, String> words() {
        return words;
    }

    String role(Role of) {
        return words.get(of.toString());
    }

    String capital(Role of) {
        return capital(role(of));
    }

    private static String capital(String word) {
        return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }

    /** A sentence whose placeholders are filled with the roles as this reader says them. */
    public String say(String told) {
        return PLACEHOLDER.matcher(told).replaceAll(found -> Matcher.quoteReplacement(word(found)));
    }

    /** What a shipped chart says in the words of the technique, told over for this reader. */
    String tell(String text) {
        return this == MAN_AND_LADY
                ? text
                : ROLE.matcher(text).replaceAll(found -> Matcher.quoteReplacement(word(found)));
    }

    private String word(MatchResult found) {
        String key = found.group(1);
        String word = words.get(key.toLowerCase(Locale.ROOT));
        if (word == null) return found.group();
        return Character.isUpperCase(key.charAt(0)) ? capital(word) : word;
    }
}
