package fluidframe.server.event;

import fluidframe.server.store.KeptDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;

/** An event kept whole. */
@Entity
@Table(name = "event")
class EventEntity extends KeptDocument {
    protected EventEntity() {}

    EventEntity(UUID id) {
        super(id);
    }
}
