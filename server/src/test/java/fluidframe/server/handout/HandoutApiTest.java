package fluidframe.server.handout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.ApiCalls;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;

class HandoutApiTest extends ApiCalls {
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}/]+");

    private MockHttpServletResponse answer(String path) throws Exception {
        return mvc.perform(get(URI.create("/api/handouts/" + path))).andReturn().getResponse();
    }

    private String page(String path) throws Exception {
        MockHttpServletResponse response = answer(path);
        assertThat(response.getStatus()).as(path).isEqualTo(200);
        return response.getContentAsString(StandardCharsets.UTF_8);
    }

    private byte[] pdf(String path) throws Exception {
        int query = path.indexOf('?');
        MockHttpServletResponse response =
                answer(query < 0 ? path + "/pdf" : path.substring(0, query) + "/pdf" + path.substring(query));
        assertThat(response.getStatus()).as(path).isEqualTo(200);
        return response.getContentAsByteArray();
    }

    private static List<String> words(String text) {
        List<String> words = new ArrayList<>();
        Matcher matcher = WORD.matcher(text.replaceAll("(?s)<(style|svg|title|head).*?</\\1>", " ")
                .replaceAll("<[^>]*>", " ")
                .replaceAll("&[a-z]+;|&#\\d+;", " "));
        while (matcher.find()) words.add(matcher.group());
        return words;
    }

    private String some(String path) throws Exception {
        return call(200, get(path), null).at("/lines/0/id").asText();
    }

    private List<String> everySheet() throws Exception {
        return List.of(
                "figure/waltz.natural-turn",
                "figure/paso-doble.sixteen?paper=letter",
                "figure/samba.solo-spot-voltas?role=man",
                "figure/waltz.natural-turn?role=lady&large=true&roles=leader-follower",
                "comparison/waltz.natural-turn?with=waltz.reverse-turn",
                "routine/long-floor-waltz?with=ostermere-plate-heats",
                "part/long-floor-waltz?role=man&count=123&folded=body,lead".replace("&count=123", ""),
                "syllabus/rumba",
                "syllabus/all",
                "lesson/" + some("/api/lessons"),
                "practice/" + some("/api/practices"),
                "class/" + some("/api/classes"),
                "cards/waltz");
    }

    /** What is seen is what is printed: the same words, in a file that can be searched, is tagged and brings its fonts along. */
    @Test
    void everySheetIsPrintedAsItIsShown() throws Exception {
        for (String path : everySheet()) {
            List<String> shown = words(page(path));
            try (PDDocument pdf = Loader.loadPDF(pdf(path))) {
                List<String> printed = words(new PDFTextStripper().getText(pdf));
                assertThat(String.join("", printed)).as(path).contains(shown.get(shown.size() - 1));
                List<String> missing = new ArrayList<>(shown);
                missing.removeAll(printed);
                // Words that are broken over two lines count as two there.
                assertThat(missing).as(path).hasSizeLessThan(2 + shown.size() / 100);
                assertThat(pdf.getDocumentInformation().getTitle()).as(path).isNotBlank();
                assertThat(pdf.getDocumentCatalog().getLanguage()).isEqualTo("en");
                assertThat(pdf.getDocumentCatalog().getDocumentOutline().getFirstChild())
                        .as(path)
                        .isNotNull();
                assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
                boolean letter = path.contains("letter");
                for (PDPage page : pdf.getPages()) {
                    assertThat(page.getMediaBox().getHeight()).isEqualTo(letter ? 792f : 841.875f);
                    for (COSName font : page.getResources().getFontNames())
                        assertThat(page.getResources().getFont(font).isEmbedded())
                                .isTrue();
                }
                String last = new PDFTextStripper().getText(pdf);
                assertThat(last).contains("organisation's rules come first").contains("1 / " + pdf.getNumberOfPages());
            }
        }
    }

    /** No row begins on one page and ends on the next. */
    @Test
    void aRowIsNeverBrokenOverTwoPages() throws Exception {
        ObjectNode routine = (ObjectNode)
                call(200, get("/api/routines/long-floor-waltz"), null).get("document");
        ArrayNode figures = (ArrayNode) routine.get("figures");
        JsonNode first = figures.get(0).deepCopy();
        ((ObjectNode) first).put("note", "WORDS " + "and more of it ".repeat(12) + "ENDING");
        while (figures.size() < 40) figures.add(first.deepCopy());
        routine.put("name", "Forty figures");
        String id = call(201, post("/api/routines"), routine).get("id").asText();
        try (PDDocument pdf = Loader.loadPDF(pdf("routine/" + id))) {
            assertThat(pdf.getNumberOfPages()).isGreaterThan(1);
            for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
                PDFTextStripper stripper = new PDFTextStripper();
                stripper.setStartPage(page);
                stripper.setEndPage(page);
                String text = stripper.getText(pdf);
                assertThat(text.split("WORDS", -1)).hasSameSizeAs(text.split("ENDING", -1));
            }
        }
    }

    /** Whatever somebody has typed stands on the sheet as typed, and does nothing there. */
    @Test
    void oddTextsAreTextsAndNothingElse() throws Exception {
        ObjectNode routine = (ObjectNode)
                call(200, get("/api/routines/long-floor-waltz"), null).get("document");
        String odd =
                "<script>alert(1)</script> & \"quotes\" ${1+1} @{x} [[x]] \u0001\ud83d \u202e \ud83d\ude00 <img src='http://x/'/>";
        routine.put("name", odd.substring(0, 70)).put("note", odd);
        String id = call(201, post("/api/routines"), routine).get("id").asText();
        for (String what : List.of("routine/", "part/")) {
            String page = page(what + id);
            assertThat(page).doesNotContain("<script>", "<img").contains("&lt;script&gt;", "${1+1}");
            try (PDDocument pdf = Loader.loadPDF(pdf(what + id))) {
                assertThat(new PDFTextStripper().getText(pdf)).contains("alert(1)", "${1+1}");
            }
        }
    }

    @Test
    void theLayersAndTheWordsForTheRolesAreAsWanted() throws Exception {
        assertThat(page("part/long-floor-waltz?role=lady&folded=body,lead"))
                .doesNotContain("sway")
                .contains("facing");
        assertThat(page("part/long-floor-waltz?role=lady&roles=leader-follower"))
                .contains("Follower&#39;s part")
                .doesNotContain("Lady's");
        assertThat(page("part/long-floor-waltz?role=man&large=true")).contains("class=\"large a4\"");
    }

    @Test
    void whatThereIsNoSheetOfIsRefused() throws Exception {
        for (String path : List.of(
                "hat/waltz.whisk", "figure/waltz.whisk?paper=A9", "figure/waltz.whisk?folded=x", "syllabus/polka"))
            assertThat(answer(path).getStatus()).as(path).isEqualTo(422);
        for (String path : List.of("figure/waltz.none", "part/none", "comparison/waltz.whisk?with=none"))
            assertThat(answer(path).getStatus()).as(path).isEqualTo(404);
    }

    @Test
    void aSheetForTheFirstLessonLeavesOutWhatIsForLater() throws Exception {
        String all = page("figure/tango.closed-promenade");
        assertThat(all).contains("She closes beside him", "He closes level");
        assertThat(page("figure/tango.closed-promenade?detail=advanced")).isEqualTo(all);
        String first = page("figure/tango.closed-promenade?detail=first%20lesson");
        assertThat(first).contains("She closes beside him").doesNotContain("He closes level");
        assertThat(page("figure/tango.closed-promenade?detail=first%20lesson&role=lady"))
                .contains("Half of the turn before your third step")
                .doesNotContain("Close half a foot back");
        String schools = "where the turn is made differs";
        assertThat(page("figure/tango.fallaway-promenade")).contains(schools);
        assertThat(page("figure/tango.fallaway-promenade?detail=settled")).doesNotContain(schools);
        assertThat(call(422, get("/api/handouts/figure/waltz.whisk?detail=x"), null)
                        .at("/detail")
                        .asText())
                .contains("first lesson, settled, advanced");
    }
}
