package fluidframe.server.store;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.server.access.OpenTo;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The bin, and what else is the same for everything kept. */
@RestController
@OpenTo
@RequestMapping("/api")
class KeptController {
    private final Bin bin;
    private final List<BinListener> listeners;

    KeptController(Bin bin, List<BinListener> listeners) {
        this.bin = bin;
        this.listeners = listeners;
    }

    /** The latest first. */
    @GetMapping("/bin")
    List<Bin.Binned> bin() {
        return bin.all();
    }

    @PostMapping("/bin/{kind}/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putBack(@PathVariable String kind, @PathVariable String id) {
        Kind of = Kind.parse(kind);
        bin.of(of).putBack(id);
        listeners.forEach(listener -> listener.changed(of, id));
    }

    /** For good. */
    @DeleteMapping("/bin/{kind}/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String kind, @PathVariable String id) {
        bin.of(Kind.parse(kind)).remove(id);
    }

    /** What names it and will miss it, fifty at the most. */
    @GetMapping("/kept/{kind}/{id}/users")
    List<Bin.User> users(@PathVariable String kind, @PathVariable String id) {
        return bin.usersOf(new Ref(Kind.parse(kind), id));
    }

    /** What stands now against what is sent, as a stale save would tell it; nothing is saved. */
    @PostMapping("/kept/{kind}/{id}/differences")
    StaleException.Sides against(@PathVariable String kind, @PathVariable String id, @RequestBody JsonNode yours) {
        return bin.of(Kind.parse(kind)).placing().against(id, yours);
    }
}
