package fluidframe.server.song;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.music.Song;
import fluidframe.library.midi.MidiSong;
import fluidframe.server.access.OpenTo;
import fluidframe.server.store.Document;
import fluidframe.server.store.DocumentController;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Songs over HTTP. */
@RestController
@OpenTo
@RequestMapping("/api/songs")
class SongController extends DocumentController<Song, SongView> {
    /** What a file holds, and what in it could not be told. */
    record SongFile(@Schema(ref = ApiDescription.SONG) JsonNode document, List<String> notes) {}

    private final Documents<Song, SongSummary> songs;

    SongController(Documents<Song, SongSummary> songs) {
        super(songs);
        this.songs = songs;
    }

    @GetMapping
    Page<SongSummary> list(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "100") int limit) {
        return songs.page(new Page.Request("", q, after, limit));
    }

    /** Reads a standard MIDI file and keeps nothing: the coach looks it over first. */
    @PostMapping(value = "/midi", consumes = "audio/midi")
    SongFile read(@RequestParam String name, @RequestBody byte[] file) {
        MidiSong.Read read = MidiSong.read(name, file);
        return new SongFile(json(read.song()), read.notes());
    }

    @Override
    protected SongView view(Document<Song> document) {
        return SongView.of(document, json(document.value()));
    }
}
