package fluidframe.server;

import fluidframe.server.store.StudioTables;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javax.sql.DataSource;
import org.springframework.jdbc.core.JdbcTemplate;

/** All that a studio keeps, to be compared. */
public final class StudioRows {
    private StudioRows() {}

    /** Everything kept, as the tables have it, but for what is worked out again. */
    public static Map<String, List<String>> of(DataSource source) {
        JdbcTemplate database = new JdbcTemplate(source);
        StudioTables tables = new StudioTables(database);
        Map<String, String> queries = new TreeMap<>();
        for (String table : tables.names()) queries.put(table, tables.select(table));
        queries.put(
                "document",
                "select kind, id, name, sort_name, dance, words, version, text, saved_at, binned_at from document"
                        + " order by kind, id");
        queries.put("document_use", "select * from document_use order by 1, 2, 3, 4");
        queries.put("document_version", "select * from document_version order by kind, id, number");
        Map<String, List<String>> all = new TreeMap<>();
        queries.forEach((table, query) -> all.put(table, database.query(query, (row, n) -> {
            List<String> cells = new ArrayList<>();
            for (int i = 1; i <= row.getMetaData().getColumnCount(); i++) cells.add(row.getString(i));
            return cells.toString();
        })));
        return all;
    }
}
