package fluidframe.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/** A device as the database keeps it; of its token only what cannot be turned back into it. */
@Entity
@Table(name = "shared_device")
class DeviceRow {
    @Id
    private UUID id;

    private String name;
    private String tokenHash;
    private String whom;
    private Instant letInAt;
    private Instant seenAt;

    protected DeviceRow() {}

    DeviceRow(String name, String tokenHash, String whom, Instant now) {
        this.id = UUID.randomUUID();
        this.name = name;
        this.tokenHash = tokenHash;
        this.whom = whom;
        this.letInAt = now;
        this.seenAt = now;
    }

    void seen(Instant now) {
        this.seenAt = now;
    }

    Device device() {
        return new Device(id, name, Optional.of(whom).filter(one -> !one.isEmpty()), letInAt, seenAt);
    }
}
