package fluidframe.server.routine;

import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.server.demo.DemoStudio;
import fluidframe.server.music.SongService;
import java.io.IOException;
import java.util.Arrays;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** The demo couples' routines: one for each dance and more, of which one has four faults and one is unfinished. */
@Component
class DemoRoutines implements DemoStudio {
    private final RoutineService routines;
    private final RoutineRepository repository;
    private final SongService songs;
    private final ObjectMapper mapper;

    DemoRoutines(RoutineService routines, RoutineRepository repository, SongService songs, ObjectMapper mapper) {
        this.routines = routines;
        this.repository = repository;
        this.songs = songs;
        this.mapper = mapper;
    }

    @Override
    public void furnish() throws IOException {
        if (repository.count() > 0) return;
        Arrays.stream(mapper.readValue(
                        new ClassPathResource("demo/routines.json").getInputStream(), RoutineDraft[].class))
                .map(draft -> draft.song() == null
                        ? draft
                        : draft.toSong(songs.idOf(draft.song()).orElse(null)))
                .forEach(routines::create);
    }

    @Override
    public int order() {
        return 2;
    }
}
