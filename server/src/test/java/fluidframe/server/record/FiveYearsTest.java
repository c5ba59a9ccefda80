package fluidframe.server.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.couple.Role;
import fluidframe.core.lesson.Lesson;
import fluidframe.core.log.Entry;
import fluidframe.core.log.Logged;
import fluidframe.core.people.Couple;
import fluidframe.server.ApiCalls;
import fluidframe.server.StudioRows;
import fluidframe.server.backup.Backups;
import fluidframe.server.lesson.LessonView;
import fluidframe.server.log.LogBook;
import fluidframe.server.people.PeopleView;
import fluidframe.server.store.Documents;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A studio of five years: twenty couples, forty thousand entries, five thousand lessons, made by a seeded program. */
class FiveYearsTest extends ApiCalls {
    private static final int COUPLES = 20;
    private static final int ENTRIES = 40_000;
    private static final int WEEKS = 260;
    private static final List<String> FIGURES = List.of(
            "waltz.natural-turn",
            "waltz.whisk",
            "waltz.natural-spin-turn",
            "waltz.chasse-from-promenade",
            "rumba.alemana",
            "rumba.fan",
            "foxtrot.feather-step",
            "tango.walks",
            "quickstep.tipple-chasse-to-right");
    private static final List<String> SEEN =
            List.of("heel early", "late", "head left behind", "underturned", "loses the frame", "shoulder up");

    @TempDir
    private Path folder;

    @Autowired
    private DataSource source;

    @Autowired
    private Backups backups;

    @Autowired
    private LogBook book;

    @Autowired
    private Documents<Couple, PeopleView.CoupleSummary> couples;

    @Autowired
    private Documents<Lesson, LessonView.LessonSummary> lessons;

    @BeforeEach
    void fiveYears() throws Exception {
        if (couples.isTaken("years-0")) return;
        List<String> texts = new ArrayList<>();
        List<String> held = new ArrayList<>();
        for (int i = 0; i < COUPLES; i++) {
            ObjectNode couple = mapper.createObjectNode()
                    .put("format", "fluidframe/couple@1")
                    .put("id", "years-" + i);
            couple.put("name", "Couple " + (char) ('A' + i)).put("role", "man");
            couple.withArray("dancers").add("dancer-" + 2 * i).add("dancer-" + (2 * i + 1));
            FIGURES.forEach(couple.withArray("figures")::add);
            couple.withArray("routines").add("long-floor-waltz");
            texts.add(couple.toString());
            for (int week = 0; week < WEEKS; week++)
                held.add(lesson(i, LocalDate.now().minusWeeks(week)).toString());
        }
        couples.furnish(texts, Optional.empty());
        lessons.furnish(held, Optional.empty());
        Random random = new Random(5);
        List<Logged> entries = new ArrayList<>();
        for (int i = 0; i < ENTRIES; i++) entries.add(entry(random, i));
        book.keepAll(entries);
    }

    private ObjectNode lesson(int couple, LocalDate day) {
        ObjectNode lesson =
                mapper.createObjectNode().put("format", "fluidframe/lesson@1").put("at", day + "T17:00");
        lesson.put("minutes", 45).put("held", true);
        lesson.putObject("with")
                .put("kind", "couple")
                .put("id", "years-" + couple)
                .put("name", "Couple " + (char) ('A' + couple));
        lesson.withArray("promises")
                .addObject()
                .put("text", "the whisk to music")
                .put("kept", day.getDayOfMonth() > 3);
        return lesson;
    }

    private static Logged entry(Random random, int nth) {
        int couple = random.nextInt(COUPLES);
        boolean routine = random.nextInt(6) == 0;
        String figure = FIGURES.get(random.nextInt(routine ? 3 : FIGURES.size()));
        Instant at = Instant.now().minus(Duration.ofMinutes((long) (random.nextDouble() * WEEKS * 7 * 24 * 60)));
        Optional<Entry.Fault> fault = random.nextBoolean()
                ? Optional.empty()
                : Optional.of(new Entry.Fault(
                        figure,
                        figure,
                        0,
                        random.nextBoolean() ? Role.MAN : Role.LADY,
                        1 + random.nextInt(3),
                        SEEN.get(random.nextInt(SEEN.size())),
                        "",
                        random.nextInt(3) == 0 ? "wait" : ""));
        Entry.Subject subject = routine
                ? new Entry.Subject("routine", "long-floor-waltz", "Long floor, waltz")
                : new Entry.Subject("figure", figure, figure);
        return new Logged(
                at,
                new Entry(
                        subject,
                        new Entry.Run("run-" + nth, 0, routine ? 60 : 6, 26 + random.nextInt(8) / 2.0),
                        fault,
                        new Entry.Whom("years-" + couple, "Couple " + couple, "")));
    }

    @Test
    void everyPageOfPeopleIsAnsweredAndItsTimeIsTold() throws Exception {
        ObjectNode line = mapper.createObjectNode().put("line", "couple c, natural spin turn 5 lady heel early, wait");
        List<MockHttpServletRequestBuilder> pages = List.of(
                get("/api/couples"),
                get("/api/records/years-3"),
                get("/api/records/years-3/log"),
                get("/api/records/years-3/taught"),
                get("/api/records/years-3/routines/long-floor-waltz"),
                get("/api/records/years-3/figures/waltz.whisk"),
                get("/api/lessons?q=with:years-3.&limit=500"),
                get("/api/lessons/around?whom=years-3&day=" + LocalDate.now()),
                get("/api/lessons/days?from=" + LocalDate.now().minusDays(6) + "&to="
                        + LocalDate.now().plusDays(1)),
                get("/api/today"));
        for (MockHttpServletRequestBuilder page : pages) told(page, null);
        told(post("/api/jottings/read"), line);
    }

    private void told(MockHttpServletRequestBuilder request, Object body) throws Exception {
        List<Long> times = new ArrayList<>();
        JsonNode answer = null;
        for (int i = 0; i < 9; i++) {
            long begun = System.nanoTime();
            answer = call(200, request, body);
            times.add(TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - begun));
        }
        times.sort(null);
        assertThat(answer).isNotNull();
        System.out.printf(
                "Five years: %-80s %d ms (median of nine)%n",
                request.buildRequest(mvc.getDispatcherServlet().getServletContext())
                        .getRequestURI(),
                times.get(4));
    }

    @Test
    void theLogIsReadByCursorWithoutLossOrRepetition() throws Exception {
        Set<Long> seen = new HashSet<>();
        String after = "";
        String last = "9999";
        long total;
        do {
            JsonNode page = call(200, get("/api/records/years-7/log?limit=200&after=" + after), null);
            total = page.get("total").asLong();
            for (JsonNode line : page.get("lines")) {
                assertThat(seen.add(line.get("id").asLong())).isTrue();
                assertThat(line.get("at").asText().compareTo(last)).isLessThanOrEqualTo(0);
                last = line.get("at").asText();
            }
            after = page.path("next").asText("");
        } while (!after.isEmpty());
        assertThat(seen).hasSize((int) total).hasSizeGreaterThan(1500);
    }

    @Test
    void itsBackupIsSmallAndComesBackEqual() throws Exception {
        Map<String, List<String>> before = StudioRows.of(source);
        assertThat(before.get("log_entry")).hasSizeGreaterThanOrEqualTo(ENTRIES);
        Path file = folder.resolve("years.zip");
        long begun = System.nanoTime();
        backups.writeTo(file);
        long written = System.nanoTime();
        assertThat(Files.size(file)).isLessThan(50 << 20);
        new JdbcTemplate(source).update("delete from log_entry");
        new JdbcTemplate(source).update("delete from document where kind = 'lesson'");
        long emptied = System.nanoTime();
        assertThat(backups.restore(file).problems()).isEmpty();
        System.out.printf(
                "Five years: backup of %d bytes in %d ms, restored in %d ms%n",
                Files.size(file),
                TimeUnit.NANOSECONDS.toMillis(written - begun),
                TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - emptied));
        assertThat(StudioRows.of(source)).isEqualTo(before);
    }
}
