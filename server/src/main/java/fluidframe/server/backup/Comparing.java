package fluidframe.server.backup;

import fluidframe.library.archive.ArchiveReader;
import fluidframe.server.store.StudioTables;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.jdbc.core.JdbcTemplate;

/** What an archive holds against what is here. */
final class Comparing {
    private static final int MOST_ITEMS = 2000;

    private record Key(String kind, String id) {}

    private record Here(String name, boolean binned, int length, int hash) {
        static Here of(String name, Optional<Instant> binnedAt, String text) {
            return new Here(name, binnedAt.isPresent(), text.length(), text.hashCode());
        }

        boolean isLike(Here other) {
            return binned == other.binned && length == other.length && hash == other.hash;
        }
    }

    private final JdbcTemplate database;

    Comparing(JdbcTemplate database) {
        this.database = database;
    }

    BackupView.Contents of(BackupView backup, ArchiveReader archive) {
        Map<Key, Here> here = here();
        Map<String, long[]> counts = new TreeMap<>();
        here.keySet().forEach(key -> counts.computeIfAbsent(key.kind(), kind -> new long[2])[1]++);
        List<BackupView.Item> items = new ArrayList<>();
        AtomicInteger same = new AtomicInteger();
        archive.documents(one -> {
            counts.computeIfAbsent(one.kind(), kind -> new long[2])[0]++;
            Here there = Here.of(one.name(), one.binnedAt(), one.text());
            Here now = here.remove(new Key(one.kind(), one.id()));
            if (now != null && now.isLike(there)) same.incrementAndGet();
            else items.add(new BackupView.Item(one.kind(), one.id(), one.name(), now == null ? "new" : "different"));
        });
        if (archive.manifest().isPresent()) {
            here.forEach((key, now) -> items.add(new BackupView.Item(key.kind(), key.id(), now.name(), "gone")));
        }
        List<BackupView.Count> told = new ArrayList<>();
        counts.forEach((kind, count) -> told.add(new BackupView.Count(kind, count[0], count[1])));
        StudioTables tables = new StudioTables(database);
        for (String table : archive.tables()) {
            AtomicLong rows = new AtomicLong();
            archive.rows(table, (columns, row) -> rows.incrementAndGet());
            told.add(new BackupView.Count(table, rows.get(), tables.count(table)));
        }
        return new BackupView.Contents(
                backup,
                told,
                same.get(),
                items.size(),
                items.size() > MOST_ITEMS ? items.subList(0, MOST_ITEMS) : items,
                archive.problems());
    }

    private Map<Key, Here> here() {
        Map<Key, Here> here = new HashMap<>();
        database.query("select kind, id, name, binned_at, text from document", row -> {
            here.put(
                    new Key(row.getString("kind"), row.getString("id")),
                    Here.of(
                            row.getString("name"),
                            Optional.ofNullable(row.getTimestamp("binned_at")).map(java.sql.Timestamp::toInstant),
                            row.getString("text")));
        });
        return here;
    }
}
