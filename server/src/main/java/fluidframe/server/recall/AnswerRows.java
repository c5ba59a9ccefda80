package fluidframe.server.recall;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AnswerRows extends JpaRepository<AnswerRow, Long> {
    /** How many answers there were of a dance and kind, and how many of them were right. */
    interface Marks {
        String getDance();

        String getAsked();

        long getAnswers();

        long getSound();
    }

    @Query("select r.dance as dance, r.asked as asked, count(r) as answers,"
            + " sum(case when r.sound = true then 1 else 0 end) as sound"
            + " from AnswerRow r where r.who = :who group by r.dance, r.asked")
    List<Marks> marks(String who);

    long countByWho(String who);

    @Modifying
    @Query("delete from AnswerRow r where r.who = :who")
    int erase(String who);
}
