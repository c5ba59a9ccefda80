package fluidframe.core.jotting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class JottingReaderTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);

    private static Names.Named figure(String id, String name, String dance) {
        return new Names.Named("figure", id, name, List.of(), dance, 6, 1);
    }

    private static final JottingReader READER = new JottingReader(
            new Names(
                    List.of(
                            new Names.Named("couple", "a", "Ines and Tobin", List.of()),
                            new Names.Named("couple", "b", "Ines and Joost", List.of())),
                    List.of(
                            figure("waltz.natural-turn", "Natural Turn", "Waltz"),
                            figure("foxtrot.natural-turn", "Natural Turn", "Slow Foxtrot")),
                    Map.of()),
            TODAY);

    private static List<String> missing(String line) {
        Jotting jotting = READER.read(line);
        return jotting.missing(jotting.subjects().stream().findFirst());
    }

    @Test
    void whatIsNotSureIsToldWithTheNearestChoices() {
        Jotting jotting = READER.read("ines, natural turn 5 lady late");
        assertThat(jotting.people()).extracting(Names.Named::id).containsExactly("a", "b");
        assertThat(jotting.subjects())
                .extracting(Names.Named::id)
                .containsExactly("waltz.natural-turn", "foxtrot.natural-turn");
        assertThat(missing("ines, natural turn 5 lady late")).isEmpty();
    }

    @Test
    void whatIsMissingIsAskedForByName() {
        assertThat(missing("late"))
                .containsExactly(
                        "Say which figure or routine it was",
                        "Say at which step, such as \"5\"",
                        "Say whose it was, such as \"{lady}\"");
        assertThat(missing("natural turn 9 lady late"))
                .containsExactly("Natural Turn has 6 steps, but step 9 was named");
        assertThat(missing("next time")).containsExactly("Say what");
        assertThat(missing("natural turn 2 lady")).containsExactly("Say what was seen, or \"clean\"");
        assertThatThrownBy(() -> READER.read(" ")).hasMessageContaining("such as \"natural turn 5 lady heel early\"");
        assertThatThrownBy(() -> READER.read("x".repeat(301))).hasMessageContaining("has 301");
    }

    @Test
    void withAFigureAtHandTheNumberMayStandFirst() {
        Jotting jotting = READER.read("3 lady looks down, look past him", true);
        assertThat(jotting.row()).isEqualTo(3);
        assertThat(jotting.seen()).isEqualTo("looks down");
        assertThat(READER.read("ines 2 man late", true).row()).isEqualTo(2);
    }

    @Test
    void aDayIsNeverAhead() {
        assertThat(READER.read("natural turn 2 lady late on 3 may").date()).isEqualTo(LocalDate.of(2025, 5, 3));
        assertThat(READER.read("natural turn 2 lady late, march 1st").date()).isEqualTo(LocalDate.of(2026, 3, 1));
        assertThat(READER.read("natural turn 2 lady late monday").date()).isEqualTo(LocalDate.of(2026, 2, 23));
        assertThat(READER.read("natural turn 2 lady late 30 february").date()).isEqualTo(TODAY);
        assertThat(READER.read("natural turn 2 lady sat too early").date()).isEqualTo(TODAY);
    }

    /** Whatever is typed, it is answered. */
    @Test
    void noLineIsTooOddToBeRead() {
        Random random = new Random(3);
        String[] pieces = {
            "ines",
            "natural",
            "turn",
            "5",
            "lady",
            ",",
            ":",
            " - ",
            "at",
            "28",
            "next",
            "time",
            "3",
            "may",
            "ago",
            "because",
            "step",
            "bar",
            "th",
            "'s",
            "99999999",
            "0",
            "\uD83D\uDC83",
            "\u0000",
            "''",
            ".",
            "2026-13-45",
            "on"
        };
        for (int nth = 0; nth < 20_000; nth++) {
            StringBuilder line = new StringBuilder("x");
            for (int i = random.nextInt(12); i > 0; i--)
                line.append(random.nextInt(4) == 0 ? "" : " ").append(pieces[random.nextInt(pieces.length)]);
            assertThatCode(() -> READER.read(line.toString()))
                    .as(line.toString())
                    .doesNotThrowAnyException();
        }
    }
}
