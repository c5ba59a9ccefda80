package fluidframe.server.event;

import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.server.demo.DemoStudio;
import java.io.IOException;
import java.util.Arrays;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** A made-up competition and a made-up formal evening. */
@Component
class DemoEvents implements DemoStudio {
    private final EventService events;
    private final EventRepository repository;
    private final ObjectMapper mapper;

    DemoEvents(EventService events, EventRepository repository, ObjectMapper mapper) {
        this.events = events;
        this.repository = repository;
        this.mapper = mapper;
    }

    @Override
    public void furnish() throws IOException {
        if (repository.count() > 0) return;
        Arrays.stream(mapper.readValue(new ClassPathResource("demo/events.json").getInputStream(), EventDraft[].class))
                .forEach(events::create);
    }

    @Override
    public int order() {
        return 3;
    }
}
