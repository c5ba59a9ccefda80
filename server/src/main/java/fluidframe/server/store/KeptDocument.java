package fluidframe.server.store;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;

/** Something kept whole as JSON under a name, with a version that refuses to be overwritten unseen. */
@MappedSuperclass
public abstract class KeptDocument {
    @Id
    private UUID id;

    private String name;

    @Version
    private long version;

    @Lob
    @Column(columnDefinition = "clob")
    private String document;

    private Instant savedAt;

    protected KeptDocument() {}

    /** Begins a new one; {@link #replaceWith} gives it its content. */
    protected KeptDocument(UUID id) {
        this.id = id;
    }

    public void replaceWith(String newName, Object content, ObjectMapper mapper) {
        try {
            document = mapper.writeValueAsString(content);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("What is kept is plain texts and numbers", e);
        }
        name = newName;
        savedAt = Instant.now();
    }

    public <T> T read(Class<T> type, ObjectMapper mapper) {
        try {
            return mapper.readValue(document, type);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("What is kept is JSON", e);
        }
    }

    public UUID id() {
        return id;
    }

    public String name() {
        return name;
    }

    public long version() {
        return version;
    }

    public Instant savedAt() {
        return savedAt;
    }
}
