package fluidframe.server.store;

import fluidframe.library.archive.ArchiveReader;
import fluidframe.library.archive.Manifest;
import fluidframe.library.archive.Stored;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Puts a studio back as an archive has it: in one transaction, so that a kill in the midst of it leaves everything as it was.
 * What of a damaged archive cannot be read stays as it is here.
 */
@Component
public class Restoring {
    private static final int LONGEST_ID = 80;
    private static final int LONGEST_NOTE = 500;

    private final DocumentStore store;
    private final JdbcTemplate database;
    private final Map<Kind, Documents<?, ?>> documents;
    private final StudioTables tables;

    /**
     * What was put back.
     *
     * @param documents how many
     * @param rows how many of the tables
     * @param problems what could not be, a sentence each
     */
    public record Restored(int documents, int rows, List<String> problems) {}

    /** What stands here, to be told apart from what comes. */
    private record Here(long version, String text) {}

    Restoring(DocumentStore store, DataSource source, List<Documents<?, ?>> documents) {
        this.store = store;
        this.database = new JdbcTemplate(source);
        this.documents =
                documents.stream().collect(Collectors.toMap(all -> all.traits().kind(), Function.identity()));
        this.tables = new StudioTables(database);
    }

    /**
     * Everything, in the place of everything that is here.
     *
     * @throws IllegalArgumentException if what an archive says contradicts itself; then nothing was restored
     */
    public Restored whole(ArchiveReader archive) {
        List<String> problems = new ArrayList<>();
        Restored restored;
        try {
            restored = store.write(() -> everything(archive, problems));
        } catch (DataIntegrityViolationException e) {
            throw new IllegalArgumentException(
                    "The backup contradicts itself, as one that was changed by hand: nothing was restored", e);
        }
        store.nextGeneration();
        problems.addAll(0, archive.problems());
        return new Restored(restored.documents(), restored.rows(), List.copyOf(problems));
    }

    private Restored everything(ArchiveReader archive, List<String> problems) {
        AtomicInteger count = new AtomicInteger();
        archive.manifest().ifPresent(this::deleteWhatIsNotIn);
        archive.documents(one -> {
            Optional<String> unfit = unfit(one);
            unfit.ifPresent(problems::add);
            if (unfit.isPresent()) return;
            put(one);
            count.incrementAndGet();
        });
        int rows = 0;
        for (String table : archive.tables()) rows += table(table, archive, problems);
        return new Restored(count.get(), rows, List.of());
    }

    private void deleteWhatIsNotIn(Manifest manifest) {
        Set<DocumentKey> listed = manifest.documents().stream()
                .map(kept -> new DocumentKey(kept.kind(), kept.id()))
                .collect(Collectors.toSet());
        List<Object[]> gone = database
                .query(
                        "select kind, id from document",
                        (row, n) -> new DocumentKey(row.getString("kind"), row.getString("id")))
                .stream()
                .filter(key -> !listed.contains(key))
                .map(key -> new Object[] {key.kind(), key.id()})
                .toList();
        database.batchUpdate("delete from document where kind = ? and id = ?", gone);
    }

    private static Optional<String> unfit(Stored one) {
        String which = "The " + one.kind() + " \"" + one.name() + "\" was left out: ";
        if (Arrays.stream(Kind.values()).noneMatch(kind -> kind.toString().equals(one.kind())))
            return Optional.of(which + "this version of Fluid Frame does not know what that is");
        if (one.id().isEmpty() || one.id().length() > LONGEST_ID)
            return Optional.of(which + "its id must have 1 to " + LONGEST_ID + " characters");
        if (one.text().length() > Drafts.MOST_CHARACTERS)
            return Optional.of(which + "it is longer than " + Drafts.MOST_CHARACTERS + " characters");
        return Optional.empty();
    }

    private void put(Stored one) {
        DocumentRow.Content content = documents.get(Kind.parse(one.kind())).bareOf(one.text());
        Optional<Here> here = database
                .query(
                        "select version, text from document where kind = ? and id = ?",
                        (row, n) -> new Here(row.getLong("version"), row.getString("text")),
                        one.kind(),
                        one.id())
                .stream()
                .findFirst();
        // A window that still shows what is here now must not take what comes for it.
        long version = here.filter(now -> !now.text().equals(one.text()))
                .map(now -> Math.max(one.version(), now.version() + 1))
                .orElse(Math.max(1, one.version()));
        database.update("delete from document where kind = ? and id = ?", one.kind(), one.id());
        database.update(
                "insert into document (kind, id, name, sort_name, dance, words, version, text, saved_at, binned_at,"
                        + " summary_stamp) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, '')",
                one.kind(),
                one.id(),
                content.name(),
                DocumentRows.sorted(content.name()),
                content.dance(),
                content.words(),
                version,
                one.text(),
                at(one.savedAt()),
                one.binnedAt().map(Restoring::at).orElse(null));
        database.batchUpdate(
                "insert into document_use values (?, ?, ?, ?)",
                content.uses().stream()
                        .map(use -> new Object[] {one.kind(), one.id(), use.usedKind(), use.usedId()})
                        .toList());
        database.batchUpdate(
                "insert into document_version (kind, id, number, note, text, saved_at) values (?, ?, ?, ?, ?, ?)",
                one.versions().stream()
                        .map(kept -> new Object[] {
                            one.kind(), one.id(), kept.number(), cut(kept.note()), kept.text(), at(kept.savedAt())
                        })
                        .toList());
    }

    private static String cut(String note) {
        return note.substring(0, Math.min(note.length(), LONGEST_NOTE));
    }

    private static Timestamp at(Instant time) {
        return Timestamp.from(time);
    }

    private int table(String name, ArchiveReader archive, List<String> problems) {
        List<String> columns = tables.columns(name);
        if (columns.isEmpty()) {
            problems.add("The table \"" + name + "\" was left out: this version of Fluid Frame has none of that name");
            return 0;
        }
        int before = archive.problems().size();
        List<List<String>> rows = new ArrayList<>();
        List<String> told = new ArrayList<>();
        archive.rows(name, (header, row) -> {
            if (told.isEmpty()) told.addAll(header);
            rows.add(row);
        });
        if (archive.problems().size() > before) return 0;
        try {
            return tables.replace(name, told, rows);
        } catch (DataAccessException e) {
            throw new IllegalArgumentException(
                    "The table \"" + name + "\" of the backup does not fit: nothing was restored", e);
        }
    }
}
