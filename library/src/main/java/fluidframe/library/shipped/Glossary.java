package fluidframe.library.shipped;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.dataformat.yaml.YAMLFactory;
import fluidframe.core.chart.Column;
import fluidframe.core.chart.Detail;
import fluidframe.core.chart.Identity;
import fluidframe.core.count.CountLanguage;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Direction;
import fluidframe.core.direction.Turn;
import fluidframe.core.practice.Purpose;
import fluidframe.core.rule.Severity;
import fluidframe.core.step.BodyDesign;
import fluidframe.core.step.Bounce;
import fluidframe.core.step.Contact;
import fluidframe.core.step.ContraBody;
import fluidframe.core.step.HeadDesign;
import fluidframe.core.step.Placement;
import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Weight;
import fluidframe.library.typed.Vocabulary;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** What every word, sign and column of the charts means. Which there are is asked of the core, so that none is missing. */
public final class Glossary {
    private static final int DIRECTIONS = 8;
    private static final int HALF = 2;

    private Glossary() {}

    /**
     * What is drawn for a term.
     *
     * @param kind {@code step}, {@code direction} or {@code position}
     * @param sixteenths of a step from the toes towards the foot's own side, of a direction clockwise from the line of dance, of a
     *     position hers clockwise from his
     * @param right of a position metres from his centre to hers towards his right; of a step 0
     * @param ahead of a position metres in the direction he faces; of a step its length as a share of a full stride
     */
    public record Drawing(String kind, int sixteenths, double right, double ahead) {}

    /**
     * A term.
     *
     * @param group what it belongs to: a column, or another family of words
     * @param codes what is typed for it, where it has short codes
     * @param says what it means in two sentences
     */
    public record Entry(String group, String term, List<String> codes, String says, Optional<Drawing> drawing) {}

    /** The words that need an entry, by group in the order in which they are shown. */
    public static Map<String, List<String>> vocabulary() {
        Map<String, List<String>> words = new LinkedHashMap<>();
        words.put("column", texts(Column.values()));
        words.put("place", texts(Placement.Kind.values()));
        words.put("said", texts(Placement.Qualifier.values()));
        words.put("align", plus(texts(Alignment.Kind.values()), directions()));
        words.put(
                "turn",
                plus(
                        Arrays.stream(Turn.Kind.values())
                                .map(kind -> kind == Turn.Kind.BETWEEN_FEET ? "between feet" : kind.toString())
                                .toList(),
                        List.of("begins", "body completes", "body less")));
        words.put(
                "work",
                plus(
                        texts(Contact.Part.values()),
                        Arrays.stream(Contact.Edge.values())
                                .map(Contact.Edge::toString)
                                .filter(edge -> !edge.isEmpty())
                                .toList()));
        words.put("rise", plus(texts(RiseFall.Action.values()), List.of("NFR")));
        words.put("cbm", texts(ContraBody.values()));
        words.put("sway", List.of("L", "R", "straight"));
        words.put("body", texts(BodyDesign.Action.values()));
        words.put("bounce", texts(Bounce.values()));
        words.put("weight", texts(Weight.values()));
        words.put("position", texts(CouplePosition.values()));
        words.put("hold", texts(Hold.values()));
        words.put("head", texts(HeadDesign.Way.values()));
        words.put("count", texts(CountLanguage.values()));
        words.put("finding", lower(Severity.values()));
        words.put("purpose", Arrays.stream(Purpose.values()).map(Purpose::title).toList());
        words.put("detail", texts(Detail.values()));
        words.put("level", lower(Identity.Level.values()));
        return words;
    }

    /** Every entry, in the order of the vocabulary and then that of the file; a word without one is left out. */
    public static List<Entry> load() {
        JsonNode file = file();
        List<Entry> entries = new ArrayList<>();
        Map<String, List<Vocabulary.Word>> codes = Vocabulary.columns();
        vocabulary().forEach((group, words) -> {
            for (String word : words) {
                String says = file.path(group).path(word).asText("");
                if (says.isEmpty()) continue;
                List<String> typed = codes.getOrDefault(group.equals("body") ? "hip" : group, List.of()).stream()
                        .filter(known -> known.text().equals(word))
                        .map(Vocabulary.Word::code)
                        .toList();
                entries.add(new Entry(group, word, typed, says, drawing(group, word)));
            }
        });
        file.path("chart")
                .properties()
                .forEach(one -> entries.add(new Entry(
                        "chart", one.getKey(), List.of(), one.getValue().asText(), Optional.empty())));
        return entries;
    }

    /** The keys of the file by group, for whoever holds them against the vocabulary. */
    static Map<String, List<String>> written() {
        Map<String, List<String>> written = new LinkedHashMap<>();
        file().properties().forEach(group -> {
            List<String> keys = new ArrayList<>();
            group.getValue().fieldNames().forEachRemaining(keys::add);
            written.put(group.getKey(), keys);
        });
        return written;
    }

    private static JsonNode file() {
        try (InputStream in = Glossary.class.getResourceAsStream("/glossary.yaml")) {
            return new ObjectMapper(new YAMLFactory()).readTree(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Optional<Drawing> drawing(String group, String word) {
        return switch (group) {
            case "place" ->
                Arrays.stream(Placement.Kind.values())
                        .filter(kind -> kind.toString().equals(word))
                        .filter(Glossary::isDrawn)
                        .map(kind -> new Drawing("step", kind.angle(), 0, kind.stride()))
                        .findFirst();
            case "align" ->
                directions().contains(word)
                        ? Optional.of(
                                new Drawing("direction", HALF * directions().indexOf(word), 0, 0))
                        : Optional.empty();
            case "position" ->
                Arrays.stream(CouplePosition.values())
                        .filter(position -> position.toString().equals(word))
                        .map(position -> new Drawing(
                                "position",
                                (position.from() + position.to()) / HALF,
                                position.right(),
                                position.ahead()))
                        .findFirst();
            default -> Optional.empty();
        };
    }

    /** Angle and length alone draw no feet that cross, and none that only touch. */
    private static boolean isDrawn(Placement.Kind kind) {
        boolean crosses = kind == Placement.Kind.FORWARD_ACROSS || kind == Placement.Kind.SIDE_ACROSS;
        return kind.travels() && !crosses || kind == Placement.Kind.CLOSE;
    }

    private static List<String> directions() {
        return Stream.iterate(0, at -> at + HALF)
                .limit(DIRECTIONS)
                .map(sixteenths -> Direction.of(sixteenths).toString())
                .toList();
    }

    private static List<String> texts(Object[] values) {
        return Arrays.stream(values).map(String::valueOf).toList();
    }

    private static List<String> lower(Enum<?>[] values) {
        return Arrays.stream(values)
                .map(value -> value.name().toLowerCase(java.util.Locale.ROOT))
                .toList();
    }

    private static List<String> plus(List<String> some, List<String> more) {
        return Stream.concat(some.stream(), more.stream()).toList();
    }
}
