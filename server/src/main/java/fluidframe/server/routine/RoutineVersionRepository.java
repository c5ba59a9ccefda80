package fluidframe.server.routine;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RoutineVersionRepository extends JpaRepository<RoutineVersionEntity, RoutineVersionEntity.Key> {
    List<RoutineVersionEntity> findByKeyRoutineIdOrderByKeyNumberDesc(UUID routineId);

    void deleteByKeyRoutineId(UUID routineId);
}
