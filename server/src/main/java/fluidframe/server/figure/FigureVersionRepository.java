package fluidframe.server.figure;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface FigureVersionRepository extends JpaRepository<FigureVersionEntity, FigureVersionEntity.Key> {
    /** The number of the newest version; empty if there is none. */
    @Query("select max(v.key.number) from FigureVersionEntity v where v.key.figureId = :figureId")
    Optional<Integer> newest(String figureId);

    /** The newest first, without the charts. */
    @Query("select new fluidframe.server.figure.FigureView$VersionView(v.key.number, v.note, v.savedAt)"
            + " from FigureVersionEntity v where v.key.figureId = :figureId order by v.key.number desc")
    List<FigureView.VersionView> listed(String figureId);
}
