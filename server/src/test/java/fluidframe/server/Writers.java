package fluidframe.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ConcurrentSkipListSet;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Eight people who save at once: figures, unsaved work, routines, their versions, songs, events, lists and the log. What the server has
 * acknowledged to them is remembered, to be asked for after a kill.
 */
final class Writers {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    static final int MANY = 8;

    /** A document that one writer saves over and over; the marks are texts within it. */
    private static final class Kept {
        private final String path;
        private final String markAt;
        private long version = -1;
        private String acknowledged;
        private String attempted;

        private Kept(String path, String markAt) {
            this.path = path;
            this.markAt = markAt;
        }
    }

    private final Map<Integer, Kept> kept = new ConcurrentHashMap<>();
    private final ConcurrentSkipListSet<Integer> routineVersions = new ConcurrentSkipListSet<>();
    private final ConcurrentSkipListSet<Integer> figureVersions = new ConcurrentSkipListSet<>();
    private final ConcurrentSkipListSet<String> created = new ConcurrentSkipListSet<>();
    private final ConcurrentSkipListSet<Long> logged = new ConcurrentSkipListSet<>();
    private final ConcurrentLinkedQueue<String> refused = new ConcurrentLinkedQueue<>();
    private final List<Long> nanoseconds = java.util.Collections.synchronizedList(new ArrayList<>());
    private final AtomicInteger marks = new AtomicInteger();
    private final AtomicInteger acknowledged = new AtomicInteger();
    private String shared;
    private JsonNode song;

    /** Finds what there is to save over in a studio furnished with demo data. */
    void meet(RunningApp app) throws IOException {
        JsonNode waltzes = get(app, "/api/routines?dance=waltz").get("lines");
        shared = waltzes.get(0).get("id").asText();
        song = get(app, "/api/songs/" + first(app, "/api/songs")).get("document");
        String list = MAPPER.readTree(app.send("POST", "/api/lists/copies", "{\"name\":\"Mine\",\"from\":\"starter\"}")
                        .body())
                .get("id")
                .asText();
        kept.put(0, new Kept("/api/figures/waltz.whisk", "/document/man/0/note"));
        kept.put(1, new Kept("/api/figures/waltz.wing/draft", "/drafts/0/document/man/0/note"));
        kept.put(2, new Kept("/api/routines/" + waltzes.get(1).get("id").asText(), "/document/note"));
        kept.put(
                3,
                new Kept(
                        "/api/songs/" + get(app, "/api/songs").at("/lines/1/id").asText(), "/document/name"));
        kept.put(4, new Kept("/api/events/" + first(app, "/api/events"), "/document/name"));
        kept.put(5, new Kept("/api/lists/" + list, "/document/note"));
    }

    int acknowledged() {
        return acknowledged.get();
    }

    /** What was answered that is not a save and not the end of the server. */
    List<String> refused() {
        return List.copyOf(refused);
    }

    /** How long a share of all saves took at the most, in milliseconds. */
    double milliseconds(double share) {
        List<Long> sorted = nanoseconds.stream().sorted().toList();
        return sorted.isEmpty() ? 0 : sorted.get((int) Math.min(sorted.size() - 1, share * sorted.size())) / 1e6;
    }

    /** Saves until the server is gone or enough has been acknowledged; then the server is killed in the midst of it. */
    void writeAndKill(RunningApp app, int enough) throws InterruptedException {
        AtomicBoolean over = new AtomicBoolean();
        Semaphore reached = new Semaphore(0);
        int goal = acknowledged.get() + enough;
        List<Thread> threads = new ArrayList<>();
        for (int i = 0; i < MANY; i++) {
            int who = i;
            Thread thread = new Thread(() -> {
                while (!over.get() && save(app, who, over)) {
                    if (acknowledged.get() >= goal) reached.release();
                }
                reached.release();
            });
            thread.start();
            threads.add(thread);
        }
        reached.acquire();
        app.kill();
        over.set(true);
        for (Thread thread : threads) thread.join();
    }

    /** A few saves by one person after a pause, and the kill on the heels of the last acknowledgement. */
    void saveAFewAndKill(RunningApp app, int few) {
        for (int i = 0; i < few; i++)
            assertThat(save(app, i % MANY, new AtomicBoolean())).isTrue();
        app.kill();
    }

    private boolean save(RunningApp app, int who, AtomicBoolean over) {
        String mark = "mark " + marks.incrementAndGet();
        long begun = System.nanoTime();
        try {
            boolean done = who < 6 ? saveOver(app, kept.get(who), mark) : saveBeside(app, who, mark);
            if (!done) return false;
            nanoseconds.add(System.nanoTime() - begun);
            acknowledged.incrementAndGet();
            return true;
        } catch (UncheckedIOException e) {
            over.set(true);
            return false;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private boolean saveOver(RunningApp app, Kept doc, String mark) throws IOException {
        String thing = doc.path.replace("/draft", "");
        JsonNode view = MAPPER.readTree(cache(app, thing));
        if (doc.version < 0) doc.version = view.get("version").asLong();
        ObjectNode body = body(doc, view, mark);
        doc.attempted = mark;
        HttpResponse<String> answer = app.send("PUT", doc.path, body.toString());
        if (answer.statusCode() / 100 != 2) return refuse(answer);
        doc.acknowledged = mark;
        if (!doc.path.endsWith("/draft"))
            doc.version = MAPPER.readTree(answer.body()).get("version").asLong();
        if (thing.startsWith("/api/figures") && thing.equals(doc.path)) figureVersions.add((int) doc.version);
        return true;
    }

    private final Map<String, String> views = new ConcurrentHashMap<>();

    /** The document as it was first read: only its mark and version change. */
    private String cache(RunningApp app, String path) {
        return views.computeIfAbsent(path, p -> app.send("GET", p, null).body());
    }

    private ObjectNode body(Kept doc, JsonNode view, String mark) {
        ObjectNode body = MAPPER.createObjectNode();
        ObjectNode document = view.get("document").deepCopy();
        boolean figure = doc.path.startsWith("/api/figures");
        if (figure) ((ObjectNode) document.at("/man/0")).put("note", mark);
        else document.put(doc.markAt.substring(doc.markAt.lastIndexOf('/') + 1), mark);
        body.set("document", document);
        if (doc.path.endsWith("/draft")) {
            body.putObject("sent").put("window", "w").put("number", marks.get());
            return body.put("baseVersion", 0);
        }
        body.put("expectedVersion", doc.version);
        return figure ? body.put("note", mark) : body;
    }

    /** New songs, entries of the log, and versions of a routine that two people keep at the same time. */
    private boolean saveBeside(RunningApp app, int who, String mark) throws IOException {
        int turn = marks.get() % 3;
        if (who != 6 && turn == 2) return log(app, mark);
        boolean version = who == 6 || turn == 0;
        HttpResponse<String> answer = version
                ? app.send("POST", "/api/routines/" + shared + "/versions", "{\"note\":\"" + mark + "\"}")
                : app.send(
                        "POST",
                        "/api/songs",
                        ((ObjectNode) song.deepCopy()).put("name", mark).toString());
        if (answer.statusCode() != 201) return refuse(answer);
        JsonNode view = MAPPER.readTree(answer.body());
        if (version) routineVersions.add(view.get("number").asInt());
        else created.add(view.get("id").asText());
        return true;
    }

    private boolean log(RunningApp app, String mark) throws IOException {
        ObjectNode entry = MAPPER.createObjectNode()
                .put("kind", "figure")
                .put("id", "waltz.whisk")
                .put("name", "Whisk")
                .put("run", mark)
                .put("from", 0)
                .put("to", 3)
                .put("whom", "Ines and Tobin")
                .put("couple", "ines-and-tobin");
        HttpResponse<String> answer = app.send("POST", "/api/log", entry.toString());
        if (answer.statusCode() != 201) return refuse(answer);
        logged.add(MAPPER.readTree(answer.body()).get("id").asLong());
        return true;
    }

    private boolean refuse(HttpResponse<String> answer) {
        refused.add(answer.statusCode() + " " + answer.body());
        return false;
    }

    /** Everything acknowledged that is not there any more. */
    List<String> lost(RunningApp app) throws IOException {
        List<String> lost = new ArrayList<>();
        for (Kept doc : kept.values()) {
            if (doc.acknowledged == null) continue;
            JsonNode view = get(app, doc.path.replace("/draft", ""));
            String found = view.at(doc.markAt).asText();
            if (!found.equals(doc.acknowledged) && !found.equals(doc.attempted)) {
                lost.add(doc.path + " has \"" + found + "\" instead of \"" + doc.acknowledged + "\"");
            }
            if (!doc.path.endsWith("/draft")) doc.version = view.get("version").asLong();
        }
        missing(lost, routineVersions, get(app, "/api/routines/" + shared + "/versions"), "number", "routine version");
        missing(lost, figureVersions, get(app, "/api/figures/waltz.whisk/versions"), "number", "figure version");
        List<String> songs = ids(app, "/api/songs?limit=500&after=");
        List<String> entries = ids(app, "/api/records/ines-and-tobin/log?limit=200&after=");
        logged.stream()
                .filter(id -> !entries.contains(String.valueOf(id)))
                .forEach(id -> lost.add("entry of the log " + id));
        created.stream().filter(id -> !songs.contains(id)).forEach(id -> lost.add("song " + id));
        return lost;
    }

    private static List<String> ids(RunningApp app, String pages) throws IOException {
        List<String> ids = new ArrayList<>();
        String after = "";
        do {
            JsonNode page = get(app, pages + after);
            page.get("lines").forEach(one -> ids.add(one.get("id").asText()));
            after = page.path("next").asText("");
        } while (!after.isEmpty() && !after.equals("null"));
        return ids;
    }

    private static void missing(List<String> lost, Iterable<Integer> numbers, JsonNode there, String key, String what) {
        List<Integer> found = new ArrayList<>();
        there.forEach(one -> found.add(one.get(key).asInt()));
        for (int number : numbers) if (!found.contains(number)) lost.add(what + " " + number);
    }

    private static String first(RunningApp app, String path) throws IOException {
        return get(app, path).at("/lines/0/id").asText();
    }

    private static JsonNode get(RunningApp app, String path) throws IOException {
        return MAPPER.readTree(app.send("GET", path, null).body());
    }
}
