package fluidframe.server.log;

import java.time.Instant;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface LogRows extends JpaRepository<LogRow, Long> {
    /** Of one figure or routine, of everybody where no couple is named; the newest first. */
    @Query("select r from LogRow r where r.subjectKind = :kind and r.subjectId = :id"
            + " and (:couple = '' or r.coupleId = :couple) order by r.id desc")
    List<LogRow> of(String kind, String id, String couple, Limit most);

    /** Of one couple or group, the newest first, before an entry; of those at the same time the later kept first. */
    @Query("select r from LogRow r where r.coupleId = :couple and (r.at < :at or r.at = :at and r.id < :id)"
            + " order by r.at desc, r.id desc")
    List<LogRow> before(String couple, Instant at, long id, Limit most);

    @Query("select r from LogRow r where r.coupleId = :couple and r.at >= :since order by r.at, r.id")
    List<LogRow> since(String couple, Instant since);

    /** The newest first. */
    @Query("select r from LogRow r where r.lessonId = :lesson order by r.id desc")
    List<LogRow> ofLesson(String lesson, Limit most);

    /** Of everybody, the newest first. */
    @Query("select r from LogRow r order by r.at desc, r.id desc")
    List<LogRow> newest(Limit most);

    long countByCoupleId(String couple);

    List<LogRow> findByRunAndCoupleId(String run, String couple);

    @Modifying
    @Query("delete from LogRow r where r.coupleId = :couple")
    int eraseCouple(String couple);

    @Modifying
    @Query("update LogRow r set r.whom = :name where r.coupleId = :couple")
    int rename(String couple, String name);
}
