package fluidframe.server.log;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LogRows extends JpaRepository<LogRow, Long> {
    /** The newest first. */
    @Query("select r from LogRow r where r.subjectKind = :kind and r.subjectId = :id order by r.id desc")
    List<LogRow> of(String kind, String id, Limit most);
}
