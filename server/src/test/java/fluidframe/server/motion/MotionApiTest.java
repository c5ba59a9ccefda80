package fluidframe.server.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.Repertoire;
import fluidframe.core.motion.Motion;
import fluidframe.core.motion.Sanity;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineWork;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.library.shipped.ShippedLibrary;
import fluidframe.server.ApiCalls;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class MotionApiTest extends ApiCalls {
    @Test
    void aFigureIsDancedByBothWithEveryRowAndEveryCurve() throws Exception {
        JsonNode motion = call(200, get("/api/motion/figures/waltz.natural-turn?count=teaching count"), null);
        assertThat(motion.get("dancers")).hasSize(2);
        assertThat(motion.at("/dancers/0/curves")).hasSize(23);
        assertThat(motion.get("rows")).hasSize(12);
        assertThat(motion.at("/rows/0/count").asText()).isEqualTo("one");
        assertThat(motion.at("/rows/0/spoken/0/word").asText()).isEqualTo("one");
        assertThat(motion.get("end").asDouble()).isEqualTo(6);
        assertThat(motion.get("tempo").asDouble()).isEqualTo(29);
        assertThat(motion.get("seconds")).hasSize(7);
    }

    @Test
    void aPartAVariantAndAFigureThatBeginsOnTwoKeepTheirTime() throws Exception {
        JsonNode part = call(200, get("/api/motion/figures/waltz.natural-turn?part=1-3"), null);
        assertThat(part.get("end").asDouble()).isEqualTo(3);
        JsonNode fan = call(200, get("/api/motion/figures/rumba.fan"), null);
        assertThat(fan.get("begins").asDouble()).isEqualTo(1);
        assertThat(fan.at("/rows/0/onset").asDouble()).isEqualTo(1);
    }

    @Test
    void aCoupleHasItsOwnHeightsAndWhatIsTooTallIsRefused() throws Exception {
        JsonNode motion = call(200, get("/api/motion/figures/waltz.whisk?man=192&lady=158"), null);
        assertThat(motion.at("/dancers/0/height").asDouble()).isEqualTo(1.92);
        assertThat(motion.at("/dancers/1/height").asDouble()).isEqualTo(1.58);
        assertThat(call(422, get("/api/motion/figures/waltz.whisk?man=300"), null)
                        .toString())
                .contains("1.2 to 2.2 metres");
    }

    @Test
    void aChartIsDancedAsItIsTypedAndSaysWhatItsUsualFaultsAre() throws Exception {
        ObjectNode chart =
                (ObjectNode) call(200, get("/api/figures/waltz.whisk"), null).get("document");
        chart.put("name", "Whisk typed anew");
        JsonNode motion = call(200, post("/api/motion/figures"), chart);
        assertThat(motion.get("name").asText()).isEqualTo("Whisk typed anew");
        assertThat(motion.get("rows")).hasSize(6);
        assertThat(motion.at("/blocks/0/figure").asText()).isEqualTo("waltz.whisk");
        assertThat(motion.at("/blocks/0/faults")).isNotEmpty();
        assertThat(motion.at("/countIn/bars").asInt()).isEqualTo(1);
        call(422, post("/api/motion/figures"), mapper.createObjectNode());
    }

    @Test
    void aNumberOfRepeatsThatIsNoneIsTheChartedOne() throws Exception {
        JsonNode chart =
                call(200, get("/api/figures/cha-cha.natural-top"), null).get("document");
        JsonNode work = call(200, post("/api/work").queryParam("repeats", "\0"), chart);
        assertThat(work.get("problems")).isEmpty();
    }

    @Test
    void everyDanceHasItsBand() throws Exception {
        JsonNode band = call(200, get("/api/bands/samba"), null);
        assertThat(band.get("phraseBeats").asInt()).isEqualTo(16);
        assertThat(band.at("/phrase/0/instrument").asText()).isNotBlank();
        call(404, get("/api/bands/polka"), null);
    }

    @Test
    void whatIsNotChartedIsRefused() throws Exception {
        assertThat(call(404, get("/api/motion/figures/waltz.nothing"), null).toString())
                .contains("There is no figure");
        assertThat(call(404, get("/api/motion/figures/waltz.whisk?part=9-12"), null)
                        .toString())
                .contains("not charted in that way");
        assertThat(call(404, get("/api/motion/figures/waltz.whisk?option=none-such"), null)
                        .toString())
                .contains("not charted in that way");
    }

    @Test
    void everyDemoRoutineIsDancedOnItsFloorAndTheSoundOnesWithoutAJump() throws Exception {
        Repertoire library = Repertoire.of(ShippedLibrary.load());
        Map<String, Integer> jumps = new TreeMap<>();
        for (JsonNode line : call(200, get("/api/routines?dance=all"), null).get("lines")) {
            String id = line.get("id").asText();
            JsonNode document = call(200, get("/api/routines/" + id), null).get("document");
            JsonNode motion = call(200, post("/api/motion/routines"), document);
            assertThat(motion.get("blocks")).hasSize(document.get("figures").size());
            assertThat(motion.at("/hall/length").asDouble()).isPositive();
            Routine routine = RoutineFormat.ROUTINE.read(document).orThrow();
            RoutineWork work = RoutineWork.of(routine.dance(), routine.placed(), library, routine.startTurn());
            Sanity sanity =
                    Sanity.of(Motion.of(work, routine.hall(), Stride.usual(routine.dance()), Motion.Couple.USUAL));
            assertThat(sanity.leg().metres()).as(id).isLessThan(Sanity.MOST_LEG);
            if (line.get("brokenJoins").asInt() == 0) {
                assertThat(sanity.slide().metres()).as(id).isLessThan(Sanity.MOST_SLIDE);
            }
            jumps.put(id, sanity.jumps());
        }
        assertThat(jumps).hasSizeGreaterThan(8);
        assertThat(jumps.values().stream().mapToInt(i -> i).sum())
                .as("%s", jumps)
                .isLessThanOrEqualTo(1);
    }

    @Test
    void aRoutineWithNothingInItHasNobodyOnTheFloor() throws Exception {
        String id = call(200, get("/api/routines?dance=waltz"), null)
                .at("/lines/0/id")
                .asText();
        ObjectNode document =
                (ObjectNode) call(200, get("/api/routines/" + id), null).get("document");
        document.putArray("figures");
        JsonNode motion = call(200, post("/api/motion/routines"), document);
        assertThat(motion.get("dancers")).isEmpty();
        document.putArray("figures").addObject().put("element", "Hold").put("beats", 4);
        assertThat(call(200, post("/api/motion/routines"), document).get("end").asDouble())
                .isEqualTo(4);
    }

    @Test
    void aFigureIsDancedInAnotherOfItsTimings() throws Exception {
        String figure = "/api/motion/figures/cha-cha.hand-to-hand";
        assertThat(call(200, get(figure), null).at("/rows/2/onset").asDouble()).isEqualTo(2);
        JsonNode late = call(200, get(figure + "?timing=guapacha"), null);
        assertThat(late.at("/rows/2/onset").asDouble()).isEqualTo(2.5);
        assertThat(late.at("/rows/2/count").asText()).isEqualTo("&");
        call(404, get(figure + "?timing=none"), null);
    }
}
