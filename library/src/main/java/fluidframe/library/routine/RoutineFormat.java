package fluidframe.library.routine;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.chart.Ending;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.direction.Direction;
import fluidframe.core.floor.Point;
import fluidframe.core.floor.Stride;
import fluidframe.core.routine.Hall;
import fluidframe.core.routine.Placed;
import fluidframe.core.routine.PlacedElement;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.Routine;
import fluidframe.core.step.Foot;
import fluidframe.library.text.Cells;
import fluidframe.library.text.Difference;
import fluidframe.library.text.Format;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** Routines in the open format {@code fluidframe/routine@1}; what is usual is left out. */
public final class RoutineFormat extends Format<Routine> {
    public static final RoutineFormat ROUTINE = new RoutineFormat();

    private static final int BEAT_PARTS = 12;

    private RoutineFormat() {
        super("routine");
    }

    @Override
    protected Routine contents(JsonNode root, Cells cells) {
        JsonNode floor = root.path("floor");
        List<Routine.Place> places = cells.objects(
                root, "", "figures", (place, path) -> cells.build(path, () -> place(place, places(path))));
        OptionalInt songBar =
                root.has("songBar") ? OptionalInt.of(root.path("songBar").asInt()) : OptionalInt.empty();
        return new Routine(
                root.path("name").asText().strip(),
                cells.read(root, "", "dance", Dance::parse, Dance.WALTZ),
                root.path("tempo").asDouble(),
                new Hall(
                        floor.path("length").asDouble(),
                        floor.path("width").asDouble(),
                        new Point(
                                floor.path("startX").asDouble(),
                                floor.path("startY").asDouble())),
                new Stride(floor.path("stride").asDouble()),
                floor.path("startTurn").asInt(0),
                root.path("note").asText(""),
                root.path("couple").asText(""),
                root.path("phraseBars").asInt(Routine.USUAL_PHRASE),
                word(root, "song"),
                songBar,
                places);
    }

    /** The number of a place, from 1, out of its path. */
    private static int places(String path) {
        return Integer.parseInt(path.substring(path.lastIndexOf('/') + 1)) + 1;
    }

    private static Optional<String> word(JsonNode object, String key) {
        return Optional.of(object.path(key).asText("")).filter(word -> !word.isBlank());
    }

    private static Optional<PlacedElement.Left> left(JsonNode place, int number) {
        if (!place.path("leaves").isObject()) return Optional.empty();
        JsonNode leaves = place.path("leaves");
        try {
            return Optional.of(new PlacedElement.Left(
                    CouplePosition.parse(leaves.path("position").asText()),
                    Hold.parse(leaves.path("hold").asText()),
                    Foot.parse(leaves.path("manFree").asText()),
                    leaves.path("sameFeet").asBoolean(false),
                    word(leaves, "man").map(Direction::parse)));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(
                    "What place " + number + " of the routine leaves cannot be read. " + e.getMessage(), e);
        }
    }

    private static ObjectNode toJson(PlacedElement.Left left) {
        ObjectNode leaves = JsonNodeFactory.instance.objectNode();
        leaves.put("position", left.position().toString())
                .put("hold", left.hold().toString())
                .put("manFree", left.manFree().toString());
        if (left.sameFeet()) leaves.put("sameFeet", true);
        left.man().ifPresent(direction -> leaves.put("man", direction.toString()));
        return leaves;
    }

    private static List<String> words(JsonNode object, String key) {
        List<String> words = new ArrayList<>();
        object.path(key).forEach(word -> words.add(word.asText()));
        return words;
    }

    private static Routine.Place place(JsonNode place, int number) {
        return new Routine.Place(
                placed(place, number),
                place.path("note").asText(""),
                place.path("accepted").asText(""));
    }

    private static Placed placed(JsonNode place, int number) {
        Optional<String> element = word(place, "element");
        if (element.isPresent()) {
            double beats = place.path("beats").asDouble(1);
            return new PlacedElement(
                    element.get().strip(),
                    Beats.of((int) Math.round(beats * BEAT_PARTS), BEAT_PARTS),
                    left(place, number));
        }
        String figure = word(place, "figure")
                .orElseThrow(() -> new IllegalArgumentException(
                        "Place " + number + " of the routine must have a figure or a free element"));
        FigureUse use = new FigureUse(
                word(place, "variant"),
                word(place, "part"),
                place.path("lastTurn").asInt(0),
                often(place.path("times")),
                place.path("otherFoot").asBoolean(false),
                word(place, "ending").map(Ending::parse).orElse(Ending.AS_CHARTED),
                words(place, "options"));
        return new PlacedFigure(figure, use, place.path("corner").asBoolean(false), word(place, "timing"));
    }

    /** A number for the only stretch that is repeated, or the first; a list for several. */
    private static List<Integer> often(JsonNode times) {
        List<Integer> often = new ArrayList<>();
        if (times.isArray()) times.forEach(each -> often.add(Math.max(1, each.asInt(1))));
        else often.add(Math.max(1, times.asInt(1)));
        return often;
    }

    @Override
    public ObjectNode toJson(Routine routine) {
        ObjectNode root = begun();
        root.put("name", routine.name())
                .put("dance", routine.dance().toString())
                .put("tempo", routine.tempo());
        ObjectNode floor = root.putObject("floor")
                .put("length", routine.hall().lengthMetres())
                .put("width", routine.hall().widthMetres())
                .put("startX", routine.hall().start().x())
                .put("startY", routine.hall().start().y())
                .put("stride", routine.stride().metres());
        if (routine.startTurn() != 0) floor.put("startTurn", routine.startTurn());
        said(root, "note", routine.note());
        said(root, "couple", routine.couple());
        if (routine.phraseBars() != Routine.USUAL_PHRASE) root.put("phraseBars", routine.phraseBars());
        routine.song().ifPresent(song -> root.put("song", song));
        routine.songBar().ifPresent(bar -> root.put("songBar", bar));
        var figures = root.putArray("figures");
        routine.places().forEach(place -> figures.add(toJson(place)));
        return root;
    }

    /** One place as it stands in the list of figures. */
    public ObjectNode toJson(Routine.Place place) {
        ObjectNode object = toJson(place.placed());
        said(object, "note", place.note());
        said(object, "accepted", place.accepted());
        return object;
    }

    /** The same of what is danced, with nothing said of it. */
    public ObjectNode toJson(Placed placed) {
        ObjectNode object = JsonNodeFactory.instance.objectNode();
        if (placed instanceof PlacedElement element) {
            object.put("element", element.name()).put("beats", element.length().toDouble());
            element.left().ifPresent(left -> object.set("leaves", toJson(left)));
            return object;
        }
        PlacedFigure figure = (PlacedFigure) placed;
        FigureUse use = figure.use();
        object.put("figure", figure.figureId());
        use.variant().ifPresent(variant -> object.put("variant", variant));
        use.part().ifPresent(part -> object.put("part", part));
        if (use.lastTurnSixteenths() != 0) object.put("lastTurn", use.lastTurnSixteenths());
        if (figure.corner()) object.put("corner", true);
        if (use.times().size() == 1) object.put("times", use.times().get(0));
        if (use.times().size() > 1) use.times().forEach(object.putArray("times")::add);
        if (use.otherFoot()) object.put("otherFoot", true);
        if (use.ending() != Ending.AS_CHARTED) object.put("ending", use.ending().toString());
        if (!use.options().isEmpty()) {
            var options = object.putArray("options");
            use.options().forEach(options::add);
        }
        figure.timing().ifPresent(timing -> object.put("timing", timing));
        return object;
    }

    private static void said(ObjectNode object, String key, String text) {
        if (!text.isBlank()) object.put(key, text);
    }

    /** Figures are named by their ids, which need no library to be looked up in. */
    @Override
    public List<Difference> differences(Routine before, Routine after) {
        return RoutineDifference.between(
                before, after, id -> id.substring(id.indexOf('.') + 1).replace('-', ' '));
    }

    @Override
    protected ObjectNode blank() {
        ObjectNode blank = begun().put("name", "Unnamed")
                .put("dance", Dance.WALTZ.toString())
                .put("tempo", 30.0);
        blank.putObject("floor")
                .put("length", 20.0)
                .put("width", 12.0)
                .put("startX", 2.0)
                .put("startY", 10.0)
                .put("stride", Stride.USUAL.metres());
        blank.putArray("figures");
        return blank;
    }
}
