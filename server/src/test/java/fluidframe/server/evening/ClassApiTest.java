package fluidframe.server.evening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.ApiCalls;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ClassApiTest extends ApiCalls {
    private ObjectNode evening(String at, String... people) {
        ObjectNode evening = mapper.createObjectNode().put("at", at + "T19:00").put("rounds", 6);
        for (int i = 0; i < people.length; i++)
            evening.withArray("people")
                    .addObject()
                    .put("dancer", people[i])
                    .withArray("roles")
                    .add(i % 2 == 0 ? "man" : "lady");
        return evening;
    }

    private String dancer(String name) throws Exception {
        return call(201, post("/api/dancers"), mapper.createObjectNode().put("name", name))
                .get("id")
                .asText();
    }

    private JsonNode rotation(JsonNode evening) throws Exception {
        return call(200, post("/api/classes/rotation"), evening);
    }

    @Test
    void theDemoCourseHasThreeEveningsDancedAndTonightKnowsThem() throws Exception {
        JsonNode lines = call(200, get("/api/classes?q=thursday"), null).get("lines");
        assertThat(lines).hasSizeGreaterThanOrEqualTo(4);
        JsonNode tonight = call(
                        200, get("/api/classes/" + lines.get(3).get("id").asText()), null)
                .get("document");
        JsonNode rotation = rotation(tonight);
        assertThat(rotation.get("people")).hasSize(11);
        int earlier = 0;
        for (JsonNode two : rotation.get("grid")) earlier += two.get("earlier").asInt();
        // Three evenings of eight rounds with five couples.
        assertThat(earlier).isEqualTo(3 * 8 * 5);
        Set<String> waiting = new HashSet<>();
        for (JsonNode round : rotation.get("rounds")) {
            assertThat(round.get("pairs")).hasSize(5);
            assertThat(round.get("waiting")).hasSize(1);
            assertThat(waiting.add(round.at("/waiting/0").asText())).isTrue();
        }
        assertThat(rotation.at("/rounds/0/tempo").asDouble()).isEqualTo(26);
        assertThat(rotation.at("/rounds/7/tempo").asDouble()).isEqualTo(33);
    }

    @Test
    void aPlainClassIsProvenAndNamesAreThoseOfTheDancers() throws Exception {
        ObjectNode evening =
                evening("2026-03-05", dancer("Alba Rue"), dancer("Bo Kern"), dancer("Cleo Ash"), dancer("Dov Lind"));
        JsonNode rotation = rotation(evening);
        assertThat(rotation.get("proven").asBoolean()).isTrue();
        assertThat(rotation.get("how").asText()).contains("no plan is more even");
        assertThat(rotation.at("/people/0/name").asText()).isEqualTo("Alba Rue");
        assertThat(rotation.at("/people/0/dances").asInt()).isEqualTo(6);
    }

    @Test
    void nobodyAndOneAloneAreNoTrouble() throws Exception {
        assertThat(rotation(evening("2026-03-05")).get("rounds")).hasSize(6);
        JsonNode alone = rotation(evening("2026-03-05", "somebody"));
        assertThat(alone.at("/rounds/0/waiting/0").asText()).isEqualTo("somebody");
        assertThat(alone.at("/people/0/name").asText()).isEqualTo("somebody gone");
    }

    @Test
    void whoIsForgottenLeavesAnEmptyPlaceInTheEveningsDanced() throws Exception {
        String one = dancer("Ezra Vine");
        String other = dancer("Faye Moor");
        ObjectNode evening = evening("2026-03-06", one, other);
        evening.withArray("danced")
                .addObject()
                .withArray("pairs")
                .addObject()
                .put("man", one)
                .put("lady", other);
        String id = call(201, post("/api/classes"), evening).get("id").asText();
        assertThat(call(200, get("/api/dancers/" + one + "/everything/touched"), null)
                        .toString())
                .contains("1 evening of a class goes on without Ezra Vine");
        call(204, delete("/api/dancers/" + one + "/everything"), null);
        JsonNode left = call(200, get("/api/classes/" + id), null).get("document");
        assertThat(left.toString()).doesNotContain(one).contains(other);
    }

    @Test
    void whatContradictsItselfIsRefusedAndSaysWhere() throws Exception {
        ObjectNode evening = evening("2026-03-05", "a", "b");
        evening.withArray("apart").addObject().put("one", "a").put("other", "b");
        evening.withArray("together").addObject().put("one", "b").put("other", "a");
        assertThat(call(422, post("/api/classes/rotation"), evening).toString())
                .contains("a and b cannot be kept apart and together");
    }
}
