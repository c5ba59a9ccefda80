package fluidframe.server.record;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.ApiCalls;
import java.time.LocalDate;

/** Calls that set people, lessons and entries up. */
abstract class RecordCalls extends ApiCalls {
    protected JsonNode jot(int status, String line) throws Exception {
        return call(status, post("/api/jottings"), mapper.createObjectNode().put("line", line));
    }

    protected String dancer(String name) throws Exception {
        ObjectNode document = mapper.createObjectNode().put("name", name);
        return call(201, post("/api/dancers"), document).get("id").asText();
    }

    protected String couple(String name, String... dancers) throws Exception {
        ObjectNode document = mapper.createObjectNode().put("name", name).put("role", "man");
        for (String dancer : dancers) document.withArray("dancers").add(dancer);
        return call(201, post("/api/couples"), document).get("id").asText();
    }

    protected ObjectNode lesson(String whom, String name, LocalDate day, String... figures) {
        ObjectNode lesson = mapper.createObjectNode().put("at", day + "T18:00").put("minutes", 45);
        lesson.putObject("with").put("kind", "couple").put("id", whom).put("name", name);
        for (String figure : figures)
            lesson.withArray("topics")
                    .addObject()
                    .put("kind", "figure")
                    .put("id", figure)
                    .put("name", figure);
        return lesson;
    }
}
