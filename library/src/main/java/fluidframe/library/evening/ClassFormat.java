package fluidframe.library.evening;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.couple.Role;
import fluidframe.core.evening.ClassEvening;
import fluidframe.core.rotation.Pair;
import fluidframe.core.rotation.Person;
import fluidframe.core.rotation.Round;
import fluidframe.core.rotation.Two;
import fluidframe.library.text.Cells;
import fluidframe.library.text.Format;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** Evenings of a class in the open format {@code fluidframe/class@1}; what is as usual is left out. */
public final class ClassFormat extends Format<ClassEvening> {
    public static final ClassFormat CLASS = new ClassFormat();

    private static final int ROUNDS = 8;

    private ClassFormat() {
        super("class");
    }

    @Override
    protected ClassEvening contents(JsonNode root, Cells cells) {
        JsonNode group = root.path("group");
        JsonNode pace = root.path("pace");
        return new ClassEvening(
                cells.read(root, "", "at", Cells::time, LocalDateTime.of(2000, 1, 1, 0, 0)),
                group.isObject()
                        ? cells.build(
                                "/group",
                                () -> new ClassEvening.Course(
                                        group.path("id").asText(),
                                        group.path("name").asText()))
                        : Optional.empty(),
                root.path("where").asText(""),
                cells.objects(
                        root,
                        "",
                        "material",
                        (one, path) -> cells.build(
                                path,
                                () -> new ClassEvening.Material(
                                        one.path("kind").asText(),
                                        one.path("id").asText(),
                                        one.path("name").asText("")))),
                cells.build(
                                "/pace",
                                () -> new ClassEvening.Pace(
                                        Cells.number(pace, "tempo"),
                                        pace.path("raise").asDouble(0),
                                        pace.path("times").asInt(ClassEvening.Pace.USUAL.times())))
                        .orElse(ClassEvening.Pace.USUAL),
                root.path("rounds").asInt(ROUNDS),
                cells.objects(root, "", "people", (person, path) -> person(person, path, cells)),
                twos(root, "apart", cells),
                twos(root, "together", cells),
                cells.objects(
                        root,
                        "",
                        "changes",
                        (change, path) -> cells.build(
                                path,
                                () -> new ClassEvening.Change(
                                        change.path("round").asInt(),
                                        change.path("material").asText(""),
                                        Cells.number(change, "tempo"),
                                        change.path("timing").asText(""),
                                        change.path("otherSide").asBoolean(false)))),
                cells.objects(root, "", "danced", (round, path) -> danced(round, path, cells)),
                cells.objects(root, "", "announced", (round, path) -> announced(round, path, cells)),
                root.path("note").asText(""));
    }

    private static Optional<Person> person(JsonNode person, String path, Cells cells) {
        return cells.build(
                path,
                () -> new Person(
                        person.path("dancer").asText(),
                        Set.copyOf(cells.list(person, path, "roles", Role::parse)),
                        person.path("from").asInt(0),
                        person.path("until").asInt(Integer.MAX_VALUE)));
    }

    private static List<Two> twos(JsonNode root, String key, Cells cells) {
        return cells.objects(
                root,
                "",
                key,
                (two, path) -> cells.build(
                        path,
                        () -> new Two(
                                two.path("one").asText(), two.path("other").asText())));
    }

    private static Optional<ClassEvening.Danced> danced(JsonNode round, String path, Cells cells) {
        return cells.build(
                path,
                () -> new ClassEvening.Danced(
                        pairs(round, path, cells),
                        cells.list(round, path, "waiting", Function.identity()),
                        round.path("material").asText(""),
                        Cells.number(round, "tempo")));
    }

    private static Optional<Round> announced(JsonNode round, String path, Cells cells) {
        return cells.build(
                path,
                () -> new Round(pairs(round, path, cells), cells.list(round, path, "waiting", Function.identity())));
    }

    private static List<Pair> pairs(JsonNode round, String path, Cells cells) {
        return cells.objects(
                round,
                path,
                "pairs",
                (pair, at) -> cells.build(
                        at,
                        () -> new Pair(
                                pair.path("man").asText(), pair.path("lady").asText())));
    }

    @Override
    public ObjectNode toJson(ClassEvening evening) {
        ObjectNode root = begun().put("at", evening.at().toString());
        evening.group()
                .ifPresent(
                        group -> root.putObject("group").put("id", group.id()).put("name", group.name()));
        if (!evening.where().isBlank()) root.put("where", evening.where());
        ArrayNode material = root.putArray("material");
        evening.material()
                .forEach(one -> material.addObject()
                        .put("kind", one.kind())
                        .put("id", one.id())
                        .put("name", one.name()));
        ObjectNode pace = root.putObject("pace");
        evening.pace().tempo().ifPresent(tempo -> pace.put("tempo", tempo));
        pace.put("raise", evening.pace().raise()).put("times", evening.pace().times());
        root.put("rounds", evening.rounds());
        ArrayNode people = root.putArray("people");
        for (Person person : evening.people()) {
            ObjectNode written = people.addObject().put("dancer", person.id());
            ArrayNode roles = written.putArray("roles");
            person.roles().stream().sorted().forEach(role -> roles.add(role.toString()));
            if (person.from() > 0) written.put("from", person.from());
            if (person.until() < Integer.MAX_VALUE) written.put("until", person.until());
        }
        write(root.putArray("apart"), evening.apart());
        write(root.putArray("together"), evening.together());
        ArrayNode changes = root.putArray("changes");
        for (ClassEvening.Change change : evening.changes()) {
            ObjectNode written = changes.addObject().put("round", change.round());
            if (!change.material().isBlank()) written.put("material", change.material());
            change.tempo().ifPresent(tempo -> written.put("tempo", tempo));
            if (!change.timing().isBlank()) written.put("timing", change.timing());
            if (change.otherSide()) written.put("otherSide", true);
        }
        ArrayNode danced = root.putArray("danced");
        for (ClassEvening.Danced round : evening.danced()) {
            ObjectNode written = danced.addObject();
            write(written, round.pairs(), round.waiting());
            if (!round.material().isBlank()) written.put("material", round.material());
            round.tempo().ifPresent(tempo -> written.put("tempo", tempo));
        }
        ArrayNode announced = root.putArray("announced");
        evening.announced().forEach(round -> write(announced.addObject(), round.pairs(), round.waiting()));
        if (!evening.note().isBlank()) root.put("note", evening.note());
        return root;
    }

    private static void write(ObjectNode round, List<Pair> danced, List<String> waits) {
        ArrayNode pairs = round.putArray("pairs");
        danced.forEach(pair -> pairs.addObject().put("man", pair.man()).put("lady", pair.lady()));
        ArrayNode waiting = round.putArray("waiting");
        waits.forEach(waiting::add);
    }

    private static void write(ArrayNode array, List<Two> twos) {
        twos.forEach(two -> array.addObject().put("one", two.one()).put("other", two.other()));
    }

    @Override
    protected ObjectNode blank() {
        return begun().put("at", "2000-01-01T00:00");
    }
}
