package fluidframe.library.exercise;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.count.Dance;
import fluidframe.core.exercise.Drill;
import fluidframe.library.text.Cells;
import fluidframe.library.text.Format;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.function.Function;

/** Drills in the open format {@code fluidframe/drill@1}. */
public final class DrillFormat extends Format<Drill> {
    public static final DrillFormat DRILL = new DrillFormat();

    private static final int USUAL_MINUTES = 3;

    private DrillFormat() {
        super("drill");
    }

    @Override
    protected Drill contents(JsonNode root, Cells cells) {
        return new Drill(
                root.path("name").asText().strip(),
                cells.list(root, "", "dances", Dance::parse),
                Drill.Who.valueOf(root.path("who").asText("alone").toUpperCase(Locale.ROOT)),
                root.path("purpose").asText(),
                root.path("count").asText(""),
                root.has("tempo") ? OptionalDouble.of(root.path("tempo").asDouble()) : OptionalDouble.empty(),
                root.path("repeats").asInt(1),
                root.path("minutes").asInt(USUAL_MINUTES),
                cells.list(root, "", "steps", Function.identity()),
                cells.list(root, "", "cautions", Function.identity()),
                cells.list(root, "", "against", Function.identity()),
                root.path("loop").asText(""));
    }

    @Override
    public ObjectNode toJson(Drill drill) {
        ObjectNode root = begun().put("name", drill.name());
        Parts.texts(root, "dances", drill.dances());
        root.put("who", drill.who().name().toLowerCase(Locale.ROOT)).put("purpose", drill.purpose());
        if (!drill.count().isBlank()) root.put("count", drill.count());
        drill.tempo().ifPresent(tempo -> root.put("tempo", tempo));
        root.put("repeats", drill.repeats()).put("minutes", drill.minutes());
        Parts.texts(root, "steps", drill.steps());
        Parts.texts(root, "cautions", drill.cautions());
        if (!drill.against().isEmpty()) Parts.texts(root, "against", drill.against());
        if (!drill.loop().isBlank()) root.put("loop", drill.loop());
        return root;
    }

    @Override
    protected ObjectNode blank() {
        ObjectNode blank = begun().put("name", "Unnamed").put("purpose", "unknown");
        blank.putArray("cautions").add("Pain is a signal to stop.");
        return blank;
    }
}
