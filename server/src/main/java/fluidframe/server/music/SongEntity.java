package fluidframe.server.music;

import fluidframe.server.store.KeptDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;

/** A song kept whole. */
@Entity
@Table(name = "song")
class SongEntity extends KeptDocument {
    protected SongEntity() {}

    SongEntity(UUID id) {
        super(id);
    }
}
