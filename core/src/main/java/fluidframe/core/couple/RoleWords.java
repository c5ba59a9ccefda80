package fluidframe.core.couple;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The words for the two roles in sentences. Studios may say leader and follower, so the core's sentences name the roles by
 * placeholders, such as {@code {man}} or {@code {her}}, which whoever shows them fills. What a coach has written has none.
 */
public final class RoleWords {
    private static final Pattern PLACEHOLDER = Pattern.compile("\\{([a-z]+)}");
    private static final Map<String, String> USUAL =
            Map.of("man", "man", "lady", "lady", "he", "he", "she", "she", "his", "his", "her", "her");

    private RoleWords() {}

    /** The sentence with the roles named as in the technique, man and lady. */
    public static String plain(String told) {
        return PLACEHOLDER
                .matcher(told)
                .replaceAll(found -> Matcher.quoteReplacement(USUAL.getOrDefault(found.group(1), found.group())));
    }
}
