package fluidframe.library.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.music.Song;
import fluidframe.library.figure.ChartFormat;
import fluidframe.library.midi.SongMidi;
import fluidframe.library.shipped.ShippedLibrary;
import fluidframe.library.song.SongFormat;
import fluidframe.library.text.Problem;
import fluidframe.library.text.YamlText;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ExchangeTest {
    private static final Map<String, Chart> CHARTS =
            ShippedLibrary.load().stream().collect(Collectors.toMap(Chart::id, Function.identity()));

    private static final String OUTSIDE_QUOTES = ",(?=(?:[^\"]*\"[^\"]*\")*[^\"]*$)";

    private static final Imports IMPORTS = new Imports(id -> Optional.ofNullable(CHARTS.get(id)));

    private static Brought read(String name, String text) {
        return IMPORTS.read(new Incoming(name, text.getBytes(StandardCharsets.UTF_8)));
    }

    private static Chart chart(Brought brought) {
        assertThat(brought.problems()).isEmpty();
        return ChartFormat.CHART.read(brought.things().get(0).document()).orThrow();
    }

    @Test
    void everyChartComesBackFromYamlAndJson() {
        for (Chart chart : CHARTS.values()) {
            String yaml = ChartFormat.CHART.file(chart.id(), chart);
            assertThat(chart(read("a.yaml", yaml))).isEqualTo(chart);
            ObjectNode json = ChartFormat.CHART.toJson(chart);
            assertThat(chart(read("a.json", json.toPrettyString()))).isEqualTo(chart);
        }
    }

    @Test
    void theRowsOfEveryChartComeBackFromATable() {
        for (Chart chart : CHARTS.values()) {
            String csv = RowsCsv.write(chart);
            assertThat(chart(read("rows.csv", csv))).isEqualTo(chart);
        }
    }

    /** As spreadsheets of other countries and systems write it. */
    @Test
    void aTableMayUseAnySeparatorAndEndOfLine() {
        Chart chart = CHARTS.get("waltz.natural-turn");
        String csv = RowsCsv.write(chart);
        List<String> ways = List.of(
                "\uFEFF" + csv,
                csv.replace("\r\n", "\n"),
                csv.replace("\r\n", "\r"),
                csv.replaceAll(OUTSIDE_QUOTES, ";") + ";;;\r\n\r\n",
                csv.replaceAll(OUTSIDE_QUOTES, "\t"),
                csv.replace("\r\n", ",,\r\n"));
        for (String way : ways) assertThat(chart(read("rows.csv", way))).isEqualTo(chart);
    }

    @Test
    void eachCellThatCannotBeReadIsToldByLineAndColumn() {
        String csv = "figure,role,count,foot,place,turn\r\nwaltz.natural-turn,man,1,R,forward,\r\n"
                + "waltz.natural-turn,mam,2,Q,side,1/9 R\r\n,lady,,R,back,\r\n";
        Brought brought = read("rows.csv", csv);
        assertThat(brought.things()).isEmpty();
        assertThat(brought.problems())
                .extracting(problem -> problem.line() + ":" + problem.column())
                .containsExactly("3:2", "3:4", "3:6", "4:1", "4:3");
        assertThat(read("rows.csv", csv.replace("turn\r\n", "turning\r\n"))
                        .problems()
                        .get(0)
                        .message())
                .contains("no column \"turning\"");
        assertThat(read("rows.csv", "figure,role,count,foot,place\nwaltz.none,man,1,R,forward\n")
                        .problems()
                        .get(0)
                        .message())
                .contains("waltz.none");
        assertThat(read("rows.csv", "figure,role,count,foot,place\n").problems())
                .isNotEmpty();
        assertThat(read("rows.csv", "figure,role,count,foot,place\n\"waltz,man,1")
                        .problems())
                .isNotEmpty();
    }

    /** A note that a spreadsheet would work out is a text there, and the same note here again. */
    @Test
    void aCellIsNeverAFormula() {
        Chart chart = CHARTS.get("waltz.natural-turn");
        for (String note : List.of("=1+1", "@x", "'=1", "+44", "-", "''-1", "a, \"b\"; c")) {
            ObjectNode json = ChartFormat.CHART.toJson(chart);
            ((ObjectNode) json.at("/man/0")).put("note", note);
            Chart noted = ChartFormat.CHART.read(json).orThrow();
            String csv = RowsCsv.write(noted);
            assertThat(csv).doesNotContainPattern("[,\"][=+@-][^,\"]*[,\"]");
            assertThat(chart(read("rows.csv", csv))).isEqualTo(noted);
        }
    }

    private static Song song(Random random) {
        int beats = 2 + random.nextInt(5);
        List<Song.Section> sections = IntStream.rangeClosed(1, 1 + random.nextInt(6))
                .mapToObj(i -> new Song.Section(
                        "Part " + (char) ('\u00e0' + i), 1 + random.nextInt(20), Song.Kind.values()[random.nextInt(3)]))
                .toList();
        int bars = sections.stream().mapToInt(Song.Section::bars).sum();
        List<Song.TempoMark> tempos = new ArrayList<>();
        for (int bar = 1; bar <= bars; bar += 1 + random.nextInt(9))
            tempos.add(new Song.TempoMark(bar, random.nextBoolean() ? 29 : 28 + random.nextInt(4000) / 1999.0));
        List<Song.Accent> accents =
                random.nextBoolean() ? List.of(new Song.Accent(1, 1), new Song.Accent(bars, beats)) : List.of();
        return new Song("Song \u00e9 " + random.nextInt(99), beats, 1 + random.nextInt(32), sections, tempos, accents);
    }

    @Test
    void everySongComesBackFromAMidiFile() {
        Random random = new Random(18);
        for (int i = 0; i < 300; i++) {
            Song song = song(random);
            Brought brought = IMPORTS.read(new Incoming("x.mid", SongMidi.write(song)));
            assertThat(brought.problems()).isEmpty();
            assertThat(SongFormat.SONG.read(brought.things().get(0).document()).orThrow())
                    .isEqualTo(song);
        }
    }

    @Test
    void whatIsNoneOfOursIsSaidToBe() {
        assertThat(read("cat.png", "\u0089PNG").problems()).isNotEmpty();
        assertThat(read("x", "").problems().get(0).message()).contains("empty");
        assertThat(read("a.wav", "RIFF....WAVE").what()).isEqualTo("a recording");
        assertThat(read("a.yaml", "format: fluidframe/hat@1\n")
                        .problems()
                        .get(0)
                        .message())
                .contains("hat@1");
        assertThat(read("a.yaml", "name: x\n").problems().get(0).message()).contains("fluidframe/routine@1");
        assertThat(IMPORTS.read(new Incoming("a.yaml", new byte[] {(byte) 0xFF, 1}))
                        .problems())
                .isNotEmpty();
    }

    /** Twenty thousand damaged files: each is answered, and what is taken of one fits its format. */
    @Test
    void noFileBreaksTheReading() {
        Random random = new Random(2018);
        List<Incoming> good = good();
        int taken = 0;
        for (int i = 0; i < 20_000; i++) {
            Incoming whole = good.get(random.nextInt(good.size()));
            byte[] damaged = damaged(whole.bytes(), random, good);
            Brought brought = IMPORTS.read(new Incoming(whole.name(), damaged));
            for (Brought.Thing thing : brought.things()) {
                assertThat(Formats.of(thing.kind())
                                .orElseThrow()
                                .read(thing.document())
                                .problems())
                        .isEmpty();
                taken++;
            }
            assertThat(brought.things().isEmpty()).isEqualTo(!brought.problems().isEmpty());
            for (Problem problem : brought.problems())
                assertThat(problem.message()).isNotBlank();
        }
        assertThat(taken).isBetween(1000, 19_000);
    }

    private static List<Incoming> good() {
        List<Incoming> good = new ArrayList<>();
        Chart chart = CHARTS.get("waltz.natural-turn");
        for (Chart one : List.of(chart, CHARTS.get("rumba.alemana"))) {
            good.add(
                    new Incoming("a.yaml", ChartFormat.CHART.file(one.id(), one).getBytes(StandardCharsets.UTF_8)));
            good.add(new Incoming("a.csv", RowsCsv.write(one).getBytes(StandardCharsets.UTF_8)));
        }
        Song song = song(new Random(3));
        good.add(new Incoming("a.mid", SongMidi.write(song)));
        good.add(new Incoming("a.json", SongFormat.SONG.toJson(song).toString().getBytes(StandardCharsets.UTF_8)));
        good.add(new Incoming(
                "b.yaml", YamlText.print(SongFormat.SONG.toJson(song)).getBytes(StandardCharsets.UTF_8)));
        return good;
    }

    private static byte[] damaged(byte[] bytes, Random random, List<Incoming> others) {
        byte[] damaged = bytes.clone();
        switch (random.nextInt(5)) {
            case 0 -> {
                for (int i = 0; i <= random.nextInt(6); i++)
                    damaged[random.nextInt(damaged.length)] = (byte) random.nextInt(256);
            }
            case 1 -> damaged = java.util.Arrays.copyOf(bytes, random.nextInt(bytes.length));
            case 2 -> {
                int at = random.nextInt(bytes.length);
                byte[] piece = others.get(random.nextInt(others.size())).bytes();
                System.arraycopy(piece, 0, damaged, at, Math.min(piece.length, bytes.length - at));
            }
            case 3 -> {
                String odd = List.of(
                                "[".repeat(5000),
                                "{a: ".repeat(3000),
                                "\"",
                                "\u0000",
                                "&a [*a]",
                                "1e999999999",
                                "\ud83d\ude00",
                                "!!x",
                                ",,,;;\t",
                                "\r")
                        .get(random.nextInt(10));
                int at = random.nextInt(bytes.length);
                String text = new String(bytes, StandardCharsets.ISO_8859_1);
                damaged = (text.substring(0, at) + odd + text.substring(at)).getBytes(StandardCharsets.ISO_8859_1);
            }
            default -> {
                int from = random.nextInt(bytes.length);
                int to = from + random.nextInt(bytes.length - from);
                String text = new String(bytes, StandardCharsets.ISO_8859_1);
                damaged = (text + text.substring(from, to)).getBytes(StandardCharsets.ISO_8859_1);
            }
        }
        return damaged;
    }
}
