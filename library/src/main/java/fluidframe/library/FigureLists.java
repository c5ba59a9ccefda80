package fluidframe.library;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Lists of levels in the open format {@code fluidframe/list@1}, and the one that ships. */
public final class FigureLists {
    private static final String FORMAT = "fluidframe/list@1";

    private FigureLists() {}

    /**
     * What came of reading a list.
     *
     * @param list empty if there are problems
     */
    public record Read(Optional<FigureList> list, List<Problem> problems) {}

    /** The list that ships: a starter, which gives way to the reader's own. */
    public static FigureList starter() {
        try (InputStream in = FigureLists.class.getResourceAsStream("/starter-list.yaml")) {
            Read read = read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
            return read.list()
                    .orElseThrow(() -> new IllegalStateException(read.problems().toString()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Reads a YAML or JSON text; every problem has its line and column. */
    public static Read read(String text) {
        try {
            SourceText source = SourceText.read(text);
            List<Problem> problems = new ArrayList<>();
            Optional<FigureList> list = list(source, problems);
            return new Read(problems.isEmpty() ? list : Optional.empty(), problems);
        } catch (SourceText.Unreadable e) {
            return new Read(Optional.empty(), List.of(e.problem()));
        }
    }

    private static Optional<FigureList> list(SourceText source, List<Problem> problems) {
        JsonNode root = source.root();
        if (!root.path("format").asText().equals(FORMAT)) {
            problems.add(source.problem("/format", "A list must begin with \"format: " + FORMAT + "\""));
            return Optional.empty();
        }
        refuseUnknown(source, root, "", Set.of("format", "name", "note", "levels"), problems);
        List<FigureList.Level> levels = new ArrayList<>();
        JsonNode array = root.path("levels");
        for (int i = 0; i < array.size(); i++) {
            String path = "/levels/" + i;
            refuseUnknown(source, array.get(i), path, Set.of("name", "figures"), problems);
            refuseOtherThanLists(source, array.get(i), path, problems);
            try {
                levels.add(new FigureList.Level(array.get(i).path("name").asText(), figures(array.get(i))));
            } catch (IllegalArgumentException e) {
                problems.add(source.problem(path, e.getMessage()));
            }
        }
        if (!problems.isEmpty()) return Optional.empty();
        try {
            return Optional.of(
                    new FigureList(root.path("name").asText(), root.path("note").asText(""), levels));
        } catch (IllegalArgumentException e) {
            problems.add(source.problem("/levels", e.getMessage()));
            return Optional.empty();
        }
    }

    private static void refuseUnknown(
            SourceText source, JsonNode object, String path, Set<String> known, List<Problem> problems) {
        object.fieldNames().forEachRemaining(key -> {
            if (!known.contains(key)) {
                problems.add(source.problem(path + "/" + key, "The key \"" + key + "\" is not known here"));
            }
        });
    }

    /** What is no list of names would be passed over, and its figures lost. */
    private static void refuseOtherThanLists(SourceText source, JsonNode level, String path, List<Problem> problems) {
        level.path("figures").properties().forEach(dance -> {
            if (!dance.getValue().isArray()) {
                problems.add(source.problem(
                        path + "/figures/" + dance.getKey(),
                        "The figures of a dance must be a list in brackets, such as [whisk, natural-turn]"));
            }
        });
    }

    private static List<String> figures(JsonNode level) {
        List<String> ids = new ArrayList<>();
        level.path("figures")
                .properties()
                .forEach(dance -> dance.getValue().forEach(figure -> ids.add(dance.getKey() + "." + figure.asText())));
        return ids;
    }

    /** The list as it is exchanged: figures by dance, without the dance in their names. */
    public static String toYaml(FigureList list) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("format", FORMAT).put("name", list.name());
        if (!list.note().isEmpty()) root.put("note", list.note());
        var levels = root.putArray("levels");
        for (FigureList.Level level : list.levels()) {
            ObjectNode object = levels.addObject().put("name", level.name());
            ObjectNode figures = object.putObject("figures");
            byDance(level).forEach((dance, ids) -> ids.forEach(figures.withArray(dance)::add));
        }
        return YamlText.print(root);
    }

    private static Map<String, List<String>> byDance(FigureList.Level level) {
        Map<String, List<String>> dances = new LinkedHashMap<>();
        for (String id : level.figures()) {
            int dot = id.indexOf('.');
            dances.computeIfAbsent(id.substring(0, dot), d -> new ArrayList<>()).add(id.substring(dot + 1));
        }
        return dances;
    }
}
