package fluidframe.server.song;

import fluidframe.core.music.Song;
import fluidframe.library.song.SongFormat;
import fluidframe.library.text.Format;
import fluidframe.server.store.DocumentStore;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Kind;
import fluidframe.server.store.Traits;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How songs are kept. */
@Configuration
class Songs implements Traits<Song, SongSummary> {
    @Bean
    Documents<Song, SongSummary> songDocuments(DocumentStore store) {
        return store.of(this);
    }

    @Override
    public Kind kind() {
        return Kind.SONG;
    }

    @Override
    public Format<Song> format() {
        return SongFormat.SONG;
    }

    @Override
    public String name(Song song) {
        return song.name();
    }

    @Override
    public Class<SongSummary> summaryType() {
        return SongSummary.class;
    }

    @Override
    public SongSummary summary(Song song) {
        return SongSummary.of(song);
    }
}
