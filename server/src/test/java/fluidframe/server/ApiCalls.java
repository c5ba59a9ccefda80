package fluidframe.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Requests with JSON in and out, as the front end makes them. */
@ApiTest
public abstract class ApiCalls {
    @Autowired
    protected MockMvc mvc;

    @Autowired
    protected ObjectMapper mapper;

    /** The answer to a request that must end with this status; the body is sent as JSON if there is one. */
    protected JsonNode call(int status, MockHttpServletRequestBuilder request, Object body) throws Exception {
        if (body != null) request.contentType("application/json").content(mapper.writeValueAsString(body));
        return answer(status, request);
    }

    /** The same with a file as the body. */
    protected JsonNode text(int status, MockHttpServletRequestBuilder request, String yaml) throws Exception {
        return answer(status, request.contentType("application/yaml").content(yaml));
    }

    /** What a file brings that is to be taken in. */
    protected JsonNode look(String name, byte[] file) throws Exception {
        return answer(
                200,
                post("/api/intake/file")
                        .param("name", name)
                        .contentType("application/octet-stream")
                        .content(file));
    }

    private JsonNode answer(int status, MockHttpServletRequestBuilder request) throws Exception {
        MockHttpServletResponse response = mvc.perform(request).andReturn().getResponse();
        String text = response.getContentAsString(StandardCharsets.UTF_8);
        assertThat(response.getStatus()).as(text).isEqualTo(status);
        return text.isEmpty() ? mapper.nullNode() : mapper.readTree(text);
    }
}
