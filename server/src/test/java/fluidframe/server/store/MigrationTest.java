package fluidframe.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.library.event.EventFormat;
import fluidframe.library.figure.ChartFormat;
import fluidframe.library.list.ListFormat;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.library.shipped.ShippedLibrary;
import fluidframe.library.song.SongFormat;
import fluidframe.library.text.Format;
import fluidframe.library.text.Salvaged;
import java.util.List;
import java.util.Map;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** A studio as the version before kept it, with its tables changed: everything is there and reads whole. */
class MigrationTest {
    private static final String NOW = "timestamp with time zone '2026-11-20 10:00:00+00'";
    private static final String ROUTINE = "{\"name\":\"Old circuit\",\"dance\":\"waltz\",\"tempo\":29.0,\"floor\":"
            + "{\"length\":24.0,\"width\":14.0,\"startX\":3.0,\"startY\":11.5,\"stride\":0.7,\"startTurn\":2},"
            + "\"note\":\"as kept\",\"phraseBars\":8,\"song\":\"" + "00000000-0000-0000-0000-000000000005"
            + "\",\"figures\":[{\"figure\":\"waltz.natural-turn\",\"part\":\"1-3\",\"lastTurn\":0,\"corner\":true,"
            + "\"times\":0,\"otherFoot\":false},{\"lastTurn\":0,\"corner\":false,\"times\":0,\"otherFoot\":false,"
            + "\"element\":\"Bow\",\"beats\":6.0,\"note\":\"slowly\"}]}";
    private static final String SONG =
            "{\"name\":\"Old song\",\"beatsPerBar\":3,\"phraseBars\":8,\"sections\":[{\"name\":"
                    + "\"Verse\",\"bars\":16,\"kind\":\"DANCE\"}],\"tempos\":[{\"bar\":1,\"barsPerMinute\":29.0}],\"accents\":[]}";
    private static final String EVENT = "{\"name\":\"Old cup\",\"note\":\"\",\"list\":\"starter\",\"level\":\"Silver\","
            + "\"leastSeconds\":90,\"mostSeconds\":120,\"dances\":[{\"dance\":\"waltz\",\"slowest\":28.0,\"fastest\":30.0}],"
            + "\"length\":24.0,\"width\":14.0,\"barred\":[],\"freeElements\":false,\"barredHolds\":[]}";

    private final DataSource source = source();
    private final JdbcTemplate database = new JdbcTemplate(source);

    private static DataSource source() {
        JdbcDataSource memory = new JdbcDataSource();
        memory.setURL("jdbc:h2:mem:" + java.util.UUID.randomUUID() + ";DB_CLOSE_DELAY=-1");
        return memory;
    }

    private void migrate(String target) {
        Flyway.configure().dataSource(source).target(target).load().migrate();
    }

    @BeforeEach
    void furnishAsBefore() {
        migrate("5");
        String whisk = ShippedLibrary.text("waltz/whisk.yaml");
        String wing = ShippedLibrary.text("waltz/wing.yaml");
        database.update(
                "insert into figure_copy values ('waltz.whisk', 'waltz', 'Whisk', 3, 2, ?, " + NOW + ")", whisk);
        for (int number = 1; number <= 2; number++) {
            database.update(
                    "insert into figure_version values ('waltz.whisk', ?, 'flatter', ?, " + NOW + ")", number, whisk);
        }
        database.update("insert into figure_version values ('waltz.wing', 4, 'reset since', ?, " + NOW + ")", wing);
        database.update("insert into figure_draft values ('waltz.whisk', 2, '{\"half\": 1}', " + NOW + ")");
        database.update(
                "insert into routine values (random_uuid(), 'waltz', 'Old circuit', 7, ?, " + NOW + ")", ROUTINE);
        database.update("insert into routine_version select id, 1, 'kept', ?, " + NOW + " from routine", ROUTINE);
        database.update(
                "insert into song values ('00000000-0000-0000-0000-000000000005', 'Old song', 0, ?, " + NOW + ")",
                SONG);
        database.update("insert into event values (random_uuid(), 'Old cup', 0, ?, " + NOW + ")", EVENT);
        database.update(
                "insert into figure_list values (random_uuid(), 'Ours', 1, ?, " + NOW + ")",
                "format: fluidframe/list@1\nname: Ours\nlevels:\n  - name: First\n    figures: {waltz: [whisk]}\n");
    }

    private List<Map<String, Object>> rows(String kind) {
        return database.queryForList(
                "select id, name, dance, version, text, binned_at from document where kind = ? order by id", kind);
    }

    @Test
    void keepsEverythingUnderItsIdAndReadsItWhole() {
        migrate("latest");
        Map<String, Format<?>> formats = Map.of(
                "figure", ChartFormat.CHART,
                "routine", RoutineFormat.ROUTINE,
                "song", SongFormat.SONG,
                "event", EventFormat.EVENT,
                "list", ListFormat.LIST);
        formats.forEach((kind, format) -> {
            assertThat(rows(kind)).as(kind).isNotEmpty().allSatisfy(row -> {
                Salvaged<?> read = format.salvage(text(row.get("TEXT")));
                assertThat(read.problems()).as(kind).isEmpty();
            });
        });
        assertThat(rows("song").get(0).get("ID")).isEqualTo("00000000-0000-0000-0000-000000000005");
        assertThat(RoutineFormat.ROUTINE
                        .salvage(text(rows("routine").get(0).get("TEXT")))
                        .value()
                        .song())
                .contains("00000000-0000-0000-0000-000000000005");
        assertThat(rows("routine").get(0)).containsEntry("DANCE", "waltz").containsEntry("VERSION", 8L);
    }

    @Test
    void versionsDraftsAndFiguresThatWereResetAreThereToo() {
        migrate("latest");
        List<Map<String, Object>> figures = rows("figure");
        assertThat(figures).extracting(row -> row.get("ID")).containsExactly("waltz.whisk", "waltz.wing");
        assertThat(figures.get(0)).containsEntry("VERSION", 2L).containsEntry("BINNED_AT", null);
        assertThat(figures.get(1)).containsEntry("VERSION", 4L);
        assertThat(figures.get(1).get("BINNED_AT")).isNotNull();
        assertThat(database.queryForObject("select count(*) from document_version", Integer.class))
                .isEqualTo(4);
        assertThat(database.queryForMap("select window_id, base_version from draft"))
                .containsEntry("WINDOW_ID", "earlier")
                .containsEntry("BASE_VERSION", 2L);
    }

    private static String text(Object clob) {
        try {
            return clob instanceof java.sql.Clob large ? large.getSubString(1, (int) large.length()) : clob.toString();
        } catch (java.sql.SQLException e) {
            throw new IllegalStateException(e);
        }
    }
}
