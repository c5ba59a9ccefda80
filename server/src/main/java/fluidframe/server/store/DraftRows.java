package fluidframe.server.store;

import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface DraftRows extends JpaRepository<DraftRow, DraftRow.Key> {
    @Query("select d from DraftRow d where d.key.kind = :kind and d.key.id = :id and d.text is not null"
            + " order by d.savedAt desc")
    List<DraftRow> of(String kind, String id);

    @Query("select distinct d.key.id from DraftRow d where d.key.kind = :kind and d.text is not null order by d.key.id")
    List<String> ids(String kind);

    @Modifying
    @Query("update DraftRow d set d.text = null where d.key.kind = :kind and d.key.id = :id")
    void spend(String kind, String id);

    @Modifying
    @Query("delete from DraftRow d where d.text is null and d.savedAt < :before")
    void forgetSpentBefore(Instant before);
}
