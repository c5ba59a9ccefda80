package fluidframe.server.music;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SongRepository extends JpaRepository<SongEntity, UUID> {
    List<SongEntity> findAllByOrderByName();
}
