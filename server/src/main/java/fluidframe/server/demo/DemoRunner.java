package fluidframe.server.demo;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Furnished;
import fluidframe.server.store.Kind;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/**
 * Furnishes the demo studio when the application starts with {@code --fluidframe.demo=true}: once, whole or not at all, and
 * before the first page is served. What somebody has made there before is left as it is, and what somebody has deleted of the
 * demo data stays deleted. All of it is in the open format, as a file from elsewhere would be.
 */
@Component
class DemoRunner implements SmartLifecycle {
    private static final String WHAT = "demo";

    /** The demo coach's own figure, with a fault on purpose. */
    private static final String FIGURE = "demo/lantern-pause.yaml";

    private static final Map<Kind, String> FILES = new TreeMap<>(Map.of(
            Kind.SONG, "demo/songs.json",
            Kind.ROUTINE, "demo/routines.json",
            Kind.EVENT, "demo/events.json",
            Kind.DANCER, "demo/dancers.json",
            Kind.COUPLE, "demo/couples.json",
            Kind.GROUP, "demo/groups.json"));

    private final List<Documents<?, ?>> documents;
    private final ObjectMapper mapper;
    private final Furnished furnished;
    private final DemoPeople people;
    private final DemoRecall recall;
    private final DemoPractice practice;
    private final DemoClasses classes;
    private final DemoRecordings recordings;
    /** Asked at every start: what is made ahead of time does not know how it will be started. */
    private final boolean wanted;

    private boolean running;

    DemoRunner(
            List<Documents<?, ?>> documents,
            ObjectMapper mapper,
            Furnished furnished,
            DemoPeople people,
            DemoRecall recall,
            DemoPractice practice,
            DemoClasses classes,
            DemoRecordings recordings,
            @Value("${fluidframe.demo:false}") boolean wanted) {
        this.wanted = wanted;
        this.documents = documents;
        this.mapper = mapper;
        this.furnished = furnished;
        this.people = people;
        this.recall = recall;
        this.practice = practice;
        this.classes = classes;
        this.recordings = recordings;
    }

    @Override
    public void start() {
        running = true;
        if (!wanted) return;
        furnished.once(WHAT, () -> {
            try {
                furnish();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }

    private void furnish() throws IOException {
        recordings.furnish();
        for (Documents<?, ?> all : documents) {
            Kind kind = all.traits().kind();
            if (!all.saved().isEmpty()) continue;
            if (kind == Kind.FIGURE) {
                String figure = new ClassPathResource(FIGURE).getContentAsString(StandardCharsets.UTF_8);
                all.furnish(List.of(figure), Optional.of("read from a file"));
            } else if (FILES.containsKey(kind)) {
                JsonNode file = mapper.readTree(new ClassPathResource(FILES.get(kind)).getInputStream());
                List<String> texts = new ArrayList<>();
                file.forEach(document -> texts.add(people.dated(document.toString())));
                all.furnish(texts, Optional.empty());
            }
        }
        people.furnish();
        recall.furnish();
        practice.furnish();
        classes.furnish();
    }

    @Override
    public void stop() {
        running = false;
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    @Override
    public int getPhase() {
        return Furnished.BEFORE_THE_PAGES;
    }
}
