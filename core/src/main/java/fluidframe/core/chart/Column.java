package fluidframe.core.chart;

import fluidframe.core.count.Count;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Turn;
import fluidframe.core.step.BodyDesign;
import fluidframe.core.step.Bounce;
import fluidframe.core.step.ContraBody;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.HeadDesign;
import fluidframe.core.step.Placement;
import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Sway;
import fluidframe.core.step.Weight;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Function;

/**
 * The columns of a chart, in chart order: the key of each in the format, its layer, and how its cell is read from and
 * written as text. A blank cell is the column's usual value. The last three stand after the free text, so that lines typed or
 * pasted without headings keep the columns that they always had.
 */
public enum Column {
    COUNT("count", Layer.FEET, s -> s.count().toString(), (d, t) -> d.count = Readers.COUNT.apply(t)),
    FOOT("foot", Layer.FEET, s -> s.foot().toString(), (d, t) -> d.foot = Readers.FOOT.apply(t)),
    PLACE("place", Layer.FEET, s -> s.placement().toString(), (d, t) -> d.placement = Readers.PLACE.apply(t)),
    ALIGN("align", Layer.TURN, s -> text(s.alignment()), (d, t) -> d.alignment = maybe(t, Readers.ALIGN)),
    TURN("turn", Layer.TURN, s -> unless(s.turn(), Turn.NONE), (d, t) -> d.turn = Readers.TURN.apply(t)),
    WORK("work", Layer.FOOTWORK, s -> text(s.footwork()), (d, t) -> d.footwork = maybe(t, Readers.WORK)),
    RISE("rise", Layer.BODY, s -> unless(s.rise(), RiseFall.NONE), (d, t) -> d.rise = Readers.RISE.apply(t)),
    CBM(
            "cbm",
            Layer.BODY,
            s -> unless(s.cbm(), ContraBody.NONE),
            (d, t) -> d.cbm = or(t, ContraBody::parse, ContraBody.NONE)),
    SWAY(
            "sway",
            Layer.BODY,
            s -> unless(s.sway(), Sway.STRAIGHT),
            (d, t) -> d.sway = or(t, Sway::parse, Sway.STRAIGHT)),
    HIP("hip", Layer.BODY, s -> unless(s.hip(), BodyDesign.NONE), (d, t) -> d.hip = Readers.BODY.apply(t)),
    BOUNCE(
            "bounce",
            Layer.BODY,
            s -> unless(s.bounce(), Bounce.NONE),
            (d, t) -> d.bounce = or(t, Bounce::parse, Bounce.NONE)),
    BODY("body", Layer.BODY, s -> unless(s.body(), BodyDesign.NONE), (d, t) -> d.body = Readers.BODY.apply(t)),
    WEIGHT("weight", Layer.FEET, s -> text(s.weight()), (d, t) -> d.weight = maybe(t, Weight::parse)),
    POSITION("position", Layer.FEET, s -> text(s.position()), (d, t) -> d.position = maybe(t, CouplePosition::parse)),
    HOLD("hold", Layer.FEET, s -> text(s.hold()), (d, t) -> d.hold = maybe(t, Hold::parse)),
    LEAD("lead", Layer.LEAD, Step::lead, (d, t) -> d.lead = t.strip()),
    NOTE("note", Layer.LEAD, Step::note, (d, t) -> d.note = t.strip()),
    HEAD("head", Layer.BODY, s -> unless(s.head(), HeadDesign.NONE), (d, t) -> d.head = Readers.HEAD.apply(t)),
    SAY("say", Layer.LEAD, Step::say, (d, t) -> d.say = ownWord(t)),
    DETAIL(
            "detail",
            Layer.LEAD,
            s -> unless(s.detail(), Detail.FIRST_LESSON),
            (d, t) -> d.detail = or(t, Detail::parse, Detail.FIRST_LESSON));

    /** As many as a mouth says in the slowest of steps. */
    private static final int MOST_LETTERS = 40;

    private final String key;
    private final Layer layer;
    private final Function<Step, String> text;
    private final BiConsumer<StepDraft, String> write;

    Column(String key, Layer layer, Function<Step, String> text, BiConsumer<StepDraft, String> write) {
        this.key = key;
        this.layer = layer;
        this.text = text;
        this.write = write;
    }

    private static String ownWord(String text) {
        String word = text.strip().replaceAll("\\s+", " ");
        if (word.length() > MOST_LETTERS) {
            throw new IllegalArgumentException("A word of one\'s own must have at most " + MOST_LETTERS
                    + " letters, so that it can be said in time, but was \"" + word + "\"");
        }
        return word;
    }

    /** The column with this key in the chart format. */
    public static Column parse(String key) {
        return Arrays.stream(values())
                .filter(column -> column.key.equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("A column must be one of "
                        + String.join(
                                ", ", Arrays.stream(values()).map(c -> c.key).toList())
                        + ", but was \"" + key + "\""));
    }

    private static String text(Optional<?> value) {
        return value.map(Object::toString).orElse("");
    }

    private static String unless(Object value, Object usual) {
        return value.equals(usual) ? "" : value.toString();
    }

    private static <T> Optional<T> maybe(String text, Function<String, T> parse) {
        return text.isBlank() ? Optional.empty() : Optional.of(parse.apply(text));
    }

    private static <T> T or(String text, Function<String, T> parse, T usual) {
        return text.isBlank() ? usual : parse.apply(text);
    }

    public String key() {
        return key;
    }

    public Layer layer() {
        return layer;
    }

    /** Whether every row must fill it. */
    public boolean isRequired() {
        return ordinal() <= PLACE.ordinal();
    }

    /** The canonical text of a cell of a row in this dance, whose bar the counts run through; blank for the usual value. */
    public String of(Step step, Dance dance) {
        return this == COUNT ? step.count().text(dance.beatsPerBar()) : text.apply(step);
    }

    /** Puts a text into the cell; refuses what the column cannot say, in a clear sentence. */
    void write(StepDraft draft, String cell) {
        write.accept(draft, cell);
    }

    @Override
    public String toString() {
        return key;
    }

    /** In a class of its own, since constants of an enum are made before its other fields. */
    private static final class Readers {
        static final Memo<Count> COUNT = new Memo<>(Count::parse);
        static final Memo<Foot> FOOT = new Memo<>(Foot::parse);
        static final Memo<Placement> PLACE = new Memo<>(Placement::parse);
        static final Memo<Alignment> ALIGN = new Memo<>(Alignment::parse);
        static final Memo<Turn> TURN = new Memo<>(Turn::parse);
        static final Memo<Footwork> WORK = new Memo<>(Footwork::parse);
        static final Memo<RiseFall> RISE = new Memo<>(RiseFall::parse);
        static final Memo<HeadDesign> HEAD = new Memo<>(HeadDesign::parse);
        static final Memo<BodyDesign> BODY = new Memo<>(BodyDesign::parse);
    }
}
