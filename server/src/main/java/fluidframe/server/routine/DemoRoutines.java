package fluidframe.server.routine;

import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.server.demo.DemoStudio;
import java.io.IOException;
import java.util.Arrays;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** The demo couples' routines: one sound, one with four faults, one unfinished. */
@Component
class DemoRoutines implements DemoStudio {
    private final RoutineService routines;
    private final RoutineRepository repository;
    private final ObjectMapper mapper;

    DemoRoutines(RoutineService routines, RoutineRepository repository, ObjectMapper mapper) {
        this.routines = routines;
        this.repository = repository;
        this.mapper = mapper;
    }

    @Override
    public void furnish() throws IOException {
        if (repository.count() > 0) return;
        Arrays.stream(mapper.readValue(
                        new ClassPathResource("demo/routines.json").getInputStream(), RoutineDraft[].class))
                .forEach(routines::create);
    }

    @Override
    public int order() {
        return 2;
    }
}
