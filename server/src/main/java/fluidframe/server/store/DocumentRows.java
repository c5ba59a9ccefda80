package fluidframe.server.store;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Only what a list needs is read for a list, never whole texts. */
interface DocumentRows extends JpaRepository<DocumentRow, DocumentKey> {
    /** A row without its text. */
    record Line(String id, String name, String sortName, long version, Instant savedAt, String summary, String stamp) {}

    /** Which state of a document there is; no two are saved at the same instant. */
    record State(String id, Instant savedAt) {}

    /** A document of any kind by its name. */
    record Named(String kind, String id, String name, Instant binnedAt) {}

    /** By what names are put in order: letters of both cases alike, and never longer than its column. */
    static String sorted(String name) {
        String lower = name.toLowerCase(Locale.ROOT);
        return lower.substring(0, Math.min(lower.length(), 120));
    }

    String OF_KIND = " from DocumentRow d where d.key.kind = :kind and d.binnedAt is null ";
    String NARROWED = OF_KIND + "and (:dance = '' or d.dance = :dance) and d.words like :words escape '!' ";

    @Query("select new fluidframe.server.store.DocumentRows$Line(d.key.id, d.name, d.sortName, d.version, d.savedAt,"
            + " d.summary, d.summaryStamp)" + NARROWED
            // Said twice, as only a plain comparison is looked up in the index.
            + "and d.sortName >= :afterName"
            + " and (d.sortName > :afterName or d.sortName = :afterName and d.key.id > :afterId)"
            + " order by d.sortName, d.key.id")
    List<Line> page(String kind, String dance, String words, String afterName, String afterId, Limit limit);

    /** Those described by another build or before something they use changed. */
    @Query("select new fluidframe.server.store.DocumentRows$Line(d.key.id, d.name, d.sortName, d.version, d.savedAt,"
            + " d.summary, d.summaryStamp)" + OF_KIND
            + "and (d.summaryStamp is null or d.summaryStamp <> :stamp)")
    List<Line> outdated(String kind, String stamp, Limit limit);

    @Query("select count(*)" + NARROWED)
    long count(String kind, String dance, String words);

    @Query("select new fluidframe.server.store.DocumentRows$State(d.key.id, d.savedAt)" + OF_KIND)
    List<State> states(String kind);

    @Query("select count(*) > 0" + OF_KIND + "and d.sortName = :sortName and d.key.id <> :but")
    boolean isNamed(String kind, String sortName, String but);

    @Query("select new fluidframe.server.store.DocumentRows$Named(d.key.kind, d.key.id, d.name, d.binnedAt)"
            + " from DocumentRow d join d.uses u where u.usedKind = :kind and u.usedId = :id and d.binnedAt is null"
            + " order by d.sortName")
    List<Named> using(String kind, String id, Limit limit);

    @Query("select new fluidframe.server.store.DocumentRows$Named(d.key.kind, d.key.id, d.name, d.binnedAt)"
            + " from DocumentRow d where d.binnedAt is not null order by d.binnedAt desc")
    List<Named> binned(Limit limit);

    @Query("select new fluidframe.server.store.DocumentRows$Named(d.key.kind, d.key.id, d.name, d.binnedAt)"
            + " from DocumentRow d where d.binnedAt < :before")
    List<Named> binnedBefore(Instant before);

    /** What a list shows of them has to be worked out anew. */
    @Modifying
    @Query("update DocumentRow d set d.summaryStamp = '' where d.key in"
            + " (select e.key from DocumentRow e join e.uses u where u.usedKind = :kind and u.usedId = :id)")
    void outdateUsersOf(String kind, String id);

    /** What lies in the bin and names a document. */
    @Query("select d from DocumentRow d join d.uses u"
            + " where u.usedKind = :kind and u.usedId = :id and d.binnedAt is not null")
    List<DocumentRow> binnedUsers(String kind, String id);
}
