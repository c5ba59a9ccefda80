package fluidframe.server.sharing;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.ApiCalls;
import fluidframe.server.access.Visitors;
import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Import;
import org.springframework.test.web.servlet.request.RequestPostProcessor;

/** The demo studio with a device of one of its couples and one of its own. */
@Import(Visitors.class)
abstract class SharedCalls extends ApiCalls {
    protected static final LocalDate TODAY = LocalDate.now();
    protected static final String MINE = "ostermere-plate-waltz";

    @Autowired
    protected Visitors visitors;

    protected String couple;
    protected String practice;
    protected RequestPostProcessor phone;
    protected RequestPostProcessor screen;

    @BeforeEach
    void letIn() throws Exception {
        couple = call(200, get("/api/couples?q=Ines"), null).at("/lines/0/id").asText();
        practice = call(200, get("/api/practices?from=" + TODAY), null)
                .at("/lines/0/id")
                .asText();
        phone = visitors.device(Optional.of(couple));
        screen = visitors.device(Optional.empty());
    }

    protected String routineOf(String name, boolean workedOn) throws Exception {
        JsonNode routine = call(200, get("/api/routines/" + MINE), null).get("document");
        String id = call(201, post("/api/routines"), ((ObjectNode) routine.deepCopy()).put("name", name))
                .get("id")
                .asText();
        if (!workedOn) return id;
        String dancer = call(
                        201, post("/api/dancers"), mapper.createObjectNode().put("name", name))
                .get("id")
                .asText();
        ObjectNode other = mapper.createObjectNode().put("name", name).put("role", "man");
        other.withArray("dancers").add(dancer);
        other.withArray("routines").add(id);
        call(201, post("/api/couples"), other);
        return id;
    }
}
