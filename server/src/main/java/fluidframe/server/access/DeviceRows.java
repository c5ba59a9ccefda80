package fluidframe.server.access;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface DeviceRows extends JpaRepository<DeviceRow, UUID> {
    Optional<DeviceRow> findByTokenHash(String tokenHash);

    @Query("select d from DeviceRow d order by d.letInAt desc")
    List<DeviceRow> newest();

    List<DeviceRow> findByWhom(String whom);
}
