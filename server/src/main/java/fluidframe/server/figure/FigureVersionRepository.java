package fluidframe.server.figure;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface FigureVersionRepository extends JpaRepository<FigureVersionEntity, FigureVersionEntity.Key> {
    List<FigureVersionEntity> findByKeyFigureIdOrderByKeyNumberDesc(String figureId);
}
