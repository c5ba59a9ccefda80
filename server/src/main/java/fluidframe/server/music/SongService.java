package fluidframe.server.music;

import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.core.music.Song;
import fluidframe.server.web.NotFoundException;
import fluidframe.server.web.StaleException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeping songs. */
@Service
public class SongService {
    private final SongRepository songs;
    private final ObjectMapper mapper;

    SongService(SongRepository songs, ObjectMapper mapper) {
        this.songs = songs;
        this.mapper = mapper;
    }

    @Transactional(readOnly = true)
    List<SongView.SongSummary> list() {
        return songs.findAllByOrderByName().stream()
                .map(entity -> SongView.summary(entity.id(), song(entity)))
                .toList();
    }

    /** The song a routine is set to; empty if it is gone. */
    @Transactional(readOnly = true)
    public Optional<Song> find(String id) {
        try {
            return songs.findById(UUID.fromString(id)).map(this::song);
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** The id of the song of that name, for demo data that cannot know ids. */
    @Transactional(readOnly = true)
    public Optional<String> idOf(String name) {
        return songs.findAllByOrderByName().stream()
                .filter(song -> song.name().equals(name))
                .map(song -> song.id().toString())
                .findFirst();
    }

    @Transactional(readOnly = true)
    SongView get(UUID id) {
        return view(entity(id));
    }

    @Transactional
    SongView create(SongDraft draft) {
        return keep(new SongEntity(UUID.randomUUID()), draft);
    }

    @Transactional
    SongView save(UUID id, long expectedVersion, SongDraft draft) {
        SongEntity entity = entity(id);
        if (entity.version() != expectedVersion) {
            throw new StaleException(
                    "The song \"" + draft.name() + "\"", expectedVersion, entity.version(), view(entity), draft);
        }
        return keep(entity, draft);
    }

    @Transactional
    void delete(UUID id) {
        songs.delete(entity(id));
    }

    private SongView keep(SongEntity entity, SongDraft draft) {
        Song song = draft.toSong();
        entity.replaceWith(song.name(), SongDraft.of(song), mapper);
        return view(songs.saveAndFlush(entity));
    }

    private SongEntity entity(UUID id) {
        return songs.findById(id).orElseThrow(() -> new NotFoundException("There is no song " + id));
    }

    private Song song(SongEntity entity) {
        return entity.read(SongDraft.class, mapper).toSong();
    }

    private SongView view(SongEntity entity) {
        return SongView.of(entity.id(), entity.version(), song(entity));
    }
}
