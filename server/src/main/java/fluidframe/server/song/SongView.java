package fluidframe.server.song;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.music.Song;
import fluidframe.library.text.Problem;
import fluidframe.server.store.Document;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** A song as kept, with the times worked out; seconds count from its first beat. */
public record SongView(
        String id,
        long version,
        Instant savedAt,
        List<Problem> problems,
        @Schema(ref = ApiDescription.SONG) JsonNode document,
        int bars,
        double seconds,
        List<Double> sectionSeconds) {
    static SongView of(Document<Song> kept, JsonNode document) {
        Song song = kept.value();
        List<Double> starts = new ArrayList<>();
        for (int bar : song.beginnings()) starts.add(tenths(song.seconds(bar - 1.0)));
        return new SongView(
                kept.id(),
                kept.version(),
                kept.savedAt(),
                kept.problems(),
                document,
                song.bars(),
                tenths(song.lengthSeconds()),
                starts);
    }

    static double tenths(double seconds) {
        return Math.round(seconds * 10) / 10.0;
    }
}
