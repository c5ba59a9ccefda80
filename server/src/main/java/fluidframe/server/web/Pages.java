package fluidframe.server.web;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/** Which paths are pages of the front end; a test holds this against its routes. */
final class Pages {
    /** Places with one page. */
    static final Set<String> PLACES = Set.of(
            "backups",
            "bin",
            "classes",
            "compare",
            "coverage",
            "drills",
            "elements",
            "events",
            "figures",
            "glossary",
            "lessons",
            "links",
            "lists",
            "people",
            "practice",
            "recall",
            "rehearse",
            "routines",
            "rules",
            "shared",
            "sharing",
            "sheet",
            "songs",
            "sounds",
            "strips");

    /** Places whose things have a page each. */
    static final List<String> WITH_THINGS = List.of(
            "cards",
            "classes",
            "dancers",
            "drills",
            "events",
            "figures",
            "lessons",
            "people",
            "practice",
            "routines",
            "songs");

    /** Pages of a thing besides its own. */
    static final Map<String, String> OF_A_THING = Map.of("routines", "sheet", "lessons", "summary", "classes", "floor");

    /** What can be printed, each of a thing. */
    static final Set<String> SHEETS =
            Set.of("figure", "comparison", "routine", "part", "syllabus", "lesson", "practice", "class", "cards");

    /** Places with a page for each thing of several kinds. */
    static final Map<String, Set<String>> OF_KINDS =
            Map.of("print", SHEETS, "shared", Set.of("figure", "routine", "practice", "class"));

    /** Figure ids hold dots, so only endings that the front end's files have count as assets. */
    private static final Pattern ASSET = Pattern.compile("\\.(js|css|map|json|svg|png|ico|txt|html|woff2?)$");

    private Pages() {}

    /** Whether there is something to see at an absolute path: a page or a file. */
    static boolean isOne(String path) {
        String[] words = path.replaceAll("^/+|/+$", "").split("/", -1);
        if (words.length == 1) {
            return words[0].isEmpty()
                    || PLACES.contains(words[0])
                    || ASSET.matcher(words[0]).find();
        }
        if (words.length == 3) {
            return words[2].equals(OF_A_THING.get(words[0]))
                    || OF_KINDS.getOrDefault(words[0], Set.of()).contains(words[1]);
        }
        return words.length == 2 && WITH_THINGS.contains(words[0]);
    }

    /** Whether a path below the root is answered with the page, which then shows what it is or that it is nothing. */
    static boolean isPageOrUnknown(String path) {
        return !path.startsWith("api/")
                && !path.startsWith("v3/")
                && !ASSET.matcher(path).find();
    }
}
