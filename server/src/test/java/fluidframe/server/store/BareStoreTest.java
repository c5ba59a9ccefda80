package fluidframe.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The database alone: one writer on one connection, killed again and again just after a commit was on the disk. A version of the
 * database that cannot find its newest part again, as 2.5.252 could not, fails here within seconds.
 */
class BareStoreTest {
    private static final int KILLS = 8;
    private static final int SAVES = 120;

    @TempDir
    private Path folder;

    private static String url(String folder) {
        return "jdbc:h2:file:" + folder + "/bare;WRITE_DELAY=0;TRACE_LEVEL_FILE=0;RETENTION_TIME=30";
    }

    /** Saves over the same few rows and says each number once it is on the disk. */
    static final class Writer {
        private Writer() {}

        public static void main(String[] args) throws Exception {
            try (Connection connection = DriverManager.getConnection(url(args[0]), "sa", "");
                    Statement statement = connection.createStatement()) {
                statement.execute("create table if not exists kept (id int primary key, number int, text varchar)");
                int from = newest(statement);
                for (int number = from + 1; ; number++) {
                    String text = "repeat('x', " + (number * 37 % 4000) + ")";
                    statement.execute("merge into kept values (" + number % 7 + ", " + number + ", " + text + ")");
                    statement.execute("checkpoint sync");
                    System.out.println(number);
                    System.out.flush();
                    // Long enough now and then for the space of dead rows to be used again.
                    if (number % 40 == 0) TimeUnit.MILLISECONDS.sleep(120);
                }
            }
        }
    }

    private static int newest(Statement statement) throws Exception {
        try (ResultSet found = statement.executeQuery("select coalesce(max(number), 0) from kept")) {
            found.next();
            return found.getInt(1);
        }
    }

    /** The last number of a whole line; 0 for none. */
    private static int lastSaid(Path said) throws Exception {
        String text = Files.readString(said);
        int end = text.lastIndexOf('\n');
        if (end < 0) return 0;
        return Integer.parseInt(text.substring(text.lastIndexOf('\n', end - 1) + 1, end));
    }

    @Test
    void findsEveryCommitAgainAfterKills() throws Exception {
        int acknowledged = 0;
        for (int kill = 0; kill < KILLS; kill++) {
            Path said = folder.resolve("said-" + kill);
            Process writer = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:TieredStopAtLevel=1",
                            "-cp",
                            System.getProperty("java.class.path"),
                            Writer.class.getName(),
                            folder.toString())
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .redirectOutput(said.toFile())
                    .start();
            int enough = acknowledged + SAVES + kill * 11 % 41;
            while (writer.isAlive() && lastSaid(said) < enough) TimeUnit.MILLISECONDS.sleep(5);
            writer.destroyForcibly().onExit().join();
            acknowledged = lastSaid(said);
            assertThat(acknowledged).isGreaterThanOrEqualTo(enough);
            try (Connection connection = DriverManager.getConnection(url(folder.toString()), "sa", "");
                    Statement statement = connection.createStatement()) {
                assertThat(newest(statement)).as("after kill %d", kill + 1).isGreaterThanOrEqualTo(acknowledged);
                acknowledged = newest(statement);
            }
        }
    }
}
