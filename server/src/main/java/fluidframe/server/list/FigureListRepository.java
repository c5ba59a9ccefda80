package fluidframe.server.list;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FigureListRepository extends JpaRepository<FigureListEntity, UUID> {
    List<FigureListEntity> findAllByOrderByName();
}
