package fluidframe.server.hostile;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.RunningApp;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is not this application's is refused, with one sentence, and the server goes on. */
class RefusalsIT {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final int MEGABYTE = 1 << 20;

    @TempDir
    private static Path data;

    private static RunningApp app;

    @BeforeAll
    static void open() {
        app = RunningApp.startFurnished(data);
    }

    @AfterAll
    static void close() {
        app.close();
    }

    /** A request as it goes over the wire, for headers that clients do not let one set; answers the whole answer. */
    private static String wire(String method, String path, String... headers) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", app.port())) {
            StringBuilder request = new StringBuilder(method + " " + path + " HTTP/1.1\r\nConnection: close\r\n");
            for (String header : headers) request.append(header).append("\r\n");
            OutputStream out = socket.getOutputStream();
            out.write((request + "\r\n").getBytes(StandardCharsets.ISO_8859_1));
            out.flush();
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static String own() {
        return "Host: 127.0.0.1:" + app.port();
    }

    @ParameterizedTest
    @ValueSource(strings = {"127.0.0.1", "localhost", "LOCALHOST", "[::1]"})
    void answersToTheNamesOfThisMachine(String name) throws IOException {
        assertThat(wire("GET", "/api/dances", "Host: " + name + ":" + app.port()))
                .startsWith("HTTP/1.1 200");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "studio.example:PORT",
                "127.0.0.1",
                "127.0.0.1:1",
                "localhost.studio.example:PORT",
                "10.0.0.1:PORT"
            })
    void answersToNoOtherName(String host) throws IOException {
        String answer = wire("GET", "/api/routines", "Host: " + host.replace("PORT", String.valueOf(app.port())));
        assertThat(answer)
                .startsWith("HTTP/1.1 403")
                .contains("answers on this machine only")
                .doesNotContain("\"bars\"");
        assertThat(wire("GET", "/", "Host: " + host.replace("PORT", String.valueOf(app.port()))))
                .startsWith("HTTP/1.1 403");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Origin: http://studio.example",
                "Origin: null",
                "Origin: http://127.0.0.1:1",
                "Origin: https://127.0.0.1:PORT",
                "Sec-Fetch-Site: cross-site",
                "Sec-Fetch-Site: same-site"
            })
    void refusesWhatAnotherPageAsksFor(String header) throws IOException {
        String foreign = header.replace("PORT", String.valueOf(app.port()));
        for (String method : List.of("GET", "POST", "DELETE", "OPTIONS")) {
            assertThat(wire(method, "/api/studio/notices", own(), foreign, "Content-Length: 0"))
                    .startsWith("HTTP/1.1 403")
                    .contains("a page of another site");
        }
        String link = wire("GET", "/figures", own(), foreign, "Sec-Fetch-Mode: navigate", "Sec-Fetch-Dest: document");
        assertThat(link).startsWith("HTTP/1.1 200");
        assertThat(wire("GET", "/figures", own(), foreign, "Sec-Fetch-Mode: navigate", "Sec-Fetch-Dest: iframe"))
                .startsWith("HTTP/1.1 403");
        assertThat(wire("GET", "/api/dances", own(), foreign, "Sec-Fetch-Mode: navigate", "Sec-Fetch-Dest: document"))
                .startsWith("HTTP/1.1 403");
    }

    @Test
    void letsItsOwnPagesAsk() throws IOException {
        String origin = "Origin: http://127.0.0.1:" + app.port();
        assertThat(wire("GET", "/api/dances", own(), origin, "Sec-Fetch-Site: same-origin"))
                .startsWith("HTTP/1.1 200");
    }

    @Test
    void tellsTheBrowserWhatItsPagesMayDo() throws IOException {
        for (String path : List.of("/", "/api/dances", "/mark.svg", "/api/nothing")) {
            assertThat(wire("GET", path, own()))
                    .contains("X-Content-Type-Options: nosniff")
                    .contains("Referrer-Policy: no-referrer")
                    .contains("Cross-Origin-Opener-Policy: same-origin")
                    .contains("Cross-Origin-Resource-Policy: same-origin")
                    .contains("frame-ancestors 'none'")
                    .contains("script-src 'self' 'sha256-")
                    .doesNotContain("unsafe-inline")
                    .doesNotContain("unsafe-eval");
        }
    }

    @Test
    void refusesLargeBodiesBeforeReadingThemAndGoesOn() {
        byte[] fifty = new byte[50 * MEGABYTE];
        for (String path : List.of("/api/work", "/api/routines", "/api/plans", "/api/songs")) {
            assertThat(sent(
                                    "POST",
                                    path,
                                    "application/json",
                                    HttpRequest.BodyPublishers.ofInputStream(
                                            () -> new ByteArrayInputStream(spaces(3 * MEGABYTE))))
                            .statusCode())
                    .isEqualTo(413);
        }
        assertThat(answerTo(fifty, "application/json"))
                .startsWith("HTTP/1.1 413")
                .contains("larger than 2 MB");
        assertThat(answerTo(fifty, "application/yaml"))
                .startsWith("HTTP/1.1 413")
                .contains("larger than 8 MB");
        HttpResponse<String> nested = sent(
                "POST", "/api/work", "application/json", HttpRequest.BodyPublishers.ofString("[".repeat(MEGABYTE)));
        assertThat(nested.statusCode()).isEqualTo(400);
        assertThat(app.isAlive()).isTrue();
        assertThat(app.send("GET", "/api/dances", null).statusCode()).isEqualTo(200);
    }

    private static byte[] spaces(int length) {
        byte[] bytes = new byte[length];
        java.util.Arrays.fill(bytes, (byte) ' ');
        return bytes;
    }

    /** The server answers before the body is sent, so that sending it may break off. */
    private static String answerTo(byte[] body, String type) {
        try (Socket socket = new Socket("127.0.0.1", app.port())) {
            OutputStream out = socket.getOutputStream();
            out.write(("POST /api/figures/file HTTP/1.1\r\n" + own() + "\r\nContent-Type: " + type
                            + "\r\nContent-Length: " + body.length + "\r\n\r\n")
                    .getBytes(StandardCharsets.ISO_8859_1));
            out.write(body, 0, 1000);
            out.flush();
            byte[] answer = new byte[2000];
            int length = socket.getInputStream().readNBytes(answer, 0, 815);
            return new String(answer, 0, length, StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static HttpResponse<String> sent(String method, String path, String type, HttpRequest.BodyPublisher body) {
        return app.send(HttpRequest.newBuilder(URI.create(app.url(path)))
                .header("Content-Type", type)
                .method(method, body)
                .build());
    }

    @ParameterizedTest
    @ValueSource(strings = {"text/plain", "application/x-www-form-urlencoded", "multipart/form-data", "text/html"})
    void takesJsonAsJsonOnly(String type) {
        assertThat(sent("POST", "/api/work", type, HttpRequest.BodyPublishers.ofString("{}"))
                        .statusCode())
                .isEqualTo(415);
    }

    /** Twelve kinds of damage to a text in UTF-8. */
    private static List<byte[]> damaged() {
        List<byte[]> sequences = List.of(
                bytes(0xff),
                bytes(0xfe),
                bytes(0x80),
                bytes(0xc0, 0x80),
                bytes(0xc3),
                bytes(0xc3, 0x28),
                bytes(0xe2, 0x82),
                bytes(0xe2, 0x28, 0xa1),
                bytes(0xed, 0xa0, 0x80),
                bytes(0xf0, 0x9f, 0x92),
                bytes(0xf4, 0x90, 0x80, 0x80),
                "\u00e9".getBytes(Charset.forName("ISO-8859-1")));
        List<byte[]> documents = new ArrayList<>();
        for (byte[] sequence : sequences) {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            out.writeBytes("{\"name\":\"".getBytes(StandardCharsets.UTF_8));
            out.writeBytes(sequence);
            out.writeBytes("\"}".getBytes(StandardCharsets.UTF_8));
            documents.add(out.toByteArray());
        }
        return documents;
    }

    private static byte[] bytes(int... values) {
        byte[] bytes = new byte[values.length];
        for (int i = 0; i < values.length; i++) bytes[i] = (byte) values[i];
        return bytes;
    }

    @Test
    void twelveKindsOfDamageToUtf8GiveOneSentence() throws IOException {
        List<byte[]> documents = damaged();
        assertThat(documents).hasSize(12);
        for (byte[] document : documents) {
            HttpResponse<String> answer =
                    sent("POST", "/api/routines", "application/json", HttpRequest.BodyPublishers.ofByteArray(document));
            assertThat(answer.statusCode()).isEqualTo(400);
            assertThat(MAPPER.readTree(answer.body()).get("detail").asText())
                    .isEqualTo(
                            "The text must be UTF-8, but holds bytes that are not. Save the file as UTF-8 and send it again.");
        }
    }

    @Test
    void pathsThatAreNothingAreNotFound() throws IOException {
        assertThat(wire("GET", "/nothing", own())).startsWith("HTTP/1.1 404").contains("<title>Fluid Frame</title>");
        assertThat(wire("GET", "/figures/a/b", own())).startsWith("HTTP/1.1 404");
        assertThat(wire("GET", "/error", own())).startsWith("HTTP/1.1 404").contains("nothing at this address");
        assertThat(wire("GET", "/api/nothing", own())).startsWith("HTTP/1.1 404");
        assertThat(wire("GET", "/_app/immutable/none.js", own())).startsWith("HTTP/1.1 404");
        assertThat(wire("GET", "/figures/waltz.whisk", own())).startsWith("HTTP/1.1 200");
    }

    @Test
    void whatOnceFailedIsRefusedWithItsPlace() throws IOException {
        ObjectNode chart = (ObjectNode) MAPPER.readTree(
                        app.send("GET", "/api/figures/waltz.whisk", null).body())
                .get("document");
        HttpResponse<String> blank =
                app.send("POST", "/api/work", chart.put("dance", " ").toString());
        assertThat(blank.statusCode()).isEqualTo(200);
        assertThat(MAPPER.readTree(blank.body()).at("/problems/0/path").asText())
                .isEqualTo("/dance");
        String event = MAPPER.readTree(app.send("GET", "/api/events", null).body())
                .at("/lines/0/id")
                .asText();
        String twice = "{\"expectedVersion\":0,\"expectedVersion\":1,\"document\":{}}";
        HttpResponse<String> refused = app.send("PUT", "/api/events/" + event, twice);
        assertThat(refused.statusCode()).isEqualTo(400);
        assertThat(refused.body()).contains("The key \\\"expectedVersion\\\" stands here twice");
    }

    @Test
    void versionsKeptAtTheSameTimeAreAllKept() throws Exception {
        String routine = MAPPER.readTree(app.send("GET", "/api/routines", null).body())
                .at("/lines/0/id")
                .asText();
        ExecutorService many = Executors.newFixedThreadPool(12);
        List<Callable<Integer>> saves = new ArrayList<>();
        for (int i = 0; i < 48; i++) {
            String note = "{\"note\":\"v" + i + "\"}";
            saves.add(() -> app.send("POST", "/api/routines/" + routine + "/versions", note)
                    .statusCode());
        }
        for (Future<Integer> save : many.invokeAll(saves))
            assertThat(save.get()).isEqualTo(201);
        many.shutdown();
        JsonNode kept = MAPPER.readTree(
                app.send("GET", "/api/routines/" + routine + "/versions", null).body());
        assertThat(kept.findValuesAsText("number")).hasSize(48).doesNotHaveDuplicates();
    }

    @Test
    void ofTwoSavesOfOneVersionOneIsRefusedWithBoth() throws Exception {
        JsonNode view =
                MAPPER.readTree(app.send("GET", "/api/figures/waltz.wing", null).body());
        String save = ((ObjectNode) MAPPER.createObjectNode()
                        .put("expectedVersion", view.get("version").asInt())
                        .put("note", "")
                        .set("document", view.get("document")))
                .toString();
        ExecutorService two = Executors.newFixedThreadPool(4);
        List<Integer> answers = new ArrayList<>();
        Callable<Integer> put =
                () -> app.send("PUT", "/api/figures/waltz.wing", save).statusCode();
        for (Future<Integer> each : two.invokeAll(List.of(put, put, put, put))) answers.add(each.get());
        two.shutdown();
        assertThat(answers).containsExactlyInAnyOrder(200, 409, 409, 409);
    }
}
