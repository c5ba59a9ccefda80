package fluidframe.server.web;

import com.fasterxml.jackson.core.JsonParseException;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import fluidframe.library.text.Problem;
import fluidframe.server.refusal.BusyException;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.refusal.TooOftenException;
import fluidframe.server.refusal.UnreadableException;
import fluidframe.server.store.BinnedException;
import fluidframe.server.store.NoRoomException;
import fluidframe.server.store.StaleException;
import fluidframe.server.store.StoreRescue;
import java.io.CharConversionException;
import java.nio.charset.CharacterCodingException;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageConversionException;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/**
 * Turns every refusal into problem details (RFC 9457) with the paths of the fields it is about; never a stack trace, never the
 * name of a class.
 */
@RestControllerAdvice
class Refusals extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Refusals.class);

    private static final String NOT_UTF8 =
            "The text must be UTF-8, but holds bytes that are not. Save the file as UTF-8 and send it again.";

    /** How the parser of JSON says that a key stands twice. */
    private static final Pattern TWICE = Pattern.compile("Duplicate field '(.{0,80})'");

    /** How the parser of JSON says that bytes are not text. */
    private static final Pattern DAMAGED = Pattern.compile("UTF-(8|32)|[Ss]urrogate|Illegal character \\(\\(CTRL-CHAR");

    /** Nobody reads more at once. */
    private static final int MOST_PROBLEMS = 100;

    /** What a message looks like that was not written for people: a qualified name of a class. */
    private static final Pattern CLASS_NAME =
            Pattern.compile("\\b[a-z]\\w*(\\.[a-z]\\w*)+\\.[A-Z]|\\w\\$\\w|Exception\\b");

    private final StoreRescue store;

    Refusals(StoreRescue store) {
        this.store = store;
    }

    @ExceptionHandler
    ProblemDetail notFound(NotFoundException e) {
        return problem(HttpStatus.NOT_FOUND, "Not found", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail unreadable(UnreadableException e) {
        ProblemDetail detail = problem(HttpStatus.UNPROCESSABLE_ENTITY, "That cannot be read", e.getMessage());
        detail.setProperty("problems", Problem.capped(e.problems()));
        return detail;
    }

    @ExceptionHandler
    ProblemDetail stale(StaleException e) {
        ProblemDetail detail = problem(HttpStatus.CONFLICT, "Saved elsewhere", e.getMessage());
        detail.setProperty("expectedVersion", e.expected());
        detail.setProperty("sides", e.sides());
        return detail;
    }

    @ExceptionHandler
    ProblemDetail binned(BinnedException e) {
        return problem(HttpStatus.GONE, "In the bin", e.getMessage());
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
        String said = String.valueOf(e.getMessage());
        boolean forPeople = e.getMessage() != null && !CLASS_NAME.matcher(said).find();
        if (!forPeople) LOG.warn("A refusal without a sentence", e);
        return problem(
                HttpStatus.UNPROCESSABLE_ENTITY,
                "That cannot be done",
                forPeople ? said : "Something in the request does not fit what is asked for.");
    }

    @ExceptionHandler
    ProblemDetail tooMuch(BusyException e) {
        return problem(HttpStatus.SERVICE_UNAVAILABLE, "Busy", e.getMessage());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooOften(TooOftenException e) {
        long seconds = e.wait(Duration.ofSeconds(1)).toSeconds();
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(seconds))
                .body(problem(HttpStatus.TOO_MANY_REQUESTS, "Tried too often", e.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail busy(PessimisticLockingFailureException e) {
        return problem(
                HttpStatus.SERVICE_UNAVAILABLE,
                "Busy",
                "Other changes are still being written. Nothing of this was saved: try again in a moment.");
    }

    @ExceptionHandler
    ProblemDetail noRoom(NoRoomException e) {
        return problem(HttpStatus.INSUFFICIENT_STORAGE, "The disk is full", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception e) {
        Optional<String> trouble = store.after(e);
        if (trouble.isPresent()) {
            return problem(HttpStatus.INSUFFICIENT_STORAGE, "The disk does not take it", trouble.get());
        }
        LOG.error("A request failed", e);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong here",
                "What was saved before is safe. Try again; the log has the reason.");
    }

    /** A body that no description of ours fits, which the framework takes for a mistake of ours. */
    @ExceptionHandler
    ProblemDetail unconvertible(HttpMessageConversionException e) {
        LOG.warn("A body could not be converted", e);
        return problem(
                HttpStatus.BAD_REQUEST, "The request cannot be read", "The body must be JSON of the described shape.");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (NestedExceptionUtils.getMostSpecificCause(e) instanceof BodyLimitFilter.TooLarge tooLarge) {
            return ResponseEntity.status(HttpStatus.PAYLOAD_TOO_LARGE)
                    .body(problem(HttpStatus.PAYLOAD_TOO_LARGE, "Too large", tooLarge.getMessage()));
        }
        String sentence = isNotUtf8(e) ? NOT_UTF8 : "The body must be JSON of the described shape.";
        ProblemDetail detail = problem(HttpStatus.BAD_REQUEST, "The request cannot be read", sentence);
        detail.setProperty("problems", problems(e.getCause()));
        return ResponseEntity.badRequest().body(detail);
    }

    private static boolean isNotUtf8(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof CharacterCodingException || cause instanceof CharConversionException) return true;
            if (cause instanceof JsonParseException parse
                    && DAMAGED.matcher(parse.getOriginalMessage()).find()) return true;
        }
        return false;
    }

    private static List<Problem> problems(Throwable cause) {
        if (cause instanceof JsonMappingException mapping) {
            String path = mapping.getPath().stream()
                    .map(part -> "/" + (part.getFieldName() == null ? part.getIndex() : part.getFieldName()))
                    .collect(Collectors.joining());
            return List.of(new Problem(0, 0, path, unfit(mapping)));
        }
        if (cause instanceof JsonProcessingException parse && parse.getLocation() != null) {
            int line = parse.getLocation().getLineNr();
            int column = parse.getLocation().getColumnNr();
            return List.of(new Problem(line, column, "", unread(parse)));
        }
        return List.of();
    }

    private static String unread(JsonProcessingException parse) {
        if (isNotUtf8(parse)) return NOT_UTF8;
        Matcher twice = TWICE.matcher(parse.getOriginalMessage());
        return twice.find() ? "The key \"" + twice.group(1) + "\" stands here twice" : "Here it stops being JSON";
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail detail =
                problem(HttpStatus.BAD_REQUEST, "The request does not fit", "Some fields are outside what is allowed.");
        detail.setProperty(
                "problems",
                e.getFieldErrors().stream()
                        .limit(MOST_PROBLEMS)
                        .map(error -> new Problem(
                                0,
                                0,
                                "/" + error.getField().replace('.', '/').replaceAll("\\[(\\d+)]", "/$1"),
                                unfit(error)))
                        .toList());
        return ResponseEntity.badRequest().body(detail);
    }

    private static String unfit(FieldError error) {
        return error.isBindingFailure() ? unfit(error.getRejectedValue()) : error.getDefaultMessage();
    }

    private static String unfit(Object value) {
        return "The value \"" + value + "\" does not fit here";
    }

    /** What does not fit, without the names of classes. */
    private static String unfit(JsonMappingException mapping) {
        if (mapping instanceof InvalidFormatException format) {
            Object[] allowed = format.getTargetType().getEnumConstants();
            return allowed == null
                    ? unfit(format.getValue())
                    : "Must be one of "
                            + Arrays.stream(allowed).map(String::valueOf).collect(Collectors.joining(", "))
                            + ", but was \"" + format.getValue() + "\"";
        }
        return "The value does not fit here";
    }

    private static ProblemDetail problem(HttpStatus status, String title, String sentence) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, sentence);
        detail.setTitle(title);
        return detail;
    }
}
