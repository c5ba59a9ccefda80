package fluidframe.library.jotting;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.chart.Chart;
import fluidframe.core.couple.Role;
import fluidframe.core.jotting.Jotting;
import fluidframe.core.jotting.JottingReader;
import fluidframe.core.jotting.Names;
import fluidframe.library.shipped.ShippedLibrary;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Lines as coaches type them, read with the names of the whole library; each with what an attentive listener understands. */
class TypedLinesTest {
    /** A Friday. */
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);

    private static JottingReader reader;

    @BeforeAll
    static void names() {
        List<Names.Named> subjects = new ArrayList<>();
        for (Chart chart : ShippedLibrary.load()) {
            subjects.add(new Names.Named(
                    "figure",
                    chart.identity().id(),
                    chart.identity().name(),
                    chart.identity().otherNames(),
                    chart.identity().dance().title(),
                    Math.max(
                            chart.steps(Role.MAN).size(), chart.steps(Role.LADY).size()),
                    2));
        }
        subjects.add(new Names.Named("routine", "heats-waltz", "Heats, waltz", List.of(), "", 0, 1));
        List<Names.Named> people = List.of(
                new Names.Named("couple", "ines-and-tobin", "Ines and Tobin", List.of("Ines Vael", "Tobin Rask")),
                new Names.Named("couple", "mirela-and-joost", "Mirela and Joost", List.of()),
                new Names.Named("couple", "oda-and-piet", "Oda and Piet", List.of()),
                new Names.Named("couple", "kasimir", "Kasimir", List.of()),
                new Names.Named("group", "saturday-class", "Saturday class", List.of()));
        Map<String, Set<String>> works = Map.of(
                "ines-and-tobin", Set.of("waltz.whisk", "waltz.natural-spin-turn", "heats-waltz"),
                "mirela-and-joost", Set.of("rumba.alemana", "rumba.aida"),
                "oda-and-piet", Set.of("waltz.closed-telemark", "waltz.natural-turn"),
                "saturday-class", Set.of("cha-cha.new-york"));
        reader = new JottingReader(new Names(people, subjects, works), TODAY);
    }

    private static List<String> lines() throws IOException {
        try (var in = TypedLinesTest.class.getResourceAsStream("/typed-lines.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .toList();
        }
    }

    private static String understood(String line) {
        Jotting jotting = reader.read(line);
        boolean fault = jotting.kind() == Jotting.Kind.FAULT;
        List<String> more = new ArrayList<>();
        if (!fault) more.add(jotting.kind().name().toLowerCase());
        jotting.tempo().ifPresent(tempo -> more.add("tempo " + (tempo % 1 == 0 ? "" + (int) tempo : "" + tempo)));
        long days = ChronoUnit.DAYS.between(jotting.date(), TODAY);
        if (days != 0) more.add("days " + days);
        if (jotting.runs().of() > 1)
            more.add(jotting.runs().times() + " of " + jotting.runs().of());
        if (jotting.otherSide()) more.add("other side");
        if (!jotting.cause().isBlank()) more.add("cause " + jotting.cause());
        String at =
                jotting.bar() > 0 ? "bar " + jotting.bar() : jotting.row() > 0 ? "" + jotting.row() : fault ? "?" : "";
        return String.join(
                " | ",
                jotting.people().stream().limit(1).map(Names.Named::id).collect(Collectors.joining()),
                jotting.subjects().stream().limit(1).map(Names.Named::id).collect(Collectors.joining()),
                at,
                jotting.role().map(Role::toString).orElse(fault ? "?" : ""),
                jotting.seen(),
                jotting.cue(),
                String.join(" ", more));
    }

    @Test
    void theseLinesAreUnderstood() throws IOException {
        List<String> wrong = new ArrayList<>();
        for (String line : lines()) {
            String[] cells = line.split("\\|", -1);
            List<String> expected = new ArrayList<>();
            for (int i = 1; i < cells.length; i++) expected.add(cells[i].strip());
            while (expected.size() < 7) expected.add("");
            String wanted = String.join(" | ", expected);
            String found = understood(cells[0].strip());
            if (!found.equals(wanted)) wrong.add(cells[0].strip() + "\n    wanted " + wanted + "\n    found  " + found);
        }
        assertThat(wrong).isEmpty();
    }
}
