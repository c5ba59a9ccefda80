package fluidframe.server.store;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.springframework.jdbc.core.JdbcTemplate;

/** The studio's tables besides those of documents, as rows of texts: what is new in the database needs nothing new here. */
public final class StudioTables {
    /** Kept otherwise, or belonging to this machine and not to the studio. */
    private static final Set<String> OTHERWISE = Set.of(
            "document",
            "document_use",
            "document_version",
            "studio_mark",
            "flyway_schema_history",
            "shared_device",
            "coach_lock",
            "access_line");

    private final JdbcTemplate database;

    public StudioTables(JdbcTemplate database) {
        this.database = database;
    }

    /** Their names, in order. */
    public List<String> names() {
        return database
                .queryForList(
                        "select lower(table_name) from information_schema.tables"
                                + " where table_schema = 'PUBLIC' and table_type = 'BASE TABLE' order by table_name",
                        String.class)
                .stream()
                .filter(name -> !OTHERWISE.contains(name))
                .toList();
    }

    /** Of a table its columns but those that the database fills itself; none if it is not one of these. */
    public List<String> columns(String table) {
        if (!names().contains(table)) return List.of();
        return database.queryForList(
                "select lower(column_name) from information_schema.columns where table_schema = 'PUBLIC'"
                        + " and lower(table_name) = ? and is_identity = 'NO' order by ordinal_position",
                String.class,
                table);
    }

    /** How many rows it has. */
    public long count(String table) {
        Long rows = names().contains(table)
                ? database.queryForObject("select count(*) from " + table, Long.class)
                : Long.valueOf(0);
        return rows == null ? 0 : rows;
    }

    /** In the order in which they were written. */
    public String select(String table) {
        List<String> numbered = database.queryForList(
                "select lower(column_name) from information_schema.columns where table_schema = 'PUBLIC'"
                        + " and lower(table_name) = ? and is_identity = 'YES'",
                String.class,
                table);
        String order = numbered.isEmpty() ? "1, 2" : numbered.get(0);
        return "select " + String.join(", ", columns(table)) + " from " + table + " order by " + order;
    }

    /**
     * Rows in the place of those that are there; columns that are not known here are left out.
     *
     * @return how many
     */
    int replace(String table, List<String> given, List<List<String>> rows) {
        List<String> columns = columns(table);
        int[] known = IntStream.range(0, given.size())
                .filter(i -> columns.contains(given.get(i)))
                .toArray();
        database.update("delete from " + table);
        if (rows.isEmpty() || known.length == 0) return 0;
        List<String> names = IntStream.of(known).mapToObj(given::get).toList();
        String insert = "insert into " + table + " (" + String.join(", ", names) + ") values ("
                + String.join(", ", names.stream().map(name -> "?").toList()) + ")";
        database.batchUpdate(
                insert,
                rows.stream()
                        .map(row -> IntStream.of(known)
                                .mapToObj(i -> i < row.size() ? row.get(i) : null)
                                .toArray())
                        .toList());
        return rows.size();
    }
}
