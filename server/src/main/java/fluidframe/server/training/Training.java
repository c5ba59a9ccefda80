package fluidframe.server.training;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** With {@code --fluidframe.training=true} asks the first pages, once, and ends the process in good order. */
@Component
class Training {
    private static final Logger LOG = LoggerFactory.getLogger(Training.class);

    private static final List<String> ASKED = List.of(
            "/",
            "/api/dances",
            "/api/vocabulary",
            "/api/studio/notices",
            "/api/figures?dance=waltz",
            "/api/new-figures",
            "/api/figures/waltz.whisk",
            "/api/routines?dance=waltz",
            "/api/songs",
            "/api/events",
            "/api/lists/starter",
            "/api/links/map?dance=tango");

    private final boolean wanted;
    private final ObjectMapper mapper;

    Training(@Value("${fluidframe.training:false}") boolean wanted, ObjectMapper mapper) {
        this.wanted = wanted;
        this.mapper = mapper;
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (!wanted) return;
        String port = event.getApplicationContext().getEnvironment().getProperty("local.server.port");
        try {
            ask("http://127.0.0.1:" + port);
        } catch (IOException e) {
            LOG.warn("The training run could not ask everything", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        System.exit(SpringApplication.exit(event.getApplicationContext()));
    }

    private void ask(String address) throws IOException, InterruptedException {
        HttpClient client = HttpClient.newHttpClient();
        for (String path : ASKED) {
            client.send(
                    HttpRequest.newBuilder(URI.create(address + path)).build(), HttpResponse.BodyHandlers.discarding());
        }
        String kept = client.send(
                        HttpRequest.newBuilder(URI.create(address + "/api/routines/ostermere-plate-waltz"))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body();
        String routine = mapper.readTree(kept).path("document").toString();
        client.send(
                HttpRequest.newBuilder(URI.create(address + "/api/routines/work"))
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(routine))
                        .build(),
                HttpResponse.BodyHandlers.discarding());
    }
}
