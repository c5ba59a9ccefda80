package fluidframe.server.refusal;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/** Answers with problem details before any controller is reached; the sentences are constants, so nothing needs escaping. */
public final class Refusal {
    private Refusal() {}

    /** Sends one; nothing of the answer may have been sent before. */
    public static void send(HttpServletResponse response, HttpStatus status, String title, String sentence)
            throws IOException {
        byte[] body = "{\"type\":\"about:blank\",\"title\":\"%s\",\"status\":%d,\"detail\":\"%s\"}"
                .formatted(title, status.value(), sentence)
                .getBytes(StandardCharsets.UTF_8);
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }
}
