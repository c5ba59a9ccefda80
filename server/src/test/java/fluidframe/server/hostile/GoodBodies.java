package fluidframe.server.hostile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Bodies that the server takes, to be damaged. */
final class GoodBodies {
    /** What can be listed without saying more, by the words of the addresses. */
    static final List<String> LISTED = List.of(
            "songs",
            "events",
            "lists",
            "dancers",
            "couples",
            "groups",
            "lessons",
            "drills",
            "cards",
            "practices",
            "classes");

    /** The documents of the description by the words of the addresses. */
    static final Map<String, String> SCHEMAS = Map.ofEntries(
            Map.entry("figures", "Chart"),
            Map.entry("routines", "Routine"),
            Map.entry("songs", "Song"),
            Map.entry("events", "Event"),
            Map.entry("lists", "FigureList"),
            Map.entry("dancers", "Dancer"),
            Map.entry("couples", "Couple"),
            Map.entry("groups", "Group"),
            Map.entry("lessons", "Lesson"),
            Map.entry("drills", "Drill"),
            Map.entry("cards", "Card"),
            Map.entry("practices", "Practice"),
            Map.entry("classes", "ClassEvening"));

    private static final ObjectMapper MAPPER = new ObjectMapper();

    /** Asks the server. */
    interface Server {
        JsonNode get(String path) throws IOException;
    }

    private final Server server;

    GoodBodies(Server server) {
        this.server = server;
    }

    private JsonNode get(String path) throws IOException {
        return server.get(path);
    }

    private void put(Map<String, JsonNode> good, String kind) throws IOException {
        JsonNode document = first("/api/" + kind, "/api/" + kind + "/").get("document");
        good.put(SCHEMAS.get(kind), document);
        good.put(SCHEMAS.get(kind) + "Save", save(document, false));
    }

    private JsonNode first(String list, String each) throws IOException {
        return get(each + get(list).at("/lines/0/id").asText());
    }

    private static ObjectNode save(JsonNode document, boolean noted) {
        ObjectNode save = MAPPER.createObjectNode().put("expectedVersion", 1);
        if (noted) save.put("expectedVersion", 0).put("note", "");
        save.set("document", document);
        return save;
    }

    /** By the names of their schemas. */
    Map<String, JsonNode> all() throws IOException {
        Map<String, JsonNode> good = new TreeMap<>();
        JsonNode chart = get("/api/figures/cha-cha.natural-top").get("document");
        JsonNode own = get("/api/figures/waltz.lantern-pause").get("document");
        JsonNode routine = first("/api/routines?dance=rumba", "/api/routines/").get("document");
        JsonNode song = first("/api/songs", "/api/songs/").get("document");
        JsonNode event = first("/api/events", "/api/events/").get("document");
        JsonNode list = get("/api/lists/starter").get("document");
        good.put("JsonNode", chart);
        good.put("Chart", chart);
        good.put("ChartSave", save(own, true));
        ObjectNode draft = MAPPER.createObjectNode().put("baseVersion", 0);
        draft.putObject("sent").put("window", "w").put("number", 1);
        good.put("FigureDraft", draft.set("document", own));
        good.put("Routine", routine);
        good.put("RoutineSave", save(routine, false));
        good.put("Song", song);
        good.put("SongSave", save(song, false));
        good.put("Event", event);
        good.put("EventSave", save(event, false));
        good.put("FigureList", list);
        good.put("FigureListSave", save(list, false));
        good.put("ListCopy", MAPPER.createObjectNode().put("name", "Mine too").put("from", "starter"));
        good.put("VersionNote", MAPPER.createObjectNode().put("note", "kept"));
        good.put("RoleOfChart", MAPPER.createObjectNode().put("role", "lady").set("chart", chart));
        good.put("TypedText", MAPPER.createObjectNode().put("dance", "waltz").put("text", "1 R fwd fdw 1/4 R HT"));
        good.put(
                "Retime",
                MAPPER.createObjectNode()
                        .put("how", "lengthen")
                        .put("role", "man")
                        .put("step", 1)
                        .put("by", "1")
                        .set("chart", chart));
        good.put(
                "NewFigure",
                MAPPER.createObjectNode()
                        .put("from", "copy")
                        .put("dance", "waltz")
                        .put("name", "New one")
                        .put("figure", "waltz.whisk"));
        ObjectNode seen = MAPPER.createObjectNode().put("kind", "figure").put("id", "waltz.whisk");
        seen.put("name", "Whisk")
                .put("run", "a")
                .put("whom", "")
                .put("from", 0)
                .put("to", 3)
                .put("tempo", 29);
        seen.putObject("fault")
                .put("figure", "waltz.whisk")
                .put("figureName", "Whisk")
                .put("role", "lady");
        ((ObjectNode) seen.get("fault")).put("row", 3).put("seen", "late").put("cue", "wait");
        good.put("LogEntryWanted", seen);
        good.put(
                "SharedRun",
                MAPPER.createObjectNode()
                        .put("kind", "figure")
                        .put("id", "waltz.whisk")
                        .put("run", "b")
                        .put("from", 0)
                        .put("to", 3)
                        .set(
                                "seen",
                                MAPPER.createObjectNode()
                                        .put("place", 0)
                                        .put("role", "man")
                                        .put("row", 1)
                                        .put("seen", "late")));
        good.put(
                "Tick",
                MAPPER.createObjectNode()
                        .put("date", "2026-11-20")
                        .put("nth", 0)
                        .put("kind", "figure")
                        .put("id", "waltz.whisk")
                        .put("done", true));
        good.put("SharingWanted", MAPPER.createObjectNode().put("open", false));
        good.put("CodeWanted", MAPPER.createObjectNode().put("whom", "ines-and-tobin"));
        good.put("Knock", MAPPER.createObjectNode().put("code", "123456").put("name", "Phone"));
        good.put("Passphrase", MAPPER.createObjectNode().put("passphrase", "open"));
        String card = "waltz.natural-turn~man~2~turn";
        ObjectNode given = MAPPER.createObjectNode().put("card", card).put("given", "1/4 R");
        good.put("GivenAnswer", given);
        good.put(
                "KeptAnswer",
                given.deepCopy().put("who", "").put("grade", "good").put("wanted", 0.9));
        ObjectNode paper = MAPPER.createObjectNode().put("who", "");
        paper.putArray("answers").add(given);
        good.put("ExamPaper", paper);
        ObjectNode change =
                MAPPER.createObjectNode().put("at", "2026-11-20T10:00:00Z").put("tempo", 29);
        good.put("LogEntryChange", change.set("fault", seen.get("fault")));
        ObjectNode side = MAPPER.createObjectNode().put("figure", "waltz.whisk");
        good.put(
                "Comparing",
                MAPPER.createObjectNode().<ObjectNode>set("left", side).set("right", side));
        good.put(
                "PlanDraft",
                MAPPER.readTree(
                        "{\"dance\":\"waltz\",\"bars\":4,\"allowed\":[],\"required\":[\"waltz.whisk\"],"
                                + "\"atMost\":{\"waltz.hover-corte\":1},\"eachAtMost\":2,\"first\":\"\",\"last\":\"\",\"closes\":false,"
                                + "\"phraseBars\":8,\"highlights\":[],\"weights\":{\"customary\":3,\"highlight\":5,\"variety\":4,"
                                + "\"travel\":1,\"sides\":1,\"change\":1,\"build\":3},\"moments\":[],\"wanted\":2,\"apart\":0.3}"));
        for (String kind : LISTED) {
            if (!good.containsKey(SCHEMAS.get(kind))) put(good, kind);
        }
        ObjectNode chosen = MAPPER.createObjectNode().put("file", "a.yaml");
        chosen.withArray("things")
                .addObject()
                .put("kind", "song")
                .put("id", "hostile")
                .put("how", "take")
                .set("document", song);
        good.put("Choice", chosen);
        ObjectNode receipt = MAPPER.createObjectNode();
        receipt.withArray("taken")
                .addObject()
                .put("kind", "song")
                .put("id", "hostile")
                .put("name", "x")
                .put("version", 1)
                .put("before", 0)
                .put("binned", false);
        good.put("Receipt", receipt);
        good.put("TeachWanted", MAPPER.createObjectNode().put("kind", "figure").put("id", "waltz.whisk"));
        good.put(
                "JottingWanted",
                MAPPER.createObjectNode()
                        .put("line", "ines tobin whisk 3 lady late, wait")
                        .put("dance", "waltz")
                        .put("row", 3));
        return good;
    }
}
