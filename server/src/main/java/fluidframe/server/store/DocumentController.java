package fluidframe.server.store;

import com.fasterxml.jackson.databind.JsonNode;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;

/**
 * What every kind of document can be asked over HTTP. A body is a document in the open format, of which the first line may be
 * left out.
 *
 * @param <V> what is answered of one
 */
public abstract class DocumentController<T, V> {
    /** A version and why it is kept. */
    public record VersionNote(@NotNull @Size(max = 500) String note) {}

    private final Documents<T, ?> documents;

    protected DocumentController(Documents<T, ?> documents) {
        this.documents = documents;
    }

    protected abstract V view(Document<T> document);

    /** Refuses what could not be used; nothing by default. */
    protected void refuse(T value, String id) {}

    protected final JsonNode json(T value) {
        return documents.traits().format().toJson(value);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    public V create(@RequestBody JsonNode document) {
        T value = documents.read(document);
        refuse(value, "");
        return view(documents.create(value));
    }

    @GetMapping("/{id}")
    public V get(@PathVariable String id) {
        return view(documents.get(id));
    }

    @PutMapping("/{id}")
    public V save(@PathVariable String id, @Valid @RequestBody DocumentSave save) {
        T value = documents.read(save.document());
        refuse(value, id);
        return view(documents.save(id, save.expectedVersion(), value, Optional.ofNullable(save.note())));
    }

    /** Into the bin. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    public void delete(@PathVariable String id) {
        documents.bin(id, () -> {});
    }

    /** As a file that can be read again, here or in another studio. */
    @GetMapping(value = "/{id}/file", produces = "application/yaml")
    public ResponseEntity<String> file(@PathVariable String id) {
        String kind = documents.traits().kind().toString();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + kind + ".yaml\"")
                .body(documents.traits().format().file(id, documents.get(id).value()));
    }

    /** Takes YAML only: plain text could be posted here by any page in the browser without asking. */
    @PostMapping(value = "/file", consumes = "application/yaml")
    @ResponseStatus(HttpStatus.CREATED)
    public V take(@RequestBody String text) {
        return view(documents.take(text, value -> refuse(value, "")));
    }

    /** The newest first. */
    @GetMapping("/{id}/versions")
    public List<VersionLine> versions(@PathVariable String id) {
        return documents.versions(id);
    }

    /** Keeps what was last saved as a version. */
    @PostMapping("/{id}/versions")
    @ResponseStatus(HttpStatus.CREATED)
    public VersionLine keep(@PathVariable String id, @Valid @RequestBody VersionNote version) {
        return documents.keepVersion(id, version.note());
    }
}
