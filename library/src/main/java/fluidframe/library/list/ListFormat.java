package fluidframe.library.list;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.list.FigureList;
import fluidframe.library.text.Cells;
import fluidframe.library.text.Format;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Lists of levels in the open format {@code fluidframe/list@1}, and the one that ships. */
public final class ListFormat extends Format<FigureList> {
    public static final ListFormat LIST = new ListFormat();

    private ListFormat() {
        super("list");
    }

    /** The list that ships: a starter, which gives way to the reader's own. */
    public static FigureList starter() {
        try (InputStream in = ListFormat.class.getResourceAsStream("/starter-list.yaml")) {
            return LIST.read(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .orThrow(problems -> new IllegalStateException(problems.toString()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    protected FigureList contents(JsonNode root, Cells cells) {
        List<FigureList.Level> levels = cells.objects(
                root,
                "",
                "levels",
                (level, path) -> cells.build(
                        path, () -> new FigureList.Level(level.path("name").asText(), figures(level))));
        return new FigureList(root.path("name").asText(), root.path("note").asText(""), levels);
    }

    private static List<String> figures(JsonNode level) {
        List<String> ids = new ArrayList<>();
        level.path("figures")
                .properties()
                .forEach(dance -> dance.getValue().forEach(figure -> ids.add(dance.getKey() + "." + figure.asText())));
        return ids;
    }

    /** Figures by dance, without the dance in their names. */
    @Override
    public ObjectNode toJson(FigureList list) {
        ObjectNode root = begun();
        root.put("name", list.name());
        if (!list.note().isEmpty()) root.put("note", list.note());
        ArrayNode levels = root.putArray("levels");
        for (FigureList.Level level : list.levels()) {
            ObjectNode object = levels.addObject().put("name", level.name());
            ObjectNode figures = object.putObject("figures");
            byDance(level).forEach(figures::set);
        }
        return root;
    }

    private static Map<String, ArrayNode> byDance(FigureList.Level level) {
        Map<String, ArrayNode> dances = new LinkedHashMap<>();
        for (String id : level.figures()) {
            int dot = id.indexOf('.');
            dances.computeIfAbsent(id.substring(0, dot), dance -> JsonNodeFactory.instance.arrayNode())
                    .add(id.substring(dot + 1));
        }
        return dances;
    }

    @Override
    protected ObjectNode blank() {
        ObjectNode blank = begun().put("name", "Unnamed");
        blank.putArray("levels").addObject().put("name", "Level 1");
        return blank;
    }
}
