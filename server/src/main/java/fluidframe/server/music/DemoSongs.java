package fluidframe.server.music;

import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.server.demo.DemoStudio;
import java.io.IOException;
import java.util.Arrays;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** Made-up songs: a waltz with an ending that broadens, and a rumba. */
@Component
class DemoSongs implements DemoStudio {
    private final SongService songs;
    private final ObjectMapper mapper;

    DemoSongs(SongService songs, ObjectMapper mapper) {
        this.songs = songs;
        this.mapper = mapper;
    }

    @Override
    public void furnish() throws IOException {
        Arrays.stream(mapper.readValue(new ClassPathResource("demo/songs.json").getInputStream(), SongDraft[].class))
                .filter(song -> songs.idOf(song.name()).isEmpty())
                .forEach(songs::create);
    }

    @Override
    public int order() {
        return 1;
    }
}
