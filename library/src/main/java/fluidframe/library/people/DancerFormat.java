package fluidframe.library.people;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.people.Dancer;
import fluidframe.library.text.Cells;
import fluidframe.library.text.Format;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalInt;

/** Dancers in the open format {@code fluidframe/dancer@1}. */
public final class DancerFormat extends Format<Dancer> {
    public static final DancerFormat DANCER = new DancerFormat();

    private DancerFormat() {
        super("dancer");
    }

    @Override
    protected Dancer contents(JsonNode root, Cells cells) {
        Map<Dance, String> levels = new LinkedHashMap<>();
        cells.objects(
                root,
                "",
                "levels",
                (level, path) -> cells.read(level, path, "dance", Dance::parse)
                        .map(dance ->
                                levels.put(dance, level.path("level").asText().strip())));
        return new Dancer(
                root.path("name").asText().strip(),
                cells.list(root, "", "roles", Role::parse),
                root.has("heightCm") ? OptionalInt.of(root.path("heightCm").asInt()) : OptionalInt.empty(),
                levels,
                root.path("note").asText(""));
    }

    @Override
    public ObjectNode toJson(Dancer dancer) {
        ObjectNode root = begun().put("name", dancer.name());
        Parts.roles(root, dancer.roles());
        dancer.heightCm().ifPresent(cm -> root.put("heightCm", cm));
        ArrayNode levels = root.putArray("levels");
        dancer.levels()
                .forEach((dance, level) ->
                        levels.addObject().put("dance", dance.toString()).put("level", level));
        if (!dancer.note().isBlank()) root.put("note", dancer.note());
        return root;
    }

    @Override
    protected ObjectNode blank() {
        return begun().put("name", "Unnamed");
    }
}
