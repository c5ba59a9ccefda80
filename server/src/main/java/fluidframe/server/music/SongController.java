package fluidframe.server.music;

import fluidframe.library.MidiSong;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Songs over HTTP. */
@RestController
@RequestMapping("/api/songs")
class SongController {
    /** A save and the version it was begun from. */
    record SongSave(
            @Min(0) long expectedVersion, @NotNull @Valid SongDraft song) {}

    /** What a file holds, and what in it could not be told. */
    record SongFile(SongDraft song, List<String> notes) {}

    private final SongService songs;

    SongController(SongService songs) {
        this.songs = songs;
    }

    @GetMapping
    List<SongView.SongSummary> list() {
        return songs.list();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    SongView create(@Valid @RequestBody SongDraft draft) {
        return songs.create(draft);
    }

    /** Reads a standard MIDI file and keeps nothing: the coach looks it over first. */
    @PostMapping(value = "/file", consumes = "audio/midi")
    SongFile read(@RequestParam String name, @RequestBody byte[] file) {
        MidiSong.Read read = MidiSong.read(name, file);
        return new SongFile(SongDraft.of(read.song()), read.notes());
    }

    @GetMapping("/{id}")
    SongView get(@PathVariable UUID id) {
        return songs.get(id);
    }

    @PutMapping("/{id}")
    SongView save(@PathVariable UUID id, @Valid @RequestBody SongSave save) {
        return songs.save(id, save.expectedVersion(), save.song());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        songs.delete(id);
    }
}
