package fluidframe.server.event;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface EventRepository extends JpaRepository<EventEntity, UUID> {
    List<EventEntity> findAllByOrderByName();
}
