package fluidframe.library.event;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.count.Dance;
import fluidframe.core.count.TempoBand;
import fluidframe.core.couple.Hold;
import fluidframe.core.event.EventTerms;
import fluidframe.library.text.Cells;
import fluidframe.library.text.Format;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Events in the open format {@code fluidframe/event@1}; what is not asked for is left out. */
public final class EventFormat extends Format<EventTerms> {
    public static final EventFormat EVENT = new EventFormat();

    private EventFormat() {
        super("event");
    }

    @Override
    protected EventTerms contents(JsonNode root, Cells cells) {
        Optional<EventTerms.Size> size = root.has("length") && root.has("width")
                ? Optional.of(new EventTerms.Size(
                        root.path("length").asDouble(), root.path("width").asDouble()))
                : Optional.empty();
        return new EventTerms(
                root.path("name").asText().strip(),
                root.path("note").asText(""),
                cells.read(root, "", "date", Cells::date),
                root.path("list").asText(),
                root.path("level").asText(""),
                root.path("leastSeconds").asInt(0),
                root.path("mostSeconds").asInt(0),
                tempos(root, cells),
                size,
                cells.list(root, "", "barred", Function.identity()),
                root.path("freeElements").asBoolean(false),
                cells.list(root, "", "barredHolds", Hold::parse));
    }

    private static Map<Dance, TempoBand> tempos(JsonNode root, Cells cells) {
        Map<Dance, TempoBand> tempos = new LinkedHashMap<>();
        cells.objects(root, "", "dances", (band, path) -> {
            Optional<Dance> dance = cells.read(band, path, "dance", Dance::parse);
            dance.filter(tempos::containsKey)
                    .ifPresent(twice -> cells.refuse(path + "/dance", twice + " must stand once, but stands twice"));
            return dance.flatMap(danced -> cells.build(path, () -> band(band)).map(tempo -> tempos.put(danced, tempo)));
        });
        return tempos;
    }

    private static TempoBand band(JsonNode band) {
        return new TempoBand(
                band.path("slowest").asDouble(), band.path("fastest").asDouble());
    }

    @Override
    public ObjectNode toJson(EventTerms terms) {
        ObjectNode root = begun();
        root.put("name", terms.name());
        if (!terms.note().isBlank()) root.put("note", terms.note());
        terms.date().ifPresent(date -> root.put("date", date.toString()));
        root.put("list", terms.list());
        if (!terms.level().isBlank()) root.put("level", terms.level());
        if (terms.leastSeconds() > 0) root.put("leastSeconds", terms.leastSeconds());
        if (terms.mostSeconds() > 0) root.put("mostSeconds", terms.mostSeconds());
        ArrayNode dances = root.putArray("dances");
        terms.tempos()
                .forEach((dance, band) -> dances.addObject()
                        .put("dance", dance.toString())
                        .put("slowest", band.slowest())
                        .put("fastest", band.fastest()));
        terms.floor().ifPresent(size -> root.put("length", size.length()).put("width", size.width()));
        ArrayNode barred = root.putArray("barred");
        terms.barred().forEach(barred::add);
        root.put("freeElements", terms.freeElements());
        ArrayNode holds = root.putArray("barredHolds");
        terms.barredHolds().forEach(hold -> holds.add(hold.toString()));
        return root;
    }

    @Override
    protected ObjectNode blank() {
        ObjectNode blank = begun().put("name", "Unnamed").put("list", "starter");
        blank.putArray("dances")
                .addObject()
                .put("dance", "waltz")
                .put("slowest", 28.0)
                .put("fastest", 30.0);
        return blank;
    }
}
