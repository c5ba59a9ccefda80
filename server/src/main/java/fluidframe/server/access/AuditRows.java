package fluidframe.server.access;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AuditRows extends JpaRepository<AuditRow, Long> {
    @Query("select r from AuditRow r order by r.id desc")
    List<AuditRow> newest(Limit most);

    @Modifying
    @Query("delete from AuditRow r where r.about = :name or r.about like :beginning escape '!'")
    int deleteAbout(String name, String beginning);

    @Modifying
    @Query("delete from AuditRow r where r.id <= :id")
    int deleteUpTo(long id);
}
