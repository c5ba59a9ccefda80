package fluidframe.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ConcurrentSkipListSet;
import java.util.stream.Stream;

/** Somebody who takes in one sound after another, until the server is gone; what was acknowledged is remembered. */
final class SoundSender {
    private static final int LARGEST = 2 << 20;

    private final Random random = new Random(11);
    private final ConcurrentSkipListSet<String> acknowledged = new ConcurrentSkipListSet<>();
    private final HttpClient client = HttpClient.newHttpClient();

    /** Begins to send; ends by itself. */
    Thread sendUntilGone(RunningApp app) {
        Thread thread = new Thread(
                () -> {
                    try {
                        while (true) send(app);
                    } catch (IOException e) {
                        // The server was killed.
                    } catch (InterruptedException e) {
                        Thread.currentThread().interrupt();
                    }
                },
                "sounds");
        thread.setDaemon(true);
        thread.start();
        return thread;
    }

    private void send(RunningApp app) throws IOException, InterruptedException {
        byte[] sound = new byte[1 + random.nextInt(LARGEST)];
        random.nextBytes(sound);
        HttpResponse<String> answer = client.send(
                HttpRequest.newBuilder(URI.create(app.url("/api/recordings?name=a.mp3")))
                        .header("Content-Type", "application/octet-stream")
                        .POST(HttpRequest.BodyPublishers.ofByteArray(sound))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(201);
        acknowledged.add(new ObjectMapper().readTree(answer.body()).get("file").asText());
    }

    int acknowledged() {
        return acknowledged.size();
    }

    /** Every acknowledged sound is there, and whatever is there under the name of a sound is that sound whole. */
    void assertWhole(Path folder) throws Exception {
        assertThat(acknowledged)
                .allSatisfy(file -> assertThat(folder.resolve(file)).exists());
        List<Path> there;
        try (Stream<Path> files = Files.list(folder)) {
            there = files.toList();
        }
        for (Path file : there) {
            String name = file.getFileName().toString();
            if (name.endsWith(".heard")) continue;
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(Files.readAllBytes(file));
            assertThat(name).startsWith(HexFormat.of().formatHex(hash));
        }
    }
}
