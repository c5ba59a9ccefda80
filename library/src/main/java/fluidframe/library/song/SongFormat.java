package fluidframe.library.song;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.music.Recorded;
import fluidframe.core.music.Song;
import fluidframe.library.text.Cells;
import fluidframe.library.text.Format;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Songs in the open format {@code fluidframe/song@1}. */
public final class SongFormat extends Format<Song> {
    public static final SongFormat SONG = new SongFormat();

    private static final int USUAL_PHRASE = 8;

    private SongFormat() {
        super("song");
    }

    @Override
    protected Song contents(JsonNode root, Cells cells) {
        return new Song(
                root.path("name").asText().strip(),
                root.path("beatsPerBar").asInt(),
                root.path("phraseBars").asInt(USUAL_PHRASE),
                cells.objects(root, "", "sections", (section, path) -> Optional.of(section(section))),
                cells.objects(
                        root,
                        "",
                        "tempos",
                        (mark, path) -> Optional.of(new Song.TempoMark(
                                mark.path("bar").asInt(),
                                mark.path("barsPerMinute").asDouble()))),
                cells.objects(
                        root,
                        "",
                        "accents",
                        (accent, path) -> Optional.of(new Song.Accent(
                                accent.path("bar").asInt(), accent.path("beat").asInt()))),
                Optional.of(root.path("recording")).filter(JsonNode::isObject).map(SongFormat::recorded));
    }

    private static Recorded recorded(JsonNode recording) {
        List<Double> beats = new ArrayList<>();
        recording.path("beats").forEach(beat -> beats.add(beat.asDouble()));
        return new Recorded(
                recording.path("file").asText(),
                recording.path("seconds").asDouble(),
                beats,
                recording.path("one").asInt());
    }

    private static Song.Section section(JsonNode section) {
        return new Song.Section(
                section.path("name").asText().strip(),
                section.path("bars").asInt(),
                Song.Kind.valueOf(section.path("kind").asText().toUpperCase(Locale.ROOT)));
    }

    @Override
    public ObjectNode toJson(Song song) {
        ObjectNode root = begun();
        root.put("name", song.name()).put("beatsPerBar", song.beatsPerBar()).put("phraseBars", song.phraseBars());
        ArrayNode sections = root.putArray("sections");
        song.sections()
                .forEach(section -> sections.addObject()
                        .put("name", section.name())
                        .put("bars", section.bars())
                        .put("kind", section.kind().name().toLowerCase(Locale.ROOT)));
        ArrayNode tempos = root.putArray("tempos");
        song.tempos()
                .forEach(mark -> tempos.addObject().put("bar", mark.bar()).put("barsPerMinute", mark.barsPerMinute()));
        ArrayNode accents = root.putArray("accents");
        song.accents()
                .forEach(accent -> accents.addObject().put("bar", accent.bar()).put("beat", accent.beat()));
        song.recording().ifPresent(recorded -> {
            ObjectNode recording = root.putObject("recording");
            recording.put("file", recorded.file()).put("seconds", thousandths(recorded.seconds()));
            recording.put("one", recorded.one());
            ArrayNode beats = recording.putArray("beats");
            recorded.beats().forEach(beat -> beats.add(thousandths(beat)));
        });
        return root;
    }

    /** Finer than anybody hears. */
    private static double thousandths(double seconds) {
        return Math.round(seconds * 1000) / 1000.0;
    }

    /** Kinds of sections were once kept in capitals. */
    @Override
    protected JsonNode upgraded(JsonNode kept) {
        JsonNode upgraded = kept.deepCopy();
        for (JsonNode section : upgraded.path("sections")) {
            if (section instanceof ObjectNode object) {
                object.put("kind", object.path("kind").asText().toLowerCase(Locale.ROOT));
            }
        }
        return upgraded;
    }

    @Override
    protected ObjectNode blank() {
        ObjectNode blank = begun().put("name", "Unnamed").put("beatsPerBar", 4).put("phraseBars", USUAL_PHRASE);
        blank.putArray("sections")
                .addObject()
                .put("name", "Part 1")
                .put("bars", 16)
                .put("kind", "dance");
        blank.putArray("tempos").addObject().put("bar", 1).put("barsPerMinute", 30.0);
        return blank;
    }
}
