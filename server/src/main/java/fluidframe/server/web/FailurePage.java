package fluidframe.server.web;

import fluidframe.server.access.OpenTo;
import fluidframe.server.access.Visitor;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.web.servlet.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the container answers where no controller was reached; asked for directly, it is a path like any other that is none. */
@Hidden
@RestController
@OpenTo(reading = Visitor.STRANGER, changing = Visitor.STRANGER)
class FailurePage implements ErrorController {
    @RequestMapping("/error")
    ResponseEntity<ProblemDetail> failed(HttpServletRequest request) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus status = code instanceof Integer number ? HttpStatus.resolve(number) : HttpStatus.NOT_FOUND;
        if (status == null) status = HttpStatus.INTERNAL_SERVER_ERROR;
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(
                status,
                status == HttpStatus.NOT_FOUND
                        ? "There is nothing at this address."
                        : "The request could not be answered. What was saved before is safe.");
        return ResponseEntity.status(status).body(detail);
    }
}
