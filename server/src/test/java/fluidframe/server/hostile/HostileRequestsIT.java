package fluidframe.server.hostile;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.server.RunningApp;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Every endpoint of the API description is sent damaged requests, seeded and bounded: none ends in a failure of the server, no
 * answer names a class, and afterwards it works as before. {@code -Dhostile.requests=20000} sends more.
 */
class HostileRequestsIT {
    private static final int MOST_INTERRUPTED = 4;

    private final List<String> interrupted = new ArrayList<>();
    private static final List<String> KINDS = List.of("figure", "routine", "song", "event", "list");
    private static final List<String> SHEETS =
            List.of("figure", "comparison", "routine", "part", "syllabus", "lesson", "practice", "class", "cards");
    private static final List<String> FORMATS =
            List.of("yaml", "json", "csv", "mid", "ics", "svg", "png", "pdf", "html");

    private static final ObjectMapper MAPPER = new ObjectMapper();
    /** One that the demo brings. */
    private static final String SOUND = "aa8347c54e24af2917c43b9a9f60b9bc64899c546e062aaa1022df94db976616.opus";

    private static final int REQUESTS = Integer.getInteger("hostile.requests", 2500);
    private static final long SEED = Long.getLong("hostile.seed", 7);
    private static final Pattern CLASS_NAME =
            Pattern.compile("\\b(java|jakarta|org|com|fluidframe)(\\.[a-z][a-z0-9]*)+\\.[A-Z]\\w+|\\w+Exception\\b");

    /** What a busy or full server may say. */
    private static final int UNAVAILABLE = 503;

    @TempDir
    private static Path data;

    private static RunningApp app;
    private static HttpClient client;

    /** An operation of the API: how it is asked for and in which type its body goes, empty for none. */
    private record Operation(String method, String path, List<String> query, String type, String schema) {}

    private final Damage damage = new Damage(SEED);
    private final Map<String, JsonNode> good = new TreeMap<>();
    private final Map<String, List<String>> ids = new TreeMap<>();
    private final List<String> figures = new ArrayList<>(List.of("waltz.whisk", "waltz.lantern-pause", "none", "%20"));

    @BeforeAll
    static void open() {
        app = RunningApp.startFurnished(data);
        client = HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(10)).build();
    }

    @AfterAll
    static void close() {
        app.close();
    }

    private static JsonNode get(String path) throws IOException {
        return MAPPER.readTree(app.send("GET", path, null).body());
    }

    private static List<Operation> operations() throws IOException {
        List<Operation> found = new ArrayList<>();
        get("/v3/api-docs")
                .get("paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(verb -> {
                    List<String> query = new ArrayList<>();
                    verb.getValue().path("parameters").forEach(p -> {
                        if (p.path("in").asText().equals("query"))
                            query.add(p.get("name").asText());
                    });
                    JsonNode content = verb.getValue().at("/requestBody/content");
                    String type = content.fieldNames().hasNext()
                            ? content.fieldNames().next()
                            : "";
                    String schema =
                            content.path(type).at("/schema/$ref").asText("").replaceFirst(".*/", "");
                    found.add(
                            new Operation(verb.getKey().toUpperCase(Locale.ROOT), path.getKey(), query, type, schema));
                }));
        return found;
    }

    @Test
    void noDamagedRequestMakesTheServerFail() throws Exception {
        good.putAll(new GoodBodies(HostileRequestsIT::get).all());
        for (JsonNode figure : get("/api/figures?dance=all")) {
            if (damage.below(12) == 0) figures.add(figure.get("id").asText());
        }
        List<Operation> operations = new ArrayList<>(operations());
        // One of them right would lock the application, and every request after it would only be refused.
        operations.removeIf(operation -> operation.path().equals("/api/sharing/passphrase"));
        assertThat(operations).hasSizeGreaterThan(50);
        Map<Integer, Integer> answers = new TreeMap<>();
        List<String> failures = new ArrayList<>();
        long slowest = 0;
        String slowestPath = "";
        for (int i = 0; i < REQUESTS; i++) {
            if (i % 500 == 0) gatherIds();
            Operation operation = operations.get(i % operations.size());
            HttpRequest request = request(operation);
            long begun = System.nanoTime();
            HttpResponse<String> answer = sent(request);
            long taken = System.nanoTime() - begun;
            if (taken > slowest) {
                slowest = taken;
                slowestPath = request.method() + " " + request.uri().getPath();
            }
            answers.merge(answer.statusCode(), 1, Integer::sum);
            boolean failed = answer.statusCode() >= 500 && answer.statusCode() != UNAVAILABLE;
            boolean refused = answer.statusCode() >= 400;
            if (failed || refused && CLASS_NAME.matcher(answer.body()).find()) {
                failures.add(request.method() + " " + request.uri() + " -> " + answer.statusCode() + " "
                        + answer.body().substring(0, Math.min(300, answer.body().length())));
            }
        }
        System.out.printf(
                "%d hostile requests: %s, slowest %d ms (%s), memory %s kB%n",
                REQUESTS, answers, TimeUnit.NANOSECONDS.toMillis(slowest), slowestPath, residentKilobytes());
        assertThat(failures).isEmpty();
        assertThat(interrupted).hasSizeLessThan(MOST_INTERRUPTED);
        assertThat(app.isAlive()).isTrue();
        assertThat(app.send("GET", "/api/figures/waltz.natural-turn", null).statusCode())
                .isEqualTo(200);
    }

    /** A connection kept alive may end while a request is on its way; on a new one the same request must be answered. */
    private HttpResponse<String> sent(HttpRequest request) throws IOException, InterruptedException {
        try {
            return client.send(request, HttpResponse.BodyHandlers.ofString());
        } catch (IOException ended) {
            interrupted.add(request.method() + " " + request.uri() + ": " + ended.getMessage());
            return client.send(request, HttpResponse.BodyHandlers.ofString());
        }
    }

    private HttpRequest request(Operation operation) {
        String kind = KINDS.get(damage.below(KINDS.size()));
        String path = operation
                .path()
                .replace("{kind}", damage.below(8) == 0 ? encoded(damage.oddText()) : kind)
                .replace("{id}", id(ofWhat(operation.path(), kind)))
                .replace(
                        "{what}",
                        damage.below(6) == 0
                                ? encoded(damage.oddText() + "x")
                                : SHEETS.get(damage.below(SHEETS.size())))
                .replace(
                        "{format}",
                        damage.below(4) == 0
                                ? encoded(damage.oddText() + "x")
                                : FORMATS.get(damage.below(FORMATS.size())))
                .replace("{name}", backup())
                .replace("{file}", damage.below(3) == 0 ? encoded(damage.oddText() + "x") : SOUND)
                .replace("{dance}", damage.below(2) == 0 ? encoded(damage.oddText() + "x") : "samba")
                .replace("{number}", damage.below(3) == 0 ? encoded(damage.oddText()) : "1")
                .replace("{whom}", id("/api/couples"))
                .replace("{routine}", id("/api/routines"))
                .replace("{figure}", id("/api/figures"))
                .replace("{lesson}", id("/api/lessons"))
                .replace(
                        "{sixteenths}",
                        damage.below(2) == 0 ? encoded(damage.oddText()) : String.valueOf(damage.below(99)));
        StringBuilder query = new StringBuilder();
        for (String name : operation.query()) {
            if (damage.below(4) == 0) continue;
            query.append(query.isEmpty() ? "?" : "&").append(name).append('=').append(encoded(value(name)));
        }
        HttpRequest.Builder builder =
                HttpRequest.newBuilder(URI.create(app.url(path + query))).timeout(Duration.ofSeconds(60));
        if (operation.type().isEmpty()) {
            return builder.method(operation.method(), HttpRequest.BodyPublishers.noBody())
                    .build();
        }
        boolean oddType = damage.below(25) == 0;
        return builder.header("Content-Type", oddType ? "text/plain" : operation.type())
                .method(operation.method(), HttpRequest.BodyPublishers.ofByteArray(body(operation)))
                .build();
    }

    /** Under which address the ids are found that an address may take. */
    private String ofWhat(String path, String kind) {
        if (path.startsWith("/api/handouts/")) return damage.below(2) == 0 ? "/api/figures" : "/api/routines";
        return path.replaceFirst("/api/(bin|kept|exports|practice-cards)/.*", "/api/" + kind + "s");
    }

    /** The name of a backup: seldom of one that is there, since it would be put back or deleted. */
    private String backup() {
        List<String> names = ids.getOrDefault("backups", List.of());
        return names.isEmpty() || damage.below(4) > 0
                ? encoded(damage.oddText() + "x")
                : encoded(names.get(damage.below(names.size())));
    }

    private byte[] body(Operation operation) {
        if (operation.type().equals("audio/midi")) return midi();
        if (operation.type().equals("application/zip")) return damage.bytes("PK\u0003\u0004" + damage.oddText());
        String schema = operation.type().equals("application/yaml")
                ? GoodBodies.SCHEMAS.get(operation.path().split("/")[2])
                : operation.schema();
        JsonNode document = good.getOrDefault(schema, good.get("JsonNode"));
        return damage.bytes(damage.changed(document).toString());
    }

    /** A small standard MIDI file, then damaged. */
    private byte[] midi() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(new byte[] {'M', 'T', 'h', 'd', 0, 0, 0, 6, 0, 0, 0, 1, 0, 96, 'M', 'T', 'r', 'k', 0, 0, 0, 19});
        out.writeBytes(
                new byte[] {0, (byte) 0xff, 0x58, 4, 3, 2, 24, 8, 0, (byte) 0xff, 0x51, 3, 7, (byte) 0xa1, 0x20});
        out.writeBytes(new byte[] {0, (byte) 0xff, 0x2f, 0});
        byte[] file = out.toByteArray();
        for (int i = 0; i < damage.below(5); i++) file[damage.below(file.length)] = (byte) damage.below(256);
        return damage.below(4) == 0 ? java.util.Arrays.copyOf(file, damage.below(file.length)) : file;
    }

    private String id(String path) {
        if (damage.below(6) == 0) return encoded(damage.oddText() + "x");
        if (path.startsWith("/api/figures")) return encoded(figures.get(damage.below(figures.size())));
        if (path.startsWith("/api/lists") && damage.below(2) == 0) return "starter";
        List<String> kept = ids.getOrDefault(path.split("/")[2], List.of());
        return kept.isEmpty() || damage.below(4) == 0
                ? new UUID(0, damage.below(5)).toString()
                : kept.get(damage.below(kept.size()));
    }

    /** The ids of what is kept, so that saves meet something. */
    private void gatherIds() throws IOException {
        for (String kind : GoodBodies.LISTED) ids.put(kind, idsIn("/api/" + kind));
        List<String> routines = new ArrayList<>(idsIn("/api/routines?dance=waltz"));
        routines.addAll(idsIn("/api/routines?dance=rumba"));
        ids.put("routines", routines);
        ids.put("backups", get("/api/backups").get("backups").findValuesAsText("name"));
    }

    private static List<String> idsIn(String path) throws IOException {
        return get(path).get("lines").findValuesAsText("id");
    }

    private String value(String name) {
        if (damage.below(3) == 0) return damage.oddText();
        return switch (name) {
            case "dance" -> damage.below(2) == 0 ? "all" : "samba";
            case "q" -> "turns left 1/4 starts in promenade";
            case "figure", "before", "after" -> figures.get(damage.below(figures.size()));
            case "from", "to" ->
                damage.below(2) == 0 ? "2026-11-2" + damage.below(10) : String.valueOf(damage.below(12) - 2);
            case "selected", "repeats" -> String.valueOf(damage.below(12) - 2);
            case "limit" -> String.valueOf(damage.below(700) - 20);
            case "beats", "tempo" -> String.valueOf(damage.below(40) - 3);
            default -> "1";
        };
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }

    private static String residentKilobytes() throws IOException {
        Path status = Path.of("/proc/" + app.pid() + "/status");
        if (!Files.exists(status)) return "unknown";
        return Files.readAllLines(status).stream()
                .filter(line -> line.startsWith("VmRSS"))
                .map(line -> line.replaceAll("\\D", ""))
                .findFirst()
                .orElse("unknown");
    }
}
