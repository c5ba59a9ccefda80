package fluidframe.server.routine;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RoutineRepository extends JpaRepository<RoutineEntity, UUID> {
    List<RoutineEntity> findByDanceOrderByName(String dance);
}
