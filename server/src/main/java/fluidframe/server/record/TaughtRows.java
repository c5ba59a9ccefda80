package fluidframe.server.record;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface TaughtRows extends JpaRepository<TaughtRow, Long> {
    /** The newest first. */
    @Query("select t from TaughtRow t where t.coupleId = :couple order by t.at desc, t.id desc")
    List<TaughtRow> of(String couple);

    /** The last of everything taught to anybody. */
    @Query("select t from TaughtRow t where not exists (select u.id from TaughtRow u where u.coupleId = t.coupleId"
            + " and u.subjectKind = t.subjectKind and u.subjectId = t.subjectId"
            + " and (u.at > t.at or u.at = t.at and u.id > t.id))")
    List<TaughtRow> latest();

    long countByCoupleId(String couple);

    @Modifying
    @Query("delete from TaughtRow t where t.coupleId = :couple")
    int erase(String couple);
}
