package fluidframe.library.lesson;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.exercise.Aid;
import fluidframe.core.lesson.Item;
import fluidframe.core.lesson.Lesson;
import fluidframe.core.lesson.Stage;
import fluidframe.library.text.Cells;
import fluidframe.library.text.Format;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.function.Function;

/** Lessons in the open format {@code fluidframe/lesson@1}; what is as usual is left out. */
public final class LessonFormat extends Format<Lesson> {
    public static final LessonFormat LESSON = new LessonFormat();

    private static final int FIRST_OF_EVERYTHING = 2;

    private LessonFormat() {
        super("lesson");
    }

    @Override
    protected Lesson contents(JsonNode root, Cells cells) {
        JsonNode with = root.path("with");
        return new Lesson(
                cells.read(root, "", "at", Cells::time, LocalDateTime.of(2000, 1, 1, 0, 0)),
                root.path("minutes").asInt(),
                new Lesson.With(
                        with.path("kind").asText(),
                        with.path("id").asText(),
                        with.path("name").asText()),
                root.path("where").asText(""),
                root.path("depth").asInt(FIRST_OF_EVERYTHING),
                cells.objects(
                        root,
                        "",
                        "topics",
                        (topic, path) -> cells.build(
                                path,
                                () -> new Lesson.About(
                                        topic.path("kind").asText(),
                                        topic.path("id").asText(),
                                        topic.path("name").asText()))),
                cells.objects(root, "", "items", (item, path) -> item(item, path, cells)),
                cells.list(root, "", "leftOut", Function.identity()),
                cells.objects(
                        root,
                        "",
                        "promises",
                        (promise, path) -> cells.build(
                                path,
                                () -> new Lesson.Promise(
                                        promise.path("text").asText().strip(),
                                        promise.path("kept").asBoolean(false)))),
                root.path("note").asText(""),
                root.path("held").asBoolean(false));
    }

    private static Optional<Item> item(JsonNode item, String path, Cells cells) {
        return cells.build(
                path,
                () -> new Item(
                        Stage.parse(item.path("stage").asText()),
                        item.path("kind").asText(""),
                        item.path("id").asText(""),
                        item.path("name").asText(""),
                        item.path("row").asInt(0),
                        item.path("role").asText(""),
                        item.path("minutes").asInt(),
                        item.path("fixed").asBoolean(false),
                        item.path("weight").asInt(1),
                        item.path("why").asText(""),
                        item.path("done").asBoolean(false),
                        cells.objects(
                                item,
                                path,
                                "aids",
                                (aid, at) -> cells.build(
                                        at,
                                        () -> new Aid(
                                                aid.path("kind").asText(),
                                                aid.path("id").asText(),
                                                aid.path("name").asText())))));
    }

    @Override
    public ObjectNode toJson(Lesson lesson) {
        ObjectNode root = begun();
        root.put("at", lesson.at().toString()).put("minutes", lesson.minutes());
        root.putObject("with")
                .put("kind", lesson.with().kind())
                .put("id", lesson.with().id())
                .put("name", lesson.with().name());
        if (!lesson.where().isBlank()) root.put("where", lesson.where());
        root.put("depth", lesson.depth());
        ArrayNode topics = root.putArray("topics");
        lesson.topics()
                .forEach(topic -> topics.addObject()
                        .put("kind", topic.kind())
                        .put("id", topic.id())
                        .put("name", topic.name()));
        ArrayNode items = root.putArray("items");
        lesson.items().forEach(item -> items.add(written(item)));
        ArrayNode leftOut = root.putArray("leftOut");
        lesson.leftOut().forEach(leftOut::add);
        ArrayNode promises = root.putArray("promises");
        lesson.promises()
                .forEach(promise ->
                        promises.addObject().put("text", promise.text()).put("kept", promise.kept()));
        if (!lesson.note().isBlank()) root.put("note", lesson.note());
        root.put("held", lesson.held());
        return root;
    }

    private ObjectNode written(Item item) {
        ObjectNode written = begun().put("stage", item.stage().toString());
        written.remove("format");
        if (!item.kind().isEmpty()) written.put("kind", item.kind()).put("id", item.id());
        if (!item.name().isEmpty()) written.put("name", item.name());
        if (item.row() > 0) written.put("row", item.row());
        if (!item.role().isEmpty()) written.put("role", item.role());
        written.put("minutes", item.minutes()).put("fixed", item.fixed()).put("weight", item.weight());
        written.put("why", item.why()).put("done", item.done());
        if (item.aids().isEmpty()) return written;
        ArrayNode aids = written.putArray("aids");
        item.aids()
                .forEach(aid -> aids.addObject()
                        .put("kind", aid.kind())
                        .put("id", aid.id())
                        .put("name", aid.name()));
        return written;
    }

    @Override
    protected ObjectNode blank() {
        ObjectNode blank = begun().put("at", "2000-01-01T00:00").put("minutes", 45);
        blank.putObject("with").put("kind", "couple").put("id", "unknown").put("name", "Unnamed");
        return blank;
    }
}
