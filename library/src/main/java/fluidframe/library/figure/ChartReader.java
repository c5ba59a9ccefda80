package fluidframe.library.figure;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.chart.Acceptance;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Column;
import fluidframe.core.chart.Detail;
import fluidframe.core.chart.Finish;
import fluidframe.core.chart.Identity;
import fluidframe.core.chart.Option;
import fluidframe.core.chart.Part;
import fluidframe.core.chart.Preparation;
import fluidframe.core.chart.Reading;
import fluidframe.core.chart.RepeatGroup;
import fluidframe.core.chart.Start;
import fluidframe.core.chart.Step;
import fluidframe.core.chart.Teaching;
import fluidframe.core.chart.Timing;
import fluidframe.core.chart.Totals;
import fluidframe.core.chart.Variant;
import fluidframe.core.count.Dance;
import fluidframe.core.count.Rhythm;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Turn;
import fluidframe.core.step.BodyDesign;
import fluidframe.core.step.HeadDesign;
import fluidframe.library.text.Cells;
import fluidframe.library.text.Problem;
import fluidframe.library.text.ReadResult;
import fluidframe.library.text.SourceText;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.BiFunction;
import java.util.function.Function;

/** Reads charts from the open format. A file that cannot be read yields all its problems, never an exception. */
public final class ChartReader {
    private final Cells cells;
    private final RowReader rows;

    private ChartReader(BiFunction<String, String, Problem> at) {
        cells = new Cells(at);
        rows = new RowReader(cells);
    }

    /** Reads a YAML or JSON text. */
    public static ReadResult<Chart> read(String text) {
        SourceText source;
        try {
            source = SourceText.read(text);
        } catch (SourceText.Unreadable e) {
            return new ReadResult<>(Optional.empty(), List.of(e.problem()));
        }
        return new ChartReader(source::problem).document(source.root(), source::problem);
    }

    /** Reads a document that is a tree already; its problems carry paths, not lines. */
    public static ReadResult<Chart> read(JsonNode document) {
        BiFunction<String, String, Problem> at = (path, message) -> new Problem(0, 0, path.replace("#", ""), message);
        return new ChartReader(at).document(document, at);
    }

    /** Reads a document whose shape was checked when the application was built. */
    public static ReadResult<Chart> readChecked(JsonNode document) {
        return new ChartReader((path, message) -> new Problem(0, 0, path, message)).contents(document);
    }

    private ReadResult<Chart> document(JsonNode root, BiFunction<String, String, Problem> at) {
        List<Problem> shape = ChartSchema.problems(root, at);
        return shape.isEmpty() ? contents(root) : new ReadResult<>(Optional.empty(), shape);
    }

    private ReadResult<Chart> contents(JsonNode root) {
        Dance dance = cells.read(root, "", "dance", Dance::parse, null);
        if (dance == null && cells.problems().isEmpty()) cells.refuse("/dance", "A chart must say its dance");
        Optional<Identity> identity = dance == null ? Optional.empty() : identity(root, dance);
        List<Step> man = rows.read(root, "", "man");
        List<Step> lady = rows.read(root, "", "lady");
        Start start = start(root);
        Totals totals = new Totals(total(root, "man"), total(root, "lady"));
        Finish finish = finish(root, "");
        List<Timing> timings = dance == null ? List.of() : timings(root, dance, man.size(), lady.size());
        List<Option> options = cells.objects(root, "", "options", this::option);
        List<RepeatGroup> repeats = cells.objects(root, "", "repeats", this::repeat);
        List<Part> parts = cells.objects(root, "", "parts", this::part);
        List<Variant> variants = cells.objects(root, "", "variants", this::variant);
        List<Acceptance> accepted = cells.objects(root, "", "accepted", this::acceptance);
        if (!cells.problems().isEmpty()) return new ReadResult<>(Optional.empty(), cells.problems());
        Optional<Chart> chart = cells.build(
                "",
                () -> new Chart(
                        identity.orElseThrow(),
                        start,
                        man,
                        lady,
                        timings,
                        options,
                        repeats,
                        totals,
                        finish,
                        parts,
                        variants,
                        teaching(root),
                        accepted));
        chart.ifPresent(this::readOptions);
        return new ReadResult<>(cells.problems().isEmpty() ? chart : Optional.empty(), cells.problems());
    }

    /** An option's edits are judged by making them. */
    private void readOptions(Chart chart) {
        for (int i = 0; i < chart.options().size(); i++) {
            String id = chart.options().get(i).id();
            cells.build("/options/" + i, () -> new Reading(Optional.empty(), List.of(id), List.of()).of(chart));
        }
    }

    private Optional<Identity> identity(JsonNode root, Dance dance) {
        Map<String, Identity.Level> levels = new LinkedHashMap<>();
        root.path("level")
                .properties()
                .forEach(e -> levels.put(
                        e.getKey(), Identity.Level.valueOf(e.getValue().asText().toUpperCase(Locale.ROOT))));
        return cells.build(
                "/id",
                () -> new Identity(
                        root.path("id").asText(),
                        dance,
                        root.path("name").asText(),
                        cells.list(root, "", "otherNames", Function.identity()),
                        levels,
                        root.path("summary").asText("").strip(),
                        root.path("madeFrom").asText("").strip()));
    }

    private Start start(JsonNode root) {
        JsonNode start = root.path("start");
        return new Start(
                cells.read(start, "/start", "position", CouplePosition::parse, CouplePosition.CLOSED),
                cells.read(start, "/start", "hold", Hold::parse, Hold.CLOSED_CONTACT),
                cells.list(start, "/start", "entries", Alignment::parse),
                start.path("outside").asBoolean(false),
                start.path("fromCheck").asBoolean(false),
                preparation(start.path("prepare"), "man"),
                preparation(start.path("prepare"), "lady"));
    }

    private Preparation preparation(JsonNode prepare, String role) {
        JsonNode said = prepare.path(role);
        String path = "/start/prepare/" + role;
        return new Preparation(
                cells.read(said, path, "hip", BodyDesign::parse, BodyDesign.NONE),
                cells.read(said, path, "body", BodyDesign::parse, BodyDesign.NONE),
                cells.read(said, path, "head", HeadDesign::parse, HeadDesign.NONE),
                said.path("note").asText("").strip());
    }

    private OptionalInt total(JsonNode root, String role) {
        return cells.read(root.path("total"), "/total", role, Turn::parse)
                .map(turn -> OptionalInt.of(turn.sixteenths()))
                .orElse(OptionalInt.empty());
    }

    private Finish finish(JsonNode object, String path) {
        JsonNode finish = object.path("finish");
        return cells.build(
                        path + "/finish",
                        () -> new Finish(
                                finish.path("outside").asBoolean(false),
                                cells.read(finish, path + "/finish", "less", ChartReader::amount, 0),
                                cells.read(finish, path + "/finish", "more", ChartReader::amount, 0)))
                .orElse(Finish.AS_CHARTED);
    }

    private static int amount(String text) {
        return Turn.parse(text + " R").sixteenths();
    }

    private List<Timing> timings(JsonNode root, Dance dance, int manRows, int ladyRows) {
        return cells.objects(root, "", "timings", (timing, path) -> {
            Optional<Rhythm> man = rhythm(timing, path, "man", dance, manRows);
            Optional<Rhythm> lady = rhythm(timing, path, "lady", dance, ladyRows);
            return man.isEmpty() || lady.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new Timing(timing.path("id").asText(), man.get(), lady.get()));
        });
    }

    /** A role that does not dance has no counts. */
    private Optional<Rhythm> rhythm(JsonNode timing, String path, String role, Dance dance, int rowCount) {
        String written = timing.path(role).asText("");
        if (rowCount == 0 && written.isBlank()) return Optional.of(Rhythm.of(dance, List.of()));
        return cells.parse(path + "/" + role, written, text -> {
            Rhythm rhythm = Rhythm.of(
                    dance,
                    text.isBlank() ? List.of() : Rhythm.parse(dance, text).counts());
            if (rhythm.size() != rowCount) {
                throw new IllegalArgumentException("A timing must have one count for each of the " + role + "'s "
                        + rowCount + " rows, but has " + rhythm.size());
            }
            return rhythm;
        });
    }

    private Optional<Option> option(JsonNode option, String path) {
        List<Option.Edit> edits = cells.objects(
                option,
                path,
                "edits",
                (edit, at) -> cells.build(
                        at,
                        () -> new Option.Edit(
                                Role.valueOf(edit.path("role").asText().toUpperCase(Locale.ROOT)),
                                edit.path("step").asInt(),
                                Column.parse(edit.path("key").asText()),
                                edit.path("text").asText())));
        return cells.build(
                path,
                () -> new Option(
                        option.path("id").asText(),
                        option.path("name").asText(),
                        option.path("says").asText(""),
                        option.path("choice").asText("").strip(),
                        edits));
    }

    private Optional<RepeatGroup> repeat(JsonNode group, String path) {
        String[] steps = group.path("steps").asText().split("-");
        return cells.build(
                path,
                () -> new RepeatGroup(
                        Integer.parseInt(steps[0]),
                        Integer.parseInt(steps[1]),
                        group.path("least").asInt(1),
                        group.path("most").asInt(8),
                        group.path("mirrored").asBoolean(false)));
    }

    private Optional<Part> part(JsonNode part, String path) {
        String[] steps = part.path("steps").asText().split("-");
        return cells.build(
                path,
                () -> new Part(
                        Integer.parseInt(steps[0]),
                        Integer.parseInt(steps[1]),
                        cells.list(part, path, "entries", Alignment::parse),
                        finish(part, path)));
    }

    private Optional<Variant> variant(JsonNode variant, String path) {
        return cells.build(
                path,
                () -> new Variant(
                        variant.path("id").asText(),
                        variant.path("name").asText(),
                        variant.path("keep").asInt(),
                        rows.read(variant, path, "man"),
                        rows.read(variant, path, "lady"),
                        cells.list(variant, path, "entries", Alignment::parse),
                        cells.objects(variant, path, "repeats", this::repeat),
                        finish(variant, path)));
    }

    private Optional<Acceptance> acceptance(JsonNode node, String path) {
        Optional<Role> role = node.path("role").isMissingNode()
                ? Optional.empty()
                : Optional.of(Role.valueOf(node.path("role").asText().toUpperCase(Locale.ROOT)));
        return cells.build(
                path,
                () -> new Acceptance(
                        node.path("rule").asText(),
                        role,
                        node.path("step").asInt(0),
                        node.path("reason").asText()));
    }

    private Teaching teaching(JsonNode root) {
        return new Teaching(
                cells.objects(
                        root,
                        "",
                        "faults",
                        (fault, path) -> Optional.of(new Teaching.Fault(
                                fault.path("seen").asText(),
                                fault.path("cause").asText(),
                                fault.path("cue").asText(),
                                fault.has("detail")
                                        ? Detail.parse(fault.path("detail").asText())
                                        : Detail.FIRST_LESSON))),
                cells.list(root, "", "cautions", Function.identity()),
                cells.list(root, "", "precedes", Function.identity()),
                cells.list(root, "", "follows", Function.identity()));
    }
}
