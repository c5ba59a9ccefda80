package fluidframe.server.routine;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RoutineVersionRepository extends JpaRepository<RoutineVersionEntity, RoutineVersionEntity.Key> {
    List<RoutineVersionEntity> findByKeyRoutineIdOrderByKeyNumberDesc(UUID routineId);

    /** The number of the newest version; empty if there is none. */
    @Query("select max(v.key.number) from RoutineVersionEntity v where v.key.routineId = :routineId")
    Optional<Integer> newest(UUID routineId);

    void deleteByKeyRoutineId(UUID routineId);
}
