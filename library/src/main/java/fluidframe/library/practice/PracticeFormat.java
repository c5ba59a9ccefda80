package fluidframe.library.practice;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.lesson.Lesson;
import fluidframe.core.practice.Emphasis;
import fluidframe.core.practice.Minutes;
import fluidframe.core.practice.Part;
import fluidframe.core.practice.Practice;
import fluidframe.core.practice.PracticeDay;
import fluidframe.core.practice.Purpose;
import fluidframe.library.text.Cells;
import fluidframe.library.text.Format;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;

/** Practice until an event in the open format {@code fluidframe/practice@1}; what is as usual is left out. */
public final class PracticeFormat extends Format<Practice> {
    public static final PracticeFormat PRACTICE = new PracticeFormat();

    private static final LocalDate UNKNOWN = LocalDate.of(2000, 1, 1);

    private PracticeFormat() {
        super("practice");
    }

    @Override
    protected Practice contents(JsonNode root, Cells cells) {
        JsonNode with = root.path("with");
        JsonNode aim = root.path("aim");
        return new Practice(
                new Lesson.With(
                        with.path("kind").asText(),
                        with.path("id").asText(),
                        with.path("name").asText()),
                new Practice.Aim(
                        aim.path("event").asText(""),
                        aim.path("name").asText(),
                        cells.read(aim, "/aim", "day", Cells::date, UNKNOWN)),
                minutes(root, cells),
                cells.objects(
                        root,
                        "",
                        "wanted",
                        (wanted, path) -> cells.build(
                                path,
                                () -> new Practice.Wanted(
                                        wanted.path("kind").asText(),
                                        wanted.path("id").asText(),
                                        wanted.path("name").asText(""),
                                        Emphasis.parse(wanted.path("emphasis").asText("usual"))))),
                cells.objects(
                        root,
                        "",
                        "days",
                        (day, path) -> cells.build(
                                path,
                                () -> new PracticeDay(
                                        cells.read(day, path, "date", Cells::date, UNKNOWN),
                                        cells.objects(day, path, "parts", (part, at) -> part(part, at, cells)),
                                        day.path("why").asText("")))),
                cells.list(root, "", "gaveWay", Function.identity()),
                root.path("note").asText(""));
    }

    private static Minutes minutes(JsonNode root, Cells cells) {
        Map<DayOfWeek, Integer> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            JsonNode minutes = root.path("week").path(key(day));
            if (!minutes.isMissingNode()) week.put(day, minutes.asInt());
        }
        Map<LocalDate, Integer> except = new TreeMap<>();
        for (Map.Entry<String, JsonNode> entry : root.path("except").properties()) {
            cells.parse("/except/" + entry.getKey(), entry.getKey(), Cells::date)
                    .ifPresent(date -> except.put(date, entry.getValue().asInt()));
        }
        return cells.build("", () -> new Minutes(week, except)).orElse(new Minutes(Map.of(), Map.of()));
    }

    private static String key(DayOfWeek day) {
        return day.name().toLowerCase(Locale.ROOT);
    }

    private static Optional<Part> part(JsonNode part, String path, Cells cells) {
        return cells.build(
                path,
                () -> new Part(
                        Purpose.parse(part.path("purpose").asText()),
                        part.path("kind").asText(""),
                        part.path("id").asText(""),
                        part.path("name").asText(""),
                        part.path("row").asInt(0),
                        part.path("role").asText(""),
                        part.path("minutes").asInt(),
                        Cells.number(part, "from"),
                        Cells.number(part, "to"),
                        part.path("points").asInt(0),
                        part.path("why").asText(""),
                        Part.State.parse(part.path("state").asText("open"))));
    }

    @Override
    public ObjectNode toJson(Practice practice) {
        ObjectNode root = begun();
        root.putObject("with")
                .put("kind", practice.with().kind())
                .put("id", practice.with().id())
                .put("name", practice.with().name());
        ObjectNode aim = root.putObject("aim");
        if (!practice.aim().event().isBlank()) aim.put("event", practice.aim().event());
        aim.put("name", practice.aim().name()).put("day", practice.aim().day().toString());
        ObjectNode week = root.putObject("week");
        for (DayOfWeek day : DayOfWeek.values()) {
            Integer minutes = practice.minutes().week().get(day);
            if (minutes != null) week.put(key(day), minutes);
        }
        ObjectNode except = root.putObject("except");
        new TreeMap<>(practice.minutes().except()).forEach((day, minutes) -> except.put(day.toString(), minutes));
        ArrayNode wanted = root.putArray("wanted");
        practice.wanted()
                .forEach(one -> wanted.addObject()
                        .put("kind", one.kind())
                        .put("id", one.id())
                        .put("name", one.name())
                        .put("emphasis", one.emphasis().toString()));
        ArrayNode days = root.putArray("days");
        for (PracticeDay day : practice.days()) {
            ObjectNode written = days.addObject().put("date", day.date().toString());
            if (!day.why().isBlank()) written.put("why", day.why());
            ArrayNode parts = written.putArray("parts");
            day.parts().forEach(part -> write(parts.addObject(), part));
        }
        ArrayNode gaveWay = root.putArray("gaveWay");
        practice.gaveWay().forEach(gaveWay::add);
        if (!practice.note().isBlank()) root.put("note", practice.note());
        return root;
    }

    private static void write(ObjectNode written, Part part) {
        written.put("purpose", part.purpose().toString());
        if (!part.kind().isEmpty()) {
            written.put("kind", part.kind()).put("id", part.id()).put("name", part.name());
        }
        if (part.row() > 0) written.put("row", part.row());
        if (!part.role().isEmpty()) written.put("role", part.role());
        written.put("minutes", part.minutes());
        part.from().ifPresent(tempo -> written.put("from", tempo));
        part.to().ifPresent(tempo -> written.put("to", tempo));
        if (part.points() > 0) written.put("points", part.points());
        written.put("why", part.why());
        if (part.state() != Part.State.OPEN) written.put("state", part.state().toString());
    }

    @Override
    protected ObjectNode blank() {
        ObjectNode blank = begun();
        blank.putObject("with").put("kind", "couple").put("id", "unknown").put("name", "Unnamed");
        blank.putObject("aim").put("name", "Unnamed").put("day", UNKNOWN.toString());
        return blank;
    }
}
