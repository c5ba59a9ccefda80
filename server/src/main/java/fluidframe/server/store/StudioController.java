package fluidframe.server.store;

import fluidframe.server.access.OpenTo;
import java.util.List;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What there is to say of the studio's file, until it has been read. */
@RestController
@OpenTo
@RequestMapping("/api/studio/notices")
class StudioController {
    private final ObjectProvider<DataFolder> folder;

    StudioController(ObjectProvider<DataFolder> folder) {
        this.folder = folder;
    }

    /** One sentence or more each, the oldest first. */
    @GetMapping
    List<String> notices() {
        DataFolder at = folder.getIfAvailable();
        return at == null ? List.of() : at.notices().all();
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void read() {
        folder.ifAvailable(at -> at.notices().clear());
    }
}
