package fluidframe.server.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface VersionRows extends JpaRepository<VersionRow, VersionRow.Key> {
    /** The newest first, without the texts. */
    @Query("select new fluidframe.server.store.VersionLine(v.key.number, v.note, v.savedAt) from VersionRow v"
            + " where v.key.kind = :kind and v.key.id = :id order by v.key.number desc")
    List<VersionLine> lines(String kind, String id);

    @Query("select max(v.key.number) from VersionRow v where v.key.kind = :kind and v.key.id = :id")
    Optional<Long> newest(String kind, String id);

    @Modifying
    @Query("delete from VersionRow v where v.key.kind = :kind and v.key.id = :id")
    int deleteAll(String kind, String id);
}
