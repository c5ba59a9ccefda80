package fluidframe.server.backup;

import fluidframe.library.archive.ArchiveWriter;
import fluidframe.library.archive.Manifest;
import fluidframe.library.archive.Stored;
import fluidframe.server.store.StudioTables;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.sql.DataSource;
import org.h2.engine.Constants;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/** Reads the whole studio at one instant, while others write: every row is as it was when the reading began. */
final class BackupSource {
    private final DataSource source;
    private final String application;

    BackupSource(DataSource source, String application) {
        this.source = source;
        this.application = application;
    }

    Manifest write(OutputStream out, Instant made) throws IOException, SQLException {
        try (Connection connection = source.getConnection()) {
            int usual = connection.getTransactionIsolation();
            connection.setAutoCommit(false);
            connection.setTransactionIsolation(Constants.TRANSACTION_SNAPSHOT);
            try (ArchiveWriter archive = new ArchiveWriter(out, made)) {
                documents(connection, archive);
                StudioTables tables =
                        new StudioTables(new JdbcTemplate(new SingleConnectionDataSource(connection, true)));
                for (String table : tables.names()) rows(connection, archive, table, tables);
                return archive.finish(
                        application,
                        one(connection, "select max(cast(\"version\" as int)) from \"flyway_schema_history\""),
                        Long.parseLong(one(connection, "select changes from studio_mark")));
            } finally {
                connection.rollback();
                connection.setTransactionIsolation(usual);
                connection.setAutoCommit(true);
            }
        }
    }

    private static String one(Connection connection, String query) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet found = statement.executeQuery(query)) {
            return found.next() ? found.getString(1) : "0";
        }
    }

    private static void documents(Connection connection, ArchiveWriter archive) throws SQLException, IOException {
        String versions =
                "select number, note, saved_at, text from document_version where kind = ? and id = ? order by number";
        try (Statement statement = connection.createStatement();
                PreparedStatement kept = connection.prepareStatement(versions);
                ResultSet row = statement.executeQuery(
                        "select kind, id, name, version, saved_at, binned_at, text from document order by kind, id")) {
            while (row.next()) {
                archive.document(new Stored(
                        row.getString("kind"),
                        row.getString("id"),
                        row.getString("name"),
                        row.getLong("version"),
                        instant(row, "saved_at").orElseThrow(),
                        instant(row, "binned_at"),
                        row.getString("text"),
                        versions(kept, row.getString("kind"), row.getString("id"))));
            }
        }
    }

    private static List<Stored.Version> versions(PreparedStatement kept, String kind, String id) throws SQLException {
        kept.setString(1, kind);
        kept.setString(2, id);
        List<Stored.Version> versions = new ArrayList<>();
        try (ResultSet row = kept.executeQuery()) {
            while (row.next()) {
                versions.add(new Stored.Version(
                        row.getLong("number"),
                        row.getString("note"),
                        instant(row, "saved_at").orElseThrow(),
                        row.getString("text")));
            }
        }
        return versions;
    }

    private static Optional<Instant> instant(ResultSet row, String column) throws SQLException {
        return Optional.ofNullable(row.getObject(column, OffsetDateTime.class)).map(OffsetDateTime::toInstant);
    }

    private static void rows(Connection connection, ArchiveWriter archive, String table, StudioTables tables)
            throws SQLException, IOException {
        List<String> columns = tables.columns(table);
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery(tables.select(table))) {
            archive.table(table, columns, () -> next(row, columns.size()));
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    private static List<String> next(ResultSet row, int columns) {
        try {
            if (!row.next()) return null;
            List<String> cells = new ArrayList<>(columns);
            for (int i = 1; i <= columns; i++) cells.add(row.getString(i));
            return cells;
        } catch (SQLException e) {
            throw new UncheckedIOException(new IOException("A row of the studio cannot be read", e));
        }
    }
}
