package fluidframe.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import fluidframe.server.ApiTest;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** The front end's types are generated from web/openapi.json, so that file has to be what the server says of itself. */
@ApiTest
class ApiDescriptionTest {
    private static final Path KEPT = Path.of("../web/openapi.json");

    @Autowired
    private MockMvc mvc;

    @Test
    void isWhatTheFrontEndWasBuiltFrom() throws Exception {
        ObjectMapper mapper = new ObjectMapper()
                .enable(SerializationFeature.INDENT_OUTPUT)
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS);
        String said = mvc.perform(get("/v3/api-docs")).andReturn().getResponse().getContentAsString();
        JsonNode now = mapper.readTree(said);
        if (Boolean.getBoolean("api.write")) Files.writeString(KEPT, mapper.writeValueAsString(now) + "\n");
        assertThat(mapper.readTree(Files.readString(KEPT)))
                .as("web/openapi.json is behind the server; write it anew with: ./run generate")
                .isEqualTo(now);
    }

    @Test
    void describesAChartByTheShippedSchema() throws Exception {
        JsonNode schemas = new ObjectMapper()
                .readTree(mvc.perform(get("/v3/api-docs"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .at("/components/schemas");
        assertThat(schemas.at("/Chart/properties/format/const").asText()).isEqualTo("fluidframe/figure@1");
        assertThat(schemas.at("/Chart_row/properties").has("align")).isTrue();
        assertThat(schemas.at("/WorkView/required").toString()).contains("findings", "floor");
    }
}
