package fluidframe.server.handout;

import fluidframe.core.couple.Role;
import fluidframe.core.evening.ClassEvening;
import fluidframe.core.exercise.Drill;
import fluidframe.core.exercise.SetUp;
import fluidframe.core.lesson.Item;
import fluidframe.core.lesson.Lesson;
import fluidframe.core.log.Entry;
import fluidframe.core.practice.Part;
import fluidframe.core.practice.Practice;
import fluidframe.core.practice.PracticeDay;
import fluidframe.core.rotation.Pair;
import fluidframe.server.evening.RotationView;
import fluidframe.server.handout.Block.Card;
import fluidframe.server.handout.Block.Cards;
import fluidframe.server.handout.Block.Cell;
import fluidframe.server.handout.Block.Grid;
import fluidframe.server.handout.Block.Heading;
import fluidframe.server.handout.Block.Items;
import fluidframe.server.handout.Block.Row;
import fluidframe.server.handout.Block.Words;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/** What a lesson, a plan of practice, a class and exercises leave on paper. */
final class TeachingSheets {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter LONG_DAY =
            DateTimeFormatter.ofPattern("EEEE d MMMM uuuu, HH:mm", Locale.ENGLISH);

    private final Wish wish;

    TeachingSheets(Wish wish) {
        this.wish = wish;
    }

    /** What they take away: what was done, what was seen with its cues, and what comes next. */
    Sheet lesson(Lesson lesson, List<Entry> log, String version) {
        List<Block> blocks = new ArrayList<>();
        List<Item> done = lesson.items().stream().filter(Item::done).toList();
        Map<String, List<String>> stages = new LinkedHashMap<>();
        for (Item item : done) {
            stages.computeIfAbsent(item.name(), name -> new ArrayList<>())
                    .add(item.stage().title().toLowerCase(Locale.ROOT) + " (" + item.minutes() + " min)");
        }
        blocks.add(new Heading(2, "What we did", ""));
        if (stages.isEmpty()) blocks.add(new Words("small", "Nothing has been ticked off as done."));
        List<Row> rows = new ArrayList<>();
        stages.forEach((name, all) ->
                rows.add(Row.of(Cell.of("head", name.isEmpty() ? "All" : name), Cell.of(String.join(", ", all)))));
        if (!rows.isEmpty()) blocks.add(new Grid("two", List.of(), rows));
        seen(blocks, log);
        List<String> home = done.stream()
                .flatMap(item -> item.aids().stream())
                .filter(aid -> aid.kind().equals("drill"))
                .map(aid -> aid.name())
                .distinct()
                .toList();
        listed(blocks, "At home", home);
        listed(blocks, "Next time", lesson.open());
        if (!lesson.note().isBlank()) blocks.add(new Words("note", lesson.note()));
        int minutes = done.stream().mapToInt(Item::minutes).sum();
        return new Sheet(
                "Lesson summary",
                lesson.with().name(),
                List.of(lesson.at().format(LONG_DAY), lesson.where(), minutes + " of " + lesson.minutes() + " minutes"),
                version,
                blocks);
    }

    private void seen(List<Block> blocks, List<Entry> log) {
        List<Row> faults = new ArrayList<>();
        List<String> clean = new ArrayList<>();
        for (Entry entry : log) {
            if (entry.fault().isEmpty()) {
                clean.add(entry.subject().name()
                        + tempo(entry.run().tempo(), entry.run().tempo()));
                continue;
            }
            Entry.Fault fault = entry.fault().get();
            faults.add(Row.of(
                    Cell.of("head", fault.cue().isBlank() ? "" : "“" + wish.say(fault.cue()) + "”"),
                    Cell.of(entry.subject().name() + ", step " + fault.row() + ", " + wish.role(fault.role()) + ": "
                            + wish.say(fault.seen())
                            + (fault.cause().isBlank() ? "" : ", because " + wish.say(fault.cause()))),
                    Cell.of("")));
        }
        if (!faults.isEmpty()) {
            blocks.add(new Heading(2, "To remember", ""));
            blocks.add(new Grid("two", List.of(), faults));
        }
        listed(blocks, "Danced clean", clean);
    }

    private static void listed(List<Block> blocks, String title, List<String> items) {
        if (items.isEmpty()) return;
        blocks.add(new Heading(2, title, ""));
        blocks.add(new Items(items));
    }

    private static String tempo(OptionalDouble from, OptionalDouble to) {
        if (to.isEmpty()) return "";
        String last = number(to.getAsDouble());
        return from.isEmpty() || from.getAsDouble() == to.getAsDouble()
                ? ", " + last + " bars a minute"
                : ", " + number(from.getAsDouble()) + " to " + last + " bars a minute";
    }

    private static String number(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }

    /** Day by day with a box to tick, from a day on. */
    Sheet practice(Practice practice, LocalDate from, String version) {
        List<Block> blocks = new ArrayList<>();
        if (!practice.note().isBlank()) blocks.add(new Words("note", practice.note()));
        List<Row> rows = new ArrayList<>();
        for (PracticeDay day : practice.days()) {
            if (day.date().isBefore(from)) continue;
            boolean first = true;
            if (day.work().isEmpty()) {
                rows.add(Row.of(
                        Cell.of("head", day.date().format(DAY)),
                        Cell.of(""),
                        Cell.of("soft", day.why().isBlank() ? "no practice" : day.why()),
                        Cell.of(""),
                        Cell.of("")));
                continue;
            }
            for (Part part : day.parts()) {
                rows.add(Row.of(
                        Cell.of("head", first ? day.date().format(DAY) : ""),
                        Cell.of("soft", part.minutes() + " min"),
                        Cell.of(part.name().isEmpty() ? part.purpose().title() : part.name()),
                        Cell.of(
                                part.state() == Part.State.DONE
                                        ? "done"
                                        : part.purpose().isWork() ? "[  ]" : ""),
                        Cell.of("soft", wish.say(part.why()) + tempo(part.from(), part.to()))));
                first = false;
            }
        }
        if (rows.isEmpty()) blocks.add(new Words("note", "Nothing is planned from this day on."));
        else blocks.add(new Grid("days", List.of("Day", "", "What", "Done", "Why"), rows));
        return new Sheet(
                "Practice",
                practice.with().name(),
                List.of("until " + practice.aim().name(), practice.aim().day().format(DAY)),
                version,
                blocks);
    }

    /** Who dances with whom in every round. */
    Sheet rounds(ClassEvening evening, RotationView rotation, String version) {
        List<Block> blocks = new ArrayList<>();
        if (!rotation.how().isBlank()) blocks.add(new Words("small", rotation.how()));
        Map<String, String> names = rotation.people().stream()
                .collect(Collectors.toMap(RotationView.ClassPerson::id, RotationView.ClassPerson::name));
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < rotation.rounds().size(); i++) {
            RotationView.ClassRound round = rotation.rounds().get(i);
            String what = round.name().isEmpty() ? "" : round.name();
            String pace = round.tempo() > 0 ? number(round.tempo()) : "";
            rows.add(new Row(
                    "plain",
                    List.of(
                            Cell.of("head", String.valueOf(i + 1)),
                            Cell.of("soft", pace),
                            Cell.of(what + (round.otherSide() ? ", to the other side" : "")),
                            Cell.of(round.danced() ? "danced" : ""),
                            Cell.of(round.pairs().stream()
                                            .map(pair -> pair(pair, names))
                                            .collect(Collectors.joining("; "))
                                    + (round.waiting().isEmpty()
                                            ? ""
                                            : " · waiting: "
                                                    + round.waiting().stream()
                                                            .map(id -> names.getOrDefault(id, id))
                                                            .collect(Collectors.joining(", ")))))));
        }
        if (rows.isEmpty()) blocks.add(new Words("note", "Nobody is here yet: put in who has come."));
        else blocks.add(new Grid("rounds", List.of("", "bars/min", "What", "", "Who with whom"), rows));
        List<Row> people = rotation.people().stream()
                .map(person -> Row.of(
                        Cell.of("head", person.name()),
                        Cell.of(person.roles().stream()
                                .map(role -> wish.role(Role.parse(role)))
                                .collect(Collectors.joining(" and "))),
                        Cell.of("dances " + person.dances() + ", waits " + person.waits())))
                .toList();
        if (!people.isEmpty()) {
            blocks.add(new Heading(2, "Everybody", ""));
            blocks.add(new Grid("faults", List.of(), people));
        }
        return new Sheet(
                "Class",
                evening.group().map(ClassEvening.Course::name).orElse("Open class"),
                List.of(evening.at().format(LONG_DAY), evening.where(), evening.rounds() + " rounds"),
                version,
                blocks);
    }

    private static String pair(Pair pair, Map<String, String> names) {
        return names.getOrDefault(pair.man(), pair.man()) + " and " + names.getOrDefault(pair.lady(), pair.lady());
    }

    /** Drills and set-up cards, to be cut out. */
    Sheet cards(List<SetUp> setUps, List<Drill> drills, String of) {
        List<Card> cards = new ArrayList<>();
        for (SetUp card : setUps) {
            List<Block> blocks = new ArrayList<>();
            blocks.add(new Items(card.points().stream()
                    .map(point -> point.about() + ": " + wish.tell(point.text()))
                    .toList()));
            if (!card.side().isBlank()) blocks.add(new Words("small", "From the side: " + wish.tell(card.side())));
            if (!card.behind().isBlank()) blocks.add(new Words("small", "From behind: " + wish.tell(card.behind())));
            card.cautions().forEach(caution -> blocks.add(new Words("caution", wish.tell(caution))));
            cards.add(new Card(card.name(), "Set-up: " + card.hold(), blocks));
        }
        for (Drill drill : drills) {
            List<Block> blocks = new ArrayList<>();
            blocks.add(new Words("plain", wish.tell(drill.purpose())));
            blocks.add(new Items(drill.steps().stream().map(wish::tell).toList()));
            String beats =
                    drill.tempo().isPresent() ? ", " + number(drill.tempo().getAsDouble()) + " beats a minute" : "";
            blocks.add(new Words(
                    "small",
                    (drill.count().isBlank() ? "" : "Count " + drill.count() + "; ") + drill.repeats() + " times, "
                            + drill.minutes() + " min" + beats));
            drill.cautions().forEach(caution -> blocks.add(new Words("caution", wish.tell(caution))));
            cards.add(new Card(
                    drill.name(), drill.who() == Drill.Who.ALONE ? "Drill, alone" : "Drill, together", blocks));
        }
        List<Block> blocks = cards.isEmpty()
                ? List.of(new Words("note", "There are no drills or cards for this."))
                : List.of(Cards.of(cards));
        return new Sheet("Cards", of, List.of(cards.size() + " cards to cut out"), "", blocks);
    }
}
