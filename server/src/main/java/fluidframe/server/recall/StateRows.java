package fluidframe.server.recall;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface StateRows extends JpaRepository<StateRow, StateRow.Key> {
    @Query("select r from StateRow r where r.key.who = :who")
    List<StateRow> of(String who);

    @Modifying
    @Query("delete from StateRow r where r.key.who = :who")
    int erase(String who);
}
