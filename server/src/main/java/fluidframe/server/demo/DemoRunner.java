package fluidframe.server.demo;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Kind;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Furnishes the demo studio when the application starts with {@code --fluidframe.demo=true}: once, whole or not at all, and
 * before the first page is served. What somebody has made there before is left as it is, and what somebody has deleted of the
 * demo data stays deleted. All of it is in the open format, as a file from elsewhere would be.
 */
@Component
class DemoRunner implements SmartLifecycle {
    /** After the studio is looked after, before the pages are served. */
    private static final int BEFORE_THE_PAGES = 0;

    private static final String WHAT = "demo";

    /** The demo coach's own figure, with a fault on purpose. */
    private static final String FIGURE = "demo/lantern-pause.yaml";

    private static final Map<Kind, String> FILES = new TreeMap<>(
            Map.of(Kind.SONG, "demo/songs.json", Kind.ROUTINE, "demo/routines.json", Kind.EVENT, "demo/events.json"));

    private final List<Documents<?, ?>> documents;
    private final ObjectMapper mapper;
    private final JdbcTemplate database;
    private final TransactionTemplate transaction;
    private final Clock clock;
    /** Asked at every start: what is made ahead of time does not know how it will be started. */
    private final boolean wanted;

    private boolean running;

    DemoRunner(
            List<Documents<?, ?>> documents,
            ObjectMapper mapper,
            DataSource source,
            PlatformTransactionManager transactions,
            Clock clock,
            @Value("${fluidframe.demo:false}") boolean wanted) {
        this.wanted = wanted;
        this.documents = documents;
        this.mapper = mapper;
        this.database = new JdbcTemplate(source);
        this.transaction = new TransactionTemplate(transactions);
        this.clock = clock;
    }

    @Override
    public void start() {
        running = true;
        if (!wanted || isFurnished()) return;
        transaction.executeWithoutResult(status -> {
            try {
                furnish();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            database.update("insert into furnished values (?, ?)", WHAT, Timestamp.from(clock.instant()));
        });
    }

    private boolean isFurnished() {
        Integer rows = database.queryForObject("select count(*) from furnished where what = ?", Integer.class, WHAT);
        return rows != null && rows > 0;
    }

    private void furnish() throws IOException {
        for (Documents<?, ?> all : documents) {
            Kind kind = all.traits().kind();
            if (!all.saved().isEmpty()) continue;
            if (kind == Kind.FIGURE) {
                String figure = new ClassPathResource(FIGURE).getContentAsString(StandardCharsets.UTF_8);
                all.furnish(List.of(figure), Optional.of("read from a file"));
            } else if (FILES.containsKey(kind)) {
                JsonNode file = mapper.readTree(new ClassPathResource(FILES.get(kind)).getInputStream());
                List<String> texts = new ArrayList<>();
                file.forEach(document -> texts.add(document.toString()));
                all.furnish(texts, Optional.empty());
            }
        }
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
        return BEFORE_THE_PAGES;
    }
}
