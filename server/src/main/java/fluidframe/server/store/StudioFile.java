package fluidframe.server.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.h2.mvstore.MVStoreTool;

/** A database file that no server has open: looked into without changing it, and made small again. */
final class StudioFile {
    /** The newest format of file that the database in use writes and reads. */
    private static final int FORMAT = 3;

    private static final int HEADER_BYTES = 4096;
    private static final Pattern FORMAT_IN_HEADER = Pattern.compile("H:2,[^\\n]*format:([0-9a-f]+)");
    private static final String ENDING = ".mv.db";

    private final Path file;

    StudioFile(Path file) {
        this.file = file;
    }

    /** Whether a later version of the database has written it, so that this one must leave it alone. */
    boolean isOfALaterFormat() throws IOException {
        try (var in = Files.newInputStream(file)) {
            String header = new String(in.readNBytes(HEADER_BYTES), StandardCharsets.ISO_8859_1);
            Matcher format = FORMAT_IN_HEADER.matcher(header);
            return format.find() && Integer.parseInt(format.group(1), 16) > FORMAT;
        }
    }

    /**
     * Reads every row of every table without writing a byte, and answers the number of the last change in it; 0 for a file
     * from before changes were counted.
     *
     * @throws SQLException if anything in it cannot be read
     */
    long readThrough() throws SQLException {
        try (Connection connection = DriverManager.getConnection(url() + ";ACCESS_MODE_DATA=r", "sa", "");
                Statement statement = connection.createStatement()) {
            List<String> tables = new ArrayList<>();
            try (ResultSet found =
                    connection.getMetaData().getTables(null, "PUBLIC", null, new String[] {"BASE TABLE"})) {
                while (found.next()) tables.add(found.getString("TABLE_NAME"));
            }
            for (String table : tables) readAll(statement, table);
            if (!tables.contains("STUDIO_MARK")) return 0;
            try (ResultSet mark = statement.executeQuery("select changes from studio_mark")) {
                return mark.next() ? mark.getLong(1) : 0;
            }
        } catch (IllegalStateException e) {
            throw new SQLException("The file is damaged", e);
        }
    }

    private static void readAll(Statement statement, String table) throws SQLException {
        try (ResultSet rows = statement.executeQuery("select * from \"" + table + "\"")) {
            int columns = rows.getMetaData().getColumnCount();
            while (rows.next()) {
                for (int column = 1; column <= columns; column++) rows.getString(column);
            }
        }
    }

    private String url() {
        String path = file.toAbsolutePath().toString();
        return "jdbc:h2:file:" + path.substring(0, path.length() - ENDING.length())
                + ";IFEXISTS=TRUE;TRACE_LEVEL_FILE=0";
    }

    /**
     * Writes what is alive into a new file and puts it in the place of this one, whole or not at all.
     *
     * @return whether it was done within that time; if not, the file is as it was
     */
    boolean compact(long most, TimeUnit unit) throws IOException {
        Path small = file.resolveSibling("compact." + file.getFileName());
        Files.deleteIfExists(small);
        FutureTask<Void> work = new FutureTask<>(() -> copyWhatIsAlive(small), null);
        Thread thread = new Thread(work, "compact");
        thread.setDaemon(true);
        thread.start();
        try {
            work.get(most, unit);
            new StudioFile(small).force();
            replaceBy(small);
            return true;
        } catch (TimeoutException | ExecutionException e) {
            work.cancel(true);
            return false;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        } finally {
            Files.deleteIfExists(small);
        }
    }

    /**
     * On a copy, because the database's own tool works in place and would leave a file half done when given up. What a kill has
     * cut off is taken back first: the tool numbers the tables anew, after which the database could not tell what to take back.
     */
    private void copyWhatIsAlive(Path to) {
        try {
            Files.copy(file, to);
            try (Connection connection = DriverManager.getConnection(new StudioFile(to).url(), "sa", "");
                    Statement statement = connection.createStatement()) {
                statement.execute("SHUTDOWN");
            }
            MVStoreTool.compact(to.toString(), true);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (SQLException e) {
            throw new IllegalStateException("The copy cannot be opened", e);
        }
    }

    private void replaceBy(Path other) throws IOException {
        try {
            Files.move(other, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            // Left as it is: larger than need be, but whole.
            Files.deleteIfExists(other);
        }
    }

    private void force() throws IOException {
        try (var channel = java.nio.channels.FileChannel.open(file, java.nio.file.StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }
}
