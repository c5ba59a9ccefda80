package fluidframe.server.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.ApiCalls;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ProposalApiTest extends ApiCalls {
    private JsonNode chart(String id) throws Exception {
        return call(200, get("/api/figures/" + id), null).get("document");
    }

    private static Map<String, Object> of(JsonNode chart, String role, Object... more) {
        Map<String, Object> body = new java.util.HashMap<>(Map.of("chart", chart, "role", role));
        for (int i = 0; i < more.length; i += 2) body.put((String) more[i], more[i + 1]);
        return body;
    }

    @Test
    void proposesThePartnersRowsBesideWhatIsThere() throws Exception {
        JsonNode rows = call(200, post("/api/proposals/partner"), of(chart("waltz.natural-turn"), "man"));
        assertThat(rows).hasSize(6).allSatisfy(row -> {
            ObjectNode now = row.get("now").deepCopy();
            now.remove("lead");
            assertThat(row.get("row"))
                    .as("all but the lead, which is nobody else's")
                    .isEqualTo(now);
        });
        assertThat(rows.at("/1/because").asText()).contains("points ahead by 1/8");
    }

    @Test
    void retimesBothRolesOrSaysByHowMuchTheBarWouldBreak() throws Exception {
        JsonNode chart = chart("cha-cha.hand-to-hand");
        JsonNode held =
                call(200, post("/api/proposals/timing"), of(chart, "man", "how", "hold", "step", 1, "by", "1/2"));
        assertThat(held.at("/chart/lady/1/count").asText()).isEqualTo("&");
        JsonNode refused = call(200, post("/api/proposals/timing"), of(chart, "man", "how", "split", "step", 1));
        assertThat(refused.has("chart")).isFalse();
        assertThat(refused.get("words").asText()).contains("the bar would break by 1");
        assertThat(call(200, post("/api/proposals/rhythms"), of(chart, "man")).toString())
                .contains("\"2 3 4 & 1\"");
        assertThat(call(422, post("/api/proposals/timing"), of(chart, "man", "how", "hold", "step", 9))
                        .get("detail")
                        .asText())
                .isEqualTo("The step must be from 1 to 5, but was 9");
        assertThat(call(400, post("/api/proposals/timing"), of(chart, "man", "how", "hold", "step", 0))
                        .toString())
                .contains("/step");
    }

    @Test
    void fillsCellsThatFollowFromOthers() throws Exception {
        ObjectNode chart = chart("waltz.natural-turn").deepCopy();
        ((ObjectNode) chart.at("/man/2")).remove("align");
        JsonNode cells = call(200, post("/api/proposals/cells"), chart);
        assertThat(cells)
                .singleElement()
                .satisfies(cell -> assertThat(cell.get("text").asText()).isEqualTo("backing LOD"));
        assertThat(call(200, get("/api/proposals/division/12"), null)
                        .get("words")
                        .asText())
                .contains("3/8 on the ball");
        assertThat(call(422, get("/api/proposals/division/99"), null)
                        .get("detail")
                        .asText())
                .contains("but was 99");
    }

    @Test
    void tellsChangedRowsAsAVariantAndPutsTheOldOnesBack() throws Exception {
        JsonNode before = chart("waltz.natural-turn");
        ObjectNode now = before.deepCopy();
        ((ObjectNode) now.at("/man/5")).put("note", "less");
        Map<String, Object> body = Map.of("before", before, "now", now, "name", "Less of it");
        JsonNode made = call(200, post("/api/proposals/variant"), body);
        assertThat(made.get("words").asText()).startsWith("“Less of it” is a variant from step 6");
        assertThat(made.at("/chart/man")).isEqualTo(before.get("man"));
        JsonNode variants = made.at("/chart/variants");
        assertThat(variants.get(variants.size() - 1).get("keep").asInt()).isEqualTo(5);
        ((ObjectNode) made.get("chart")).set("man", now.get("man"));
        JsonNode again = call(
                200,
                post("/api/proposals/variant"),
                Map.of("before", before, "now", made.get("chart"), "name", "Less of it"));
        assertThat(again.at("/chart/variants")).hasSameSizeAs(variants);
        JsonNode same =
                call(200, post("/api/proposals/variant"), Map.of("before", before, "now", before, "name", "Nothing"));
        assertThat(same.has("chart")).isFalse();
    }

    @Test
    void aFigureForOneDancerHasVariantsToo() throws Exception {
        for (String alone : List.of("man", "lady")) {
            ObjectNode before = chart("waltz.natural-turn").deepCopy();
            before.retain("format", "id", "dance", "name", alone);
            ObjectNode now = before.deepCopy();
            ((ObjectNode) now.at("/" + alone + "/2")).put("note", "less");
            JsonNode chart = call(
                            200,
                            post("/api/proposals/variant"),
                            Map.of("before", before, "now", now, "name", "Less of it"))
                    .get("chart");
            assertThat(chart.get(alone)).isEqualTo(before.get(alone));
            assertThat(chart.has(alone.equals("man") ? "lady" : "man")).isFalse();
            assertThat(call(200, post("/api/work"), chart).get("problems")).isEmpty();
        }
    }

    @Test
    void drawsTheTurnOnAnAxisThatNamesWhereEachFaces() throws Exception {
        JsonNode axis = call(200, get("/api/figures/waltz.natural-turn"), null).at("/work/axis");
        assertThat(axis.findValuesAsText("words")).containsExactly("0", "1/4 R", "1/2 R", "3/4 R");
        assertThat(axis).allSatisfy(line -> assertThat(line.get("man").asText()).isNotEmpty());
        JsonNode still =
                call(200, get("/api/figures/waltz.closed-change-right"), null).at("/work/axis");
        assertThat(still.findValuesAsText("words")).containsExactly("1/8 L", "0", "1/8 R");
    }

    @Test
    void readsLinesAndTablesAndTellsWhatDoesNotFit() throws Exception {
        JsonNode lines = call(
                200,
                post("/api/proposals/rows"),
                Map.of("text", "1 r f fdw\n2 s zz", "role", "man", "dance", "waltz", "table", false));
        assertThat(lines.at("/man/0/align").asText()).isEqualTo("facing DW");
        assertThat(lines.at("/problems/0/line").asInt()).isEqualTo(2);
        JsonNode table = call(
                200,
                post("/api/proposals/rows"),
                Map.of(
                        "text",
                        "role\tcount\tfoot\tplace\nlady\t1\tL\tback",
                        "role",
                        "man",
                        "dance",
                        "waltz",
                        "table",
                        true));
        assertThat(table.get("lady")).hasSize(1);
    }

    @Test
    void beginsFiguresFromNothingFromOthersAndKeepsThemAsDraftsUntilSaved() throws Exception {
        JsonNode begun =
                call(201, post("/api/new-figures"), Map.of("from", "nothing", "dance", "tango", "name", "Lamp Walk"));
        assertThat(begun.get("id").asText()).isEqualTo("tango.lamp-walk");
        assertThat(call(200, get("/api/new-figures"), null).toString()).contains("tango.lamp-walk");
        assertThat(call(422, post("/api/new-figures"), Map.of("from", "nothing", "dance", "tango", "name", "Lamp walk"))
                        .get("detail")
                        .asText())
                .contains("choose another name");
        ObjectNode broken = begun.get("document").deepCopy();
        ((ObjectNode) broken.at("/man/0")).put("place", "nowhere");
        call(
                204,
                put("/api/figures/tango.lamp-walk/draft"),
                Map.of("baseVersion", 0, "sent", Map.of("window", "a", "number", 1), "document", broken));
        JsonNode again = call(200, get("/api/figures/tango.lamp-walk"), null);
        assertThat(again.at("/drafts/0/document/man/0/place").asText()).isEqualTo("nowhere");
        call(
                200,
                put("/api/figures/tango.lamp-walk"),
                Map.of(
                        "expectedVersion",
                        0,
                        "document",
                        begun.get("document"),
                        "note",
                        "first",
                        "drafts",
                        List.of(Map.of("window", "a", "number", 2))));
        assertThat(call(200, get("/api/new-figures"), null).toString()).doesNotContain("tango.lamp-walk");
        JsonNode alone = call(200, get("/api/figures").param("dance", "tango").param("q", "lamp walk"), null);
        assertThat(alone.at("/0/solo").asText()).isEqualTo("man");
        assertThat(alone.at("/0/finish/manFoot").asText()).isEqualTo("R");

        JsonNode opposite = call(
                201,
                post("/api/new-figures"),
                Map.of(
                        "from",
                        "opposite",
                        "dance",
                        "waltz",
                        "name",
                        "Natural Mirrored",
                        "figure",
                        "waltz.natural-turn"));
        assertThat(opposite.at("/document/man/0/foot").asText()).isEqualTo("L");
        assertThat(opposite.at("/document/man/0/align").asText()).isEqualTo("facing DC");
        JsonNode repeated = call(
                201,
                post("/api/new-figures"),
                Map.of(
                        "from",
                        "repeat",
                        "dance",
                        "samba",
                        "name",
                        "Four Whisks",
                        "figure",
                        "samba.whisks",
                        "times",
                        4,
                        "mirrored",
                        true));
        assertThat(repeated.at("/document/man")).hasSize(12);
        for (String id : new String[] {"waltz.natural-mirrored", "samba.four-whisks"}) {
            call(204, delete("/api/figures/" + id + "/draft"), null);
            call(404, get("/api/figures/" + id), null);
        }
    }

    @Test
    void showsAChartInAnotherTimingWithAnOptionAndRepeated() throws Exception {
        JsonNode hand = chart("cha-cha.hand-to-hand");
        JsonNode guapacha =
                call(200, post("/api/work").param("timing", "guapacha").param("tempo", "30"), hand);
        assertThat(guapacha.at("/work/man/rows/0/seconds").asDouble()).isEqualTo(0.75);
        assertThat(guapacha.at("/work/man/rows/1/at").asText()).isEqualTo("1:3 1/2");
        JsonNode thrice = call(200, post("/api/work").param("repeats", "3"), hand);
        assertThat(thrice.at("/work/man/rows")).hasSize(15);
        JsonNode feather = call(200, post("/api/work").param("option", "newer-shaping"), chart("foxtrot.feather-step"));
        assertThat(feather.at("/chart/man/1/body").asText()).isEqualTo("shape R at end");
        JsonNode aids = call(200, post("/api/work"), hand).at("/work/aids");
        assertThat(aids.at("/counts/3/man").toString()).isEqualTo("[\"two\",\"three\",\"cha\",\"cha\",\"cha\"]");
        assertThat(aids.at("/repeats/0/ways/1/manFree").asText()).isEqualTo("L");
        assertThat(aids.at("/positionChanges/0").asText())
                .isEqualTo("open facing to side by side: the {man} 1/4 L, the {lady} 1/4 R");
        assertThat(call(422, post("/api/work").param("timing", "zz"), hand)
                        .get("detail")
                        .asText())
                .contains("no timing \"zz\"");
    }

    @Test
    void comparesTwoFiguresRowByRow() throws Exception {
        JsonNode both = call(
                200,
                post("/api/compare"),
                Map.of(
                        "left",
                        Map.of("figure", "waltz.natural-turn"),
                        "right",
                        Map.of("figure", "waltz.natural-spin-turn")));
        assertThat(both.get("differentRows").asInt()).isEqualTo(6);
        assertThat(both.at("/rows/0/same").asBoolean()).isTrue();
        assertThat(both.at("/left/manTurn").asText()).isEqualTo("3/4 R");
        call(
                404,
                post("/api/compare"),
                Map.of("left", Map.of("figure", "waltz.none"), "right", Map.of("figure", "waltz.whisk")));
        call(
                422,
                post("/api/compare"),
                Map.of("left", Map.of("figure", "waltz.whisk@x"), "right", Map.of("figure", "waltz.whisk")));
        call(422, post("/api/compare"), Map.of("left", Map.of(), "right", Map.of("figure", "waltz.whisk")));
    }

    @Test
    void showsAnExampleForEachFamilyOfRules() throws Exception {
        JsonNode examples = call(200, get("/api/rules/examples"), null);
        assertThat(examples)
                .hasSize(8)
                .allSatisfy(example -> assertThat(
                                example.at("/work/findings/0/rule").asText())
                        .startsWith(example.get("topic").asText()));
    }

    @Test
    void answersHugeAndHostileRequestsWithARefusalAndNoTrace() throws Exception {
        ObjectNode chart = chart("waltz.whisk").deepCopy();
        ObjectNode many = chart.deepCopy();
        for (int i = 0; i < 200; i++) many.withArray("man").add(chart.at("/man/0"));
        ObjectNode nested = mapper.createObjectNode();
        ObjectNode inner = nested;
        for (int i = 0; i < 400; i++) inner = inner.putObject("x");
        String tooLong = "1 r f fdw br ht e y ".repeat(6000);
        JsonNode[] answers = {
            call(422, post("/api/proposals/partner"), of(many, "man")),
            call(422, post("/api/proposals/partner"), of(nested, "man")),
            call(400, post("/api/proposals/partner"), of(chart, "horse")),
            call(400, post("/api/proposals/partner"), Map.of("role", "man")),
            call(422, post("/api/proposals/timing"), of(chart, "man", "how", "hold", "step", 1, "by", "1/0")),
            call(422, post("/api/proposals/timing"), of(chart, "man", "how", "rhythm", "step", 1, "rhythm", "zz")),
            call(
                    400,
                    post("/api/proposals/rows"),
                    Map.of("text", tooLong, "role", "man", "dance", "waltz", "table", false)),
            call(422, post("/api/new-figures"), Map.of("from", "nothing", "dance", "polka", "name", "X")),
            call(422, post("/api/new-figures"), Map.of("from", "copy", "dance", "waltz", "name", "X")),
            call(400, post("/api/new-figures"), Map.of("from", "nothing", "dance", "waltz", "name", " ")),
            call(422, post("/api/work").param("tempo", "1e9"), chart),
            call(422, post("/api/work").param("repeats", "2"), chart),
            call(400, post("/api/work").param("repeats", "many"), chart),
            call(
                    404,
                    post("/api/compare"),
                    Map.of("left", Map.of("figure", "../../etc"), "right", Map.of("chart", chart))),
        };
        for (JsonNode answer : answers) {
            assertThat(answer.toString()).doesNotContain("Exception", "fluidframe.server", "\tat ");
        }
        JsonNode lines = call(
                200,
                post("/api/proposals/rows"),
                Map.of("text", "1 r f\n".repeat(500), "role", "man", "dance", "waltz", "table", false));
        assertThat(lines.at("/problems/0/message").asText()).contains("at most 128 lines");
    }
}
