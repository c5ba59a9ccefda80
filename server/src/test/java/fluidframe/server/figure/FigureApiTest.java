package fluidframe.server.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.library.shipped.ShippedLibrary;
import fluidframe.server.ApiCalls;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

class FigureApiTest extends ApiCalls {
    private JsonNode figure(String id) throws Exception {
        return call(200, get("/api/figures/" + id), null);
    }

    private static ObjectNode with(JsonNode chart, String role, int index, String key, String text) {
        ObjectNode copy = chart.deepCopy();
        ((ObjectNode) copy.get(role).get(index)).put(key, text);
        return copy;
    }

    private ObjectNode save(int expected, JsonNode chart, String note) {
        ObjectNode save =
                mapper.createObjectNode().put("expectedVersion", expected).put("note", note);
        save.set("document", chart);
        return save;
    }

    private List<String> names(String query) throws Exception {
        List<String> names = new ArrayList<>();
        call(200, get("/api/figures").param("q", query), null)
                .forEach(f -> names.add(f.get("name").asText()));
        return names;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "whisk                     | Whisk, Back Whisk, Left Whisk, Fallaway Whisk",
                "double rev                | Double Reverse Spin",
                "heel turn                 | Double Reverse Spin, Open Impetus, Closed Impetus, Reverse Corte, Closed Telemark, Open Telemark",
                "starts in promenade on right foot weave | Weave from Promenade",
                "promenade RF free         | Whisk, Open Impetus, Chasse from Promenade, Weave from Promenade, Back Whisk, Left Whisk, Contra Check, Cross Hesitation, Open Telemark, Wing, Turning Lock to Right",
                "finishes in promenade     | Whisk, Open Impetus, Back Whisk, Contra Check, Open Telemark, Turning Lock to Right",
                "starts facing DC          | Reverse Turn, Closed Change on RF, Double Reverse Spin, Weave from Promenade, Progressive Chasse to Right, Closed Telemark, Open Telemark, Cross Hesitation, Wing, Drag Hesitation, Closed Wing, Fallaway Reverse and Slip Pivot",
                "step two lands beside     | Natural Turn",
                "1/2 pivot                 | Natural Spin Turn"
            })
    void findsFiguresByWhatACoachWouldSay(String query, String expected) throws Exception {
        List<String> found = new ArrayList<>(names(query));
        found.remove("Wide Crossing");
        assertThat(found).containsExactlyInAnyOrder(expected.split(", "));
    }

    @Test
    void listsTheDancesFiguresWithWhereTheyStartAndFinish() throws Exception {
        assertThat(names("")).hasSizeGreaterThanOrEqualTo(13).contains("Lantern Pause");
        assertThat(names("zebra")).isEmpty();
        assertThat(names("Left Turn")).first().isEqualTo("Reverse Turn");
        JsonNode whisk =
                call(200, get("/api/figures").param("q", "forward whisk"), null).get(0);
        assertThat(whisk.at("/finish/position").asText()).isEqualTo("promenade");
        assertThat(whisk.at("/start/manFoot").asText()).isEqualTo("L");
        assertThat(call(200, get("/api/figures").param("dance", "tango"), null)).hasSizeGreaterThanOrEqualTo(3);
        assertThat(call(200, get("/api/dances"), null)).hasSize(17);
        assertThat(call(200, get("/api/rules"), null).size()).isGreaterThan(45);
    }

    @Test
    void worksOutAChartAsItIsTypedAndTellsTheCellThatCannotBeRead() throws Exception {
        JsonNode chart = figure("waltz.natural-turn").get("document");
        JsonNode worked = call(200, post("/api/work"), with(chart, "man", 1, "turn", "1/8 r"));
        assertThat(worked.at("/chart/man/1/turn").asText()).isEqualTo("1/8 R");
        assertThat(worked.at("/work/broken").asInt()).isEqualTo(2);
        JsonNode finding = worked.at("/work/findings/0");
        assertThat(finding.get("rule").asText()).isEqualTo("turn.matches-alignment");
        assertThat(finding.at("/fix/text").asText()).isEqualTo("1/4 R");
        JsonNode unreadable = call(200, post("/api/work"), with(chart, "lady", 2, "align", "facing up"));
        assertThat(unreadable.at("/problems/0/path").asText()).isEqualTo("/lady/2/align");
        assertThat(unreadable.at("/chart/lady/2").has("align")).isFalse();
        assertThat(unreadable.at("/work/lady/rows")).hasSize(6);
        JsonNode cut = call(200, post("/api/work"), with(chart, "man", 3, "foot", "Q"));
        assertThat(cut.at("/problems/0/path").asText()).isEqualTo("/man/3/foot");
        assertThat(cut.at("/work/man/rows")).hasSize(3);
        assertThat(cut.at("/work/findings")).isEmpty();
    }

    @Test
    void keepsACopyOnTopOfAShippedFigureWithVersionsDifferencesAndReset() throws Exception {
        String path = "/api/figures/waltz.whisk";
        JsonNode shipped = figure("waltz.whisk").get("document");
        JsonNode changed = with(shipped, "man", 0, "work", "H");
        JsonNode saved = call(200, put(path), save(0, changed, "flatter first step"));
        assertThat(saved.get("version").asInt()).isEqualTo(1);
        assertThat(saved.get("own").asBoolean() && saved.get("shipped").asBoolean())
                .isTrue();
        JsonNode difference = call(200, post(path + "/differences"), changed);
        assertThat(difference).hasSize(1);
        assertThat(difference.get(0).toString()).contains("\"man\"", "\"work\"", "\"HT\"", "\"H\"");
        assertThat(call(200, get(path + "/versions"), null).at("/0/note").asText())
                .isEqualTo("flatter first step");
        assertThat(call(200, get(path + "/versions/1"), null)).isEqualTo(changed);
        call(204, delete(path), null);
        JsonNode back = figure("waltz.whisk");
        assertThat(back.get("document")).isEqualTo(shipped);
        assertThat(back.get("version").asInt()).isZero();
        assertThat(call(200, put(path), save(0, changed, "again"))
                        .get("version")
                        .asInt())
                .isEqualTo(2);
        call(204, delete(path), null);
    }

    @Test
    void aVersionKeptBesideIsNotWrittenOverByTheNextSave() throws Exception {
        String path = "/api/figures/waltz.drag-hesitation";
        JsonNode shipped = figure("waltz.drag-hesitation").get("document");
        call(200, put(path), save(0, with(shipped, "man", 0, "note", "one"), "first"));
        call(201, post(path + "/versions"), mapper.createObjectNode().put("note", "kept beside"));
        JsonNode saved = call(200, put(path), save(1, with(shipped, "man", 0, "note", "two"), "third"));
        assertThat(saved.get("version").asInt()).isEqualTo(3);
        assertThat(call(200, get(path + "/versions"), null).findValuesAsText("note"))
                .containsExactly("third", "kept beside", "first");
        assertThat(call(200, get(path + "/versions/2"), null).at("/man/0/note").asText())
                .isEqualTo("one");
        call(204, delete(path), null);
    }

    @Test
    void refusesAStaleSaveWithBothChartsAtHand() throws Exception {
        String path = "/api/figures/waltz.hesitation-change";
        JsonNode shipped = figure("waltz.hesitation-change").get("document");
        JsonNode first = with(shipped, "man", 0, "work", "H");
        JsonNode second = with(shipped, "man", 0, "work", "HF");
        call(200, put(path), save(0, first, ""));
        JsonNode refusal = call(409, put(path), save(0, second, ""));
        assertThat(refusal.at("/sides/version").asInt()).isEqualTo(1);
        assertThat(refusal.at("/sides/current")).isEqualTo(first);
        assertThat(refusal.at("/sides/yours")).isEqualTo(second);
        assertThat(refusal.get("detail").asText()).contains("Nothing is lost");
        assertThat(refusal.at("/sides/differences/0").toString()).contains("{man} 1, work", "\"H\"", "\"HF\"");
        assertThat(call(200, put(path), save(1, second, "")).get("version").asInt())
                .isEqualTo(2);
        call(204, delete(path), null);
    }

    private ObjectNode draft(String window, int number, JsonNode chart) {
        ObjectNode draft = mapper.createObjectNode().put("baseVersion", 0);
        draft.putObject("sent").put("window", window).put("number", number);
        draft.set("document", chart);
        return draft;
    }

    private List<String> drafts(String id) throws Exception {
        List<String> notes = new ArrayList<>();
        figure(id)
                .get("drafts")
                .forEach(d -> notes.add(
                        d.get("window").asText() + d.at("/document/man/0/turn").asText()));
        return notes;
    }

    @Test
    void keepsADraftOfEachWindowEvenWhereItCannotBeReadYet() throws Exception {
        String path = "/api/figures/waltz.outside-change";
        JsonNode chart = figure("waltz.outside-change").get("document");
        call(204, put(path + "/draft"), draft("a", 1, with(chart, "man", 0, "turn", "1/")));
        call(204, put(path + "/draft"), draft("b", 1, with(chart, "man", 0, "turn", "3/")));
        assertThat(drafts("waltz.outside-change")).containsExactly("b3/", "a1/");
        call(204, put(path + "/draft"), draft("a", 3, with(chart, "man", 0, "turn", "5/")));
        call(204, put(path + "/draft"), draft("a", 2, with(chart, "man", 0, "turn", "late")));
        assertThat(drafts("waltz.outside-change")).containsExactly("a5/", "b3/");
        ObjectNode save = save(0, with(chart, "man", 0, "note", "saved"), "");
        save.putArray("drafts").addObject().put("window", "a").put("number", 4);
        call(200, put(path), save);
        call(204, put(path + "/draft"), draft("a", 4, with(chart, "man", 0, "turn", "revived")));
        assertThat(drafts("waltz.outside-change")).containsExactly("b3/");
        ObjectNode goesOn = draft("c", 1, with(chart, "man", 0, "turn", "7/"));
        goesOn.putObject("instead").put("window", "b").put("number", 1);
        call(204, put(path + "/draft"), goesOn);
        assertThat(drafts("waltz.outside-change")).containsExactly("c7/");
        call(204, delete(path + "/draft"), null);
        assertThat(drafts("waltz.outside-change")).isEmpty();
        call(204, delete(path), null);
    }

    @Test
    void refusesWhatCannotBeReadWithThePathsOfItsFields() throws Exception {
        JsonNode chart = figure("waltz.whisk").get("document");
        JsonNode refusal = call(422, put("/api/figures/waltz.whisk"), save(0, with(chart, "lady", 1, "foot", "X"), ""));
        assertThat(refusal.at("/problems/0/path").asText()).isEqualTo("/lady/1/foot");
        assertThat(call(
                                400,
                                put("/api/figures/waltz.whisk"),
                                mapper.createObjectNode().put("expectedVersion", -1))
                        .get("problems"))
                .hasSize(2);
        assertThat(call(422, put("/api/figures/waltz.other"), save(0, chart, ""))
                        .get("detail")
                        .asText())
                .contains("must be \"waltz.other\"");
        assertThat(call(404, get("/api/figures/waltz.tumble"), null)
                        .get("detail")
                        .asText())
                .isEqualTo("There is no figure \"waltz.tumble\"");
        assertThat(call(404, get("/api/figures/waltz.whisk/versions/99"), null)
                        .get("status")
                        .asInt())
                .isEqualTo(404);
        assertThat(call(400, post("/api/work").contentType("application/json").content("{"), null)
                        .toString())
                .doesNotContain("Exception");
    }

    @Test
    void readsAndWritesFiles() throws Exception {
        String text = ShippedLibrary.text("waltz/whisk.yaml")
                .replace("waltz.whisk", "waltz.wide-crossing")
                .replace("name: Whisk", "name: Wide Crossing")
                .replace("Forward Whisk", "Broad Crossing");
        MockHttpServletRequestBuilder add =
                post("/api/figures/file").contentType("application/yaml").content(text);
        assertThat(call(201, add, null).get("shipped").asBoolean()).isFalse();
        String file = mvc.perform(get("/api/figures/waltz.wide-crossing/file"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(file).startsWith("format: fluidframe/figure@1").contains("name: Wide Crossing");
        assertThat(call(
                                422,
                                post("/api/figures/file")
                                        .contentType("application/yaml")
                                        .content(text),
                                null)
                        .get("detail")
                        .asText())
                .contains("already");
        JsonNode broken = call(
                422,
                post("/api/figures/file").contentType("application/yaml").content(text.replace("foot: L", "foot: Q")),
                null);
        assertThat(broken.at("/problems/0/line").asInt()).isPositive();
    }
}
