package fluidframe.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

class DataFolderTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-04T10:00:00Z"), ZoneOffset.UTC);

    @TempDir
    private Path folder;

    private Path file() {
        return folder.resolve("fluidframe.mv.db");
    }

    private String url() {
        return "jdbc:h2:file:" + folder.resolve("fluidframe") + ";WRITE_DELAY=0;TRACE_LEVEL_FILE=0";
    }

    /** A studio of that many changes, one song each, with what a server has acknowledged. */
    private void studio(int changes, int acknowledged) throws SQLException {
        try (Connection connection = DriverManager.getConnection(url(), "sa", "");
                Statement statement = connection.createStatement()) {
            statement.execute("create table if not exists studio_mark (changes bigint)");
            statement.execute("create table if not exists song (name varchar(200))");
            statement.execute("delete from studio_mark");
            statement.execute("insert into studio_mark values (" + changes + ")");
            for (int i = 0; i < changes; i++) statement.execute("insert into song values (repeat('la', 90))");
        }
        new ChangeMark(folder.resolve("fluidframe.mark")).acknowledge(acknowledged);
    }

    private DataFolder open(boolean fresh) {
        return DataFolder.open(folder, fresh, CLOCK);
    }

    private String told() {
        return String.join("\n", new StudioNotices(folder.resolve("fluidframe.notices"), CLOCK).all());
    }

    private Path setAside() throws IOException {
        try (Stream<Path> asides = Files.list(folder.resolve("set-aside"))) {
            return asides.findFirst().orElseThrow();
        }
    }

    @Test
    void saysNothingOfAStudioThatHasAllThatWasAcknowledged() throws Exception {
        studio(5, 5);
        open(false);
        assertThat(told()).isEmpty();
        assertThat(new ChangeMark(folder.resolve("fluidframe.mark")).read()).contains(new ChangeMark.Found(5, -1));
    }

    @Test
    void saysByHowManyChangesAFileIsOlderAndKeepsItAsItWas() throws Exception {
        studio(5, 8);
        open(false);
        assertThat(told())
                .contains("older than what was saved last, by 3 changes")
                .contains("no backups of it yet");
        assertThat(Files.size(setAside().resolve("fluidframe.mv.db"))).isEqualTo(Files.size(file()));
    }

    @Test
    void saysThatAFileIsGone() throws Exception {
        studio(2, 2);
        Files.delete(file());
        open(false);
        assertThat(told()).contains("is gone; 2 changes had been saved in it");
    }

    @Test
    void refusesADamagedFileAndLeavesItAsItIs() throws Exception {
        studio(3000, 3000);
        byte[] before = Files.readAllBytes(file());
        try (RandomAccessFile damaged = new RandomAccessFile(file().toFile(), "rw")) {
            damaged.write("x".repeat(9000).getBytes(StandardCharsets.ISO_8859_1));
        }
        Files.createDirectories(folder.resolve("backups"));
        Files.write(folder.resolve("backups/2026-03-01-day.zip"), before);
        assertThatThrownBy(() -> open(false))
                .isInstanceOf(StartRefused.class)
                .hasMessageContaining("cannot be read: it is damaged. It was left as it is")
                .hasMessageContaining("2026-03-01-day.zip")
                .hasMessageContaining("./run restore")
                .hasMessageContaining("--fresh");
        assertThat(Files.size(file())).isEqualTo(before.length);
    }

    @Test
    void aFileCutToHalfIsNeverTakenForTheWholeOne() throws Exception {
        studio(3000, 3000);
        // Without dead space, so that the half that is cut off held something.
        try (Connection connection = DriverManager.getConnection(url(), "sa", "");
                Statement statement = connection.createStatement()) {
            statement.execute("shutdown compact");
        }
        try (RandomAccessFile cut = new RandomAccessFile(file().toFile(), "rw")) {
            cut.setLength(cut.length() / 2);
        }
        String refused = "";
        try {
            open(false);
        } catch (StartRefused e) {
            refused = e.getMessage();
        }
        assertThat(refused + told()).containsAnyOf("is damaged", "older than what was saved last");
    }

    @Test
    void setsAFileOfALaterFormatAside() throws Exception {
        studio(2, 2);
        byte[] bytes = Files.readAllBytes(file());
        String header = new String(bytes, 0, 4096, StandardCharsets.ISO_8859_1).replace("format:3", "format:9");
        System.arraycopy(header.getBytes(StandardCharsets.ISO_8859_1), 0, bytes, 0, 4096);
        Files.write(file(), bytes);
        open(false);
        assertThat(file()).doesNotExist();
        assertThat(setAside().resolve("fluidframe.mv.db")).hasBinaryContent(bytes);
        assertThat(told()).contains("later version of the database");
    }

    @Test
    void aFreshStartSetsAsideAndDeletesNothing() throws Exception {
        studio(2, 2);
        byte[] before = Files.readAllBytes(file());
        open(true);
        assertThat(file()).doesNotExist();
        assertThat(setAside().resolve("fluidframe.mv.db")).hasBinaryContent(before);
        assertThat(told()).contains("was set aside in");
    }

    @Test
    void refusesAFolderThatAnotherHasAlsoForAFreshStart() throws Exception {
        studio(2, 2);
        open(false);
        for (boolean fresh : new boolean[] {false, true}) {
            assertThatThrownBy(() -> open(fresh))
                    .isInstanceOf(StartRefused.class)
                    .hasMessageContaining("in use by a Fluid Frame that is running")
                    .hasMessageContaining("process " + ProcessHandle.current().pid());
        }
        assertThat(file()).exists();
    }

    @Test
    void refusesAFolderThatCannotBe() throws Exception {
        Path taken = Files.writeString(folder.resolve("taken"), "a file");
        assertThatThrownBy(() -> DataFolder.open(taken, false, CLOCK))
                .isInstanceOf(StartRefused.class)
                .hasMessageContaining("there is a file of that name");
        assertThatThrownBy(() -> DataFolder.open(taken.resolve("below"), false, CLOCK))
                .isInstanceOf(StartRefused.class)
                .hasMessageContaining("part of the path is a file");
    }

    @Test
    void aChangeOfTheTablesThatWasBrokenOffBeginsAgainFromTheCopy() throws Exception {
        studio(3, 3);
        Path copy = new StudioCopies(folder.resolve("copies"), CLOCK)
                .beforeChange("9", new JdbcTemplate(new DriverManagerDataSource(url(), "sa", "")));
        Files.writeString(
                folder.resolve("fluidframe.changing"), copy.getFileName().toString());
        studio(1, 3);
        // As a kill in the midst of making a copy leaves it: no copy to be named or taken.
        Files.writeString(folder.resolve("copies/day-2026-03-03.part.mv.db"), "half");
        assertThat(new StudioCopies(folder.resolve("copies"), CLOCK).kept()).containsExactly(copy);
        open(false);
        assertThat(new StudioFile(file()).readThrough()).isEqualTo(3);
        assertThat(setAside().resolve("fluidframe.mv.db")).exists();
        assertThat(told()).isEmpty();
        assertThat(folder.resolve("fluidframe.changing")).doesNotExist();
    }

    @Test
    void takingBackAChangeCanItselfBeBrokenOffAndBegunAgain() throws Exception {
        studio(3, 3);
        Path copy = new StudioCopies(folder.resolve("copies"), CLOCK)
                .beforeChange("9", new JdbcTemplate(new DriverManagerDataSource(url(), "sa", "")));
        Files.writeString(
                folder.resolve("fluidframe.changing"), copy.getFileName().toString());
        Files.delete(file());
        Files.writeString(folder.resolve("fluidframe.copying"), "half");
        open(false);
        assertThat(new StudioFile(file()).readThrough()).isEqualTo(3);
        assertThat(folder.resolve("fluidframe.changing")).doesNotExist();
    }

    @Test
    void aStudioWhoseMakingWasBrokenOffIsMadeAnew() throws Exception {
        studio(0, 0);
        Files.writeString(folder.resolve("fluidframe.changing"), "");
        open(false);
        assertThat(file()).doesNotExist();
        assertThat(told()).isEmpty();
    }

    @Test
    void makesAFileThatAKillHasLeftLargeSmallAgain() throws Exception {
        studio(20, 20);
        try (Connection connection = DriverManager.getConnection(url(), "sa", "");
                Statement statement = connection.createStatement()) {
            for (int i = 0; i < 300; i++) {
                statement.execute("create table dead (a varchar) as select space(100000) from system_range(1, 3)");
                statement.execute("drop table dead");
            }
            statement.execute("shutdown immediately");
        }
        long large = Files.size(file());
        assertThat(large).isGreaterThan(8 << 20);
        open(false);
        assertThat(Files.size(file())).isLessThan(large / 10);
        assertThat(new StudioFile(file()).readThrough()).isEqualTo(20);
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left.map(path -> path.getFileName().toString())).noneMatch(name -> name.contains("compact"));
        }
    }

    /** The database keeps what a transaction would take back in its file; made small without it, the file could never be read again. */
    @Test
    void aTransactionThatAKillHasCutOffIsTakenBackBeforeTheFileIsMadeSmall() throws Exception {
        studio(20, 20);
        try (Connection connection = DriverManager.getConnection(url(), "sa", "");
                Connection other = DriverManager.getConnection(url(), "sa", "");
                Statement statement = connection.createStatement();
                Statement killing = other.createStatement()) {
            statement.execute("create table later (id int primary key, name varchar(400))");
            statement.execute("create table gone (id int)");
            statement.execute("drop table gone");
            statement.execute("insert into later select x, repeat('la', 180) from system_range(1, 40000)");
            connection.setAutoCommit(false);
            statement.execute("delete from song");
            statement.execute("update later set name = repeat('no', 170)");
            killing.execute("checkpoint sync");
            // As a kill leaves it: an end of the database in any other way would take the transaction back.
            Files.copy(file(), folder.resolve("killed"));
            connection.rollback();
            killing.execute("shutdown");
        } catch (SQLException e) {
            assertThat(e.getMessage()).contains("closed");
        }
        Files.move(folder.resolve("killed"), file(), StandardCopyOption.REPLACE_EXISTING);
        assertThat(Files.size(file())).isGreaterThan(8 << 20);
        open(false);
        assertThat(new StudioFile(file()).readThrough()).isEqualTo(20);
        try (Connection connection = DriverManager.getConnection(url(), "sa", "");
                Statement statement = connection.createStatement();
                var row = statement.executeQuery(
                        "select (select count(*) from song), (select count(*) from later where name like 'la%')")) {
            row.next();
            assertThat(row.getInt(1)).isEqualTo(20);
            assertThat(row.getInt(2)).isEqualTo(40000);
        }
    }

    @Test
    void keepsSevenCopiesFromBeforeChangesAndEachCanBeRead() throws Exception {
        studio(4, 4);
        JdbcTemplate database = new JdbcTemplate(new DriverManagerDataSource(url(), "sa", ""));
        for (int day = 0; day < 9; day++) {
            StudioCopies copies = new StudioCopies(folder.resolve("copies"), Clock.offset(CLOCK, Duration.ofDays(day)));
            copies.beforeChange("11", database);
            copies.beforeChange("11", database);
        }
        StudioCopies copies = new StudioCopies(folder.resolve("copies"), CLOCK);
        assertThat(copies.kept()).hasSize(StudioCopies.KEPT);
        for (Path copy : copies.kept())
            assertThat(new StudioFile(copy).readThrough()).isEqualTo(4);
        assertThat(folder.resolve("copies/before-change-11-2026-03-12.mv.db")).exists();
        assertThat(folder.resolve("copies/before-change-11-2026-03-04.mv.db")).doesNotExist();
    }
}
