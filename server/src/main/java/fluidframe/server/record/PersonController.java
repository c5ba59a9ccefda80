package fluidframe.server.record;

import fluidframe.server.access.OpenTo;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Everything about one person. */
@RestController
@OpenTo
@RequestMapping("/api/dancers/{id}/everything")
class PersonController {
    private final Erasure erasure;

    PersonController(Erasure erasure) {
        this.erasure = erasure;
    }

    /** What would be touched if the person were forgotten, one sentence each. */
    @GetMapping("/touched")
    List<String> touched(@PathVariable String id) {
        return erasure.touched(id);
    }

    /** Written out as one file. */
    @GetMapping(produces = "application/yaml")
    ResponseEntity<String> all(@PathVariable String id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"person.yaml\"")
                .body(erasure.everything(id));
    }

    /** Forgotten for good; it does not go into the bin. */
    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable String id) {
        erasure.erase(id);
    }
}
