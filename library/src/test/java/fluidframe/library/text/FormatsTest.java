package fluidframe.library.text;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.chart.Ending;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.count.TempoBand;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.direction.Direction;
import fluidframe.core.event.EventTerms;
import fluidframe.core.floor.Point;
import fluidframe.core.floor.Stride;
import fluidframe.core.music.Recorded;
import fluidframe.core.music.Song;
import fluidframe.core.routine.Hall;
import fluidframe.core.routine.PlacedElement;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.Routine;
import fluidframe.core.step.Foot;
import fluidframe.library.event.EventFormat;
import fluidframe.library.figure.ChartFormat;
import fluidframe.library.list.ListFormat;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.library.shipped.ShippedLibrary;
import fluidframe.library.song.SongFormat;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every format: a round trip loses nothing, and what was kept is read whatever has become of it. */
class FormatsTest {
    private static final Random RANDOM = new Random(12);
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private record Sample<T>(Format<T> format, T value) {
        ReadResult<T> fromFile() {
            return format.read(format.file("an-id", value));
        }

        ReadResult<T> fromTree() {
            return format.read(format.toJson(value));
        }

        ObjectNode document() {
            return format.toJson(value);
        }

        Salvaged<T> salvaged(JsonNode kept) {
            return format.salvage(kept.toString());
        }

        @Override
        public String toString() {
            return format.name();
        }
    }

    static List<Sample<?>> samples() {
        List<Sample<?>> samples = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            samples.add(new Sample<>(RoutineFormat.ROUTINE, routine(i)));
            samples.add(new Sample<>(SongFormat.SONG, song(i)));
            samples.add(new Sample<>(EventFormat.EVENT, event(i)));
        }
        samples.add(new Sample<>(ListFormat.LIST, ListFormat.starter()));
        ShippedLibrary.load().stream()
                .filter(chart -> chart.dance() == Dance.WALTZ)
                .forEach(chart -> samples.add(new Sample<>(ChartFormat.CHART, chart)));
        return samples;
    }

    private static Routine routine(int seed) {
        List<Routine.Place> places = new ArrayList<>();
        for (int i = 0; i < seed * 5; i++) {
            FigureUse use = List.of(
                            FigureUse.WHOLE,
                            FigureUse.ofPart("1-3"),
                            FigureUse.ofVariant("turned")
                                    .withLastTurn(-2)
                                    .withEnding(Ending.WIDER)
                                    .withOptions(List.of("gliding", "toe-turn")),
                            FigureUse.WHOLE.repeated(1 + i % 3, i % 2 == 0))
                    .get(i % 4);
            String note = i % 3 == 0 ? "wait: \"here\" # not there\nand on" : "";
            places.add(
                    i % 7 == 6
                            ? new Routine.Place(
                                    new PlacedElement(
                                            "Slow bow, twice",
                                            Beats.of(5, 2),
                                            Optional.of(new PlacedElement.Left(
                                                    CouplePosition.SHADOW,
                                                    Hold.SHADOW,
                                                    Foot.LEFT,
                                                    true,
                                                    Optional.of(Direction.parse("DW"))))),
                                    note,
                                    "")
                            : new Routine.Place(
                                    new PlacedFigure(
                                            "waltz.figure-" + i,
                                            use,
                                            i % 5 == 4,
                                            Optional.of("b").filter(b -> seed > 6)),
                                    note,
                                    i % 4 == 1 ? "on purpose" : ""));
        }
        return new Routine(
                "Routine " + seed + ": été",
                Dance.values()[seed],
                28 + seed / 2.0,
                new Hall(20.5, 12, new Point(1.25, seed)),
                new Stride(0.7),
                seed,
                seed % 2 == 0 ? "" : "yes",
                seed % 3 == 0 ? "" : "007",
                seed + 1,
                Optional.of("song-" + seed).filter(song -> seed % 2 == 0),
                seed % 4 == 0 ? OptionalInt.of(seed + 1) : OptionalInt.empty(),
                places);
    }

    private static Song song(int seed) {
        List<Song.Section> sections = new ArrayList<>();
        for (int i = 0; i <= seed; i++) sections.add(new Song.Section("Part " + i, 1 + i, Song.Kind.values()[i % 3]));
        List<Song.Accent> accents = seed == 0 ? List.of() : List.of(new Song.Accent(2, 1), new Song.Accent(3, 2));
        Recorded recorded = new Recorded("0a".repeat(32) + ".mp3", 90.5, List.of(0.125, 0.75, 1.375, 2.0), seed % 4);
        return new Song(
                "null",
                2 + seed % 5,
                1 + seed,
                sections,
                List.of(new Song.TempoMark(1, 29.75)),
                accents,
                seed % 2 == 0 ? Optional.empty() : Optional.of(recorded));
    }

    private static EventTerms event(int seed) {
        Map<Dance, TempoBand> tempos = new LinkedHashMap<>();
        for (int i = 0; i <= seed; i++) tempos.put(Dance.values()[(i * 7 + seed) % 10], new TempoBand(27.5, 28 + i));
        return new EventTerms(
                "Cup " + seed,
                "",
                seed % 2 == 0 ? Optional.empty() : Optional.of(LocalDate.of(2026, 1 + seed % 12, 28)),
                seed == 0 ? "starter" : "list-1",
                seed % 2 == 0 ? "" : "Silver",
                seed * 10,
                seed * 20,
                tempos,
                seed % 3 == 0 ? Optional.empty() : Optional.of(new EventTerms.Size(24, 14.5)),
                seed % 2 == 0 ? List.of() : List.of("waltz.wing", "Lift"),
                seed % 2 == 0,
                seed % 4 == 0 ? List.of() : List.of(Hold.SHADOW));
    }

    @ParameterizedTest
    @MethodSource("samples")
    void losesNothingByWritingAndReading(Sample<?> sample) {
        assertThat(sample.fromTree().problems()).isEmpty();
        assertThat((Object) sample.fromTree().value().orElseThrow()).isEqualTo(sample.value());
        assertThat((Object) sample.fromFile().value().orElseThrow()).isEqualTo(sample.value());
        assertThat(sample.salvaged(sample.document())).isEqualTo(new Salvaged<>(sample.value(), List.of()));
    }

    @Test
    void aFileKeepsItsIdAndNamesItsFormat() {
        String file = SongFormat.SONG.file("harbour", song(3));
        assertThat(Format.idIn(file)).contains("harbour");
        assertThat(Format.nameIn(file)).contains("fluidframe/song@1");
        assertThat(SongFormat.SONG.read("name: X").problems())
                .singleElement()
                .satisfies(problem -> assertThat(problem.message()).contains("format: fluidframe/song@1"));
        assertThat(Format.idIn("[")).isEmpty();
    }

    /** Every document with one piece after another taken out, replaced or added is read, and says what it lacks. */
    @ParameterizedTest
    @MethodSource("samples")
    void readsWhatWasKeptWhateverHasBecomeOfIt(Sample<?> sample) {
        for (int i = 0; i < 40; i++) {
            ObjectNode damaged = sample.document();
            int times = 1 + RANDOM.nextInt(3);
            for (int k = 0; k < times; k++) damage(damaged);
            assertThat((Object) sample.salvaged(damaged).value())
                    .as(damaged.toString())
                    .isNotNull();
        }
    }

    private static void damage(ObjectNode document) {
        List<JsonNode> containers = new ArrayList<>();
        collect(document, containers);
        JsonNode container = containers.get(RANDOM.nextInt(containers.size()));
        JsonNode odd = Stream.of("\"x\"", "-1", "[]", "{}", "null", "1e9", "true")
                .map(FormatsTest::tree)
                .toList()
                .get(RANDOM.nextInt(7));
        if (container instanceof ArrayNode array) {
            if (array.isEmpty() || RANDOM.nextBoolean()) array.add(odd);
            else array.set(RANDOM.nextInt(array.size()), odd);
        } else if (container instanceof ObjectNode object) {
            List<String> keys = new ArrayList<>();
            object.fieldNames().forEachRemaining(keys::add);
            if (keys.isEmpty() || RANDOM.nextInt(3) == 0) object.set("unheard-of", odd);
            else if (RANDOM.nextBoolean()) object.remove(keys.get(RANDOM.nextInt(keys.size())));
            else object.set(keys.get(RANDOM.nextInt(keys.size())), odd);
        }
    }

    private static void collect(JsonNode node, List<JsonNode> into) {
        if (!node.isContainerNode()) return;
        into.add(node);
        node.forEach(child -> collect(child, into));
    }

    private static JsonNode tree(String json) {
        try {
            return MAPPER.readTree(json);
        } catch (com.fasterxml.jackson.core.JsonProcessingException e) {
            throw new IllegalArgumentException(e);
        }
    }

    @Test
    void whatAnEarlierVersionKeptIsReadWholeAndOnlyThePiecesThatCannotBeAreLeftOut() {
        String old = "{\"name\":\"Old\",\"dance\":\"waltz\",\"tempo\":29.0,\"floor\":{\"length\":20.0,\"width\":12.0,"
                + "\"startX\":2.0,\"startY\":10.0,\"stride\":0.7},\"colour\":\"red\",\"figures\":["
                + "{\"figure\":\"waltz.whisk\",\"lastTurn\":0,\"corner\":false,\"times\":0,\"otherFoot\":false},"
                + "{\"lastTurn\":0},{\"element\":\"Bow\",\"beats\":3.0,\"note\":\"slowly\"}]}";
        Salvaged<Routine> read = RoutineFormat.ROUTINE.salvage(old);
        assertThat(read.problems()).extracting(Problem::path).containsExactly("/colour", "/figures/1");
        assertThat(read.value().places()).hasSize(2);
        assertThat(read.value().places().get(1).note()).isEqualTo("slowly");
        Salvaged<Song> song = SongFormat.SONG.salvage("{\"name\":\"Old\",\"beatsPerBar\":3,\"phraseBars\":8,"
                + "\"sections\":[{\"name\":\"A\",\"bars\":4,\"kind\":\"INTRODUCTION\"}],"
                + "\"tempos\":[{\"bar\":1,\"barsPerMinute\":30.0}],\"accents\":[]}");
        assertThat(song.problems()).isEmpty();
        assertThat(song.value().sections().get(0).kind()).isEqualTo(Song.Kind.INTRODUCTION);
        assertThat(RoutineFormat.ROUTINE.salvage("nonsense").value().name()).isEqualTo("Unnamed");
        Salvaged<Routine> half =
                RoutineFormat.ROUTINE.salvage("{\"name\":\"Half\",\"dance\":\"tango\",\"floor\":{\"length\":30}}");
        assertThat(half.value().name()).isEqualTo("Half");
        assertThat(half.value().hall().lengthMetres()).isEqualTo(30);
    }

    @Test
    void anOlderRowThatSaysNullSaysNothing() {
        Salvaged<Routine> read = RoutineFormat.ROUTINE.salvage("""
                {"name": "Old", "dance": "waltz", "tempo": 29.0, "song": null, "figures": [{"figure": "waltz.whisk", "note": null}],
                 "floor": {"length": 20.0, "width": 12.0, "startX": 2.0, "startY": 10.0, "stride": 0.7, "startTurn": null}}""");
        assertThat(read.problems()).isEmpty();
        assertThat(read.value().places()).hasSize(1);
        assertThat(read.value().song()).isEmpty();
    }

    @Test
    void saysInACoachsWordsInWhatTwoStatesDiffer() {
        Song before = song(1);
        Song after = new Song(
                "Other",
                before.beatsPerBar(),
                before.phraseBars(),
                List.of(before.sections().get(0), new Song.Section("Close", 2, Song.Kind.ENDING)),
                List.of(new Song.TempoMark(1, 30)),
                before.accents(),
                before.recording());
        assertThat(SongFormat.SONG.differences(before, after))
                .containsExactly(
                        new Difference("name", "null", "Other"),
                        new Difference(
                                "sections 2", "name Part 1, bars 2, kind dance", "name Close, bars 2, kind ending"),
                        new Difference("tempos 1", "bar 1, bars per minute 29.75", "bar 1, bars per minute 30"));
        assertThat(RoutineFormat.ROUTINE.differences(routine(1), routine(2)))
                .extracting(Difference::where)
                .contains("Name", "Dance", "Tempo", "Song", "figure 6");
        assertThat(RoutineFormat.ROUTINE.differences(routine(4), routine(4))).isEmpty();
    }
}
