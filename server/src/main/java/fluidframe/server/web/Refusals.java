package fluidframe.server.web;

import com.fasterxml.jackson.core.JsonParseException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import fluidframe.library.Problem;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Turns every refusal into problem details (RFC 9457) with the paths of the fields it is about; never a stack trace. */
@RestControllerAdvice
class Refusals extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Refusals.class);

    @ExceptionHandler
    ProblemDetail notFound(NotFoundException e) {
        return problem(HttpStatus.NOT_FOUND, "Not found", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail unreadable(UnreadableException e) {
        ProblemDetail detail = problem(HttpStatus.UNPROCESSABLE_ENTITY, "The chart cannot be read", e.getMessage());
        detail.setProperty("problems", e.problems());
        return detail;
    }

    @ExceptionHandler
    ProblemDetail stale(StaleException e) {
        ProblemDetail detail = problem(HttpStatus.CONFLICT, "Saved elsewhere", e.getMessage());
        detail.setProperty("expectedVersion", e.expected());
        detail.setProperty("currentVersion", e.actual());
        detail.setProperty("current", e.current());
        detail.setProperty("yours", e.yours());
        return detail;
    }

    @ExceptionHandler
    ProblemDetail overtaken(ObjectOptimisticLockingFailureException e) {
        return problem(
                HttpStatus.CONFLICT,
                "Saved elsewhere",
                "Somebody saved at the same moment. Load the newest version and save again.");
    }

    @ExceptionHandler
    ProblemDetail refused(IllegalArgumentException e) {
        return problem(HttpStatus.UNPROCESSABLE_ENTITY, "That cannot be done", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception e) {
        LOG.error("A request failed", e);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong here",
                "What was saved before is safe. Try again; the log has the reason.");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail detail = problem(
                HttpStatus.BAD_REQUEST, "The request cannot be read", "The body must be JSON of the described shape.");
        if (e.getCause() instanceof JsonMappingException mapping) {
            String path = mapping.getPath().stream()
                    .map(part -> "/" + (part.getFieldName() == null ? part.getIndex() : part.getFieldName()))
                    .collect(Collectors.joining());
            detail.setProperty("problems", List.of(new Problem(0, 0, path, unfit(mapping))));
        } else if (e.getCause() instanceof JsonParseException parse) {
            detail.setProperty(
                    "problems",
                    List.of(new Problem(
                            parse.getLocation().getLineNr(),
                            parse.getLocation().getColumnNr(),
                            "",
                            firstLine(parse.getOriginalMessage()))));
        }
        return ResponseEntity.badRequest().body(detail);
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail detail =
                problem(HttpStatus.BAD_REQUEST, "The request does not fit", "Some fields are outside what is allowed.");
        detail.setProperty(
                "problems",
                e.getFieldErrors().stream()
                        .map(error -> new Problem(
                                0,
                                0,
                                "/" + error.getField().replace('.', '/').replaceAll("\\[(\\d+)]", "/$1"),
                                error.getDefaultMessage()))
                        .toList());
        return ResponseEntity.badRequest().body(detail);
    }

    /** What does not fit, without the names of classes. */
    private static String unfit(JsonMappingException mapping) {
        if (mapping instanceof InvalidFormatException format) {
            Object[] allowed = format.getTargetType().getEnumConstants();
            return allowed == null
                    ? "The value \"" + format.getValue() + "\" does not fit here"
                    : "Must be one of "
                            + Arrays.stream(allowed).map(String::valueOf).collect(Collectors.joining(", "))
                            + ", but was \"" + format.getValue() + "\"";
        }
        return "The value does not fit here";
    }

    private static String firstLine(String message) {
        return message.lines().findFirst().orElse("").replaceAll("\\(.*", "").trim();
    }

    private static ProblemDetail problem(HttpStatus status, String title, String sentence) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, sentence);
        detail.setTitle(title);
        return detail;
    }
}
