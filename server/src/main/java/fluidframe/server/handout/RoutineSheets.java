package fluidframe.server.handout;

import fluidframe.core.count.Beats;
import fluidframe.core.couple.Role;
import fluidframe.core.handout.RoleSheet;
import fluidframe.core.link.Danceable;
import fluidframe.core.music.Pulse;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.Circuit;
import fluidframe.core.routine.Junction;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineWork;
import fluidframe.server.event.EventView;
import fluidframe.server.handout.Block.Cell;
import fluidframe.server.handout.Block.Grid;
import fluidframe.server.handout.Block.Heading;
import fluidframe.server.handout.Block.Items;
import fluidframe.server.handout.Block.Picture;
import fluidframe.server.handout.Block.Row;
import fluidframe.server.handout.Block.Together;
import fluidframe.server.handout.Block.Words;
import fluidframe.server.ribbon.BlockCautions;
import fluidframe.server.ribbon.RoutineDesk;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/** A routine on paper: as a whole with its music and floor, or as one dancer has to learn it. */
final class RoutineSheets {
    private final Wish wish;
    private final Routine routine;
    private final RoutineWork work;
    private final Pulse pulse;

    RoutineSheets(Wish wish, Routine routine, RoutineDesk.Rehearsed rehearsed) {
        this.wish = wish;
        this.routine = routine;
        this.work = rehearsed.work();
        this.pulse = rehearsed.pulse();
    }

    /** A line a step. */
    Sheet part(String version) {
        Role role = wish.role().orElse(Role.LADY);
        RoleSheet part = RoleSheet.of(routine, work, role, wish.count());
        List<fluidframe.server.handout.Block> blocks = new ArrayList<>();
        if (!routine.note().isBlank()) blocks.add(new Words("note", routine.note()));
        int phrase = 0;
        for (int i = 0; i < part.sections().size(); i++) {
            RoleSheet.Section section = part.sections().get(i);
            if (section.phrase() != phrase) {
                phrase = section.phrase();
                blocks.add(new Heading(2, "Phrase " + phrase, "from bar " + ((phrase - 1) * routine.phraseBars() + 1)));
            }
            section(blocks, role, section, BlockCautions.of(work.blocks().get(i)));
        }
        if (part.sections().isEmpty()) blocks.add(new Words("note", "Nothing is danced in this routine yet."));
        return new Sheet(
                wish.capital(role) + "'s part",
                routine.name(),
                List.of(
                        wish.capital(role) + "'s part",
                        routine.dance().title(),
                        tempo(routine.tempo()),
                        routine.couple().isBlank() ? "" : "for " + routine.couple()),
                version,
                blocks);
    }

    private void section(
            List<fluidframe.server.handout.Block> blocks, Role role, RoleSheet.Section section, List<String> cautions) {
        String begins = "bar " + section.bar() + (section.beat().equals(Beats.ONE) ? "" : ", on " + section.beat());
        blocks.add(new Heading(3, section.name(), begins));
        section.problem().ifPresent(why -> blocks.add(new Words("problem", wish.say(why))));
        if (!section.note().isBlank()) blocks.add(new Words("note", section.note()));
        cautions.forEach(caution -> blocks.add(new Words("caution", wish.tell(caution))));
        if (section.lines().isEmpty()) {
            blocks.add(new Words("small", section.length() + " beats without charted steps of this part"));
            return;
        }
        List<Row> rows = new ArrayList<>();
        int bar = 0;
        for (RoleSheet.Line line : section.lines()) {
            rows.add(Row.of(
                    Cell.of("soft", line.bar() == bar ? "" : String.valueOf(line.bar())),
                    Cell.of("head", line.count()),
                    Cell.of(
                            role.toString(),
                            line.cells().getOrDefault(fluidframe.core.chart.Column.FOOT, "") + "F "
                                    + line.cells().getOrDefault(fluidframe.core.chart.Column.PLACE, "")),
                    Cell.of("amount", wish.told(line.cells()))));
            bar = line.bar();
        }
        blocks.add(new Grid("one", List.of(), rows));
    }

    private static String tempo(double bars) {
        return (bars == Math.rint(bars) ? String.valueOf((long) bars) : String.valueOf(bars)) + " bars a minute";
    }

    /** @param report against an event; empty where none was asked for */
    Sheet whole(String version, Optional<EventView.EventReport> report) {
        List<fluidframe.server.handout.Block> blocks = new ArrayList<>();
        if (!routine.note().isBlank()) blocks.add(new Words("note", routine.note()));
        blocks.add(new Heading(2, "By phrases", "figures with the bars in which they begin"));
        blocks.add(ribbon());
        floor(blocks);
        blocks.add(new Heading(2, "In time", pulse.song().isPresent() ? "to its song" : "at its tempo"));
        blocks.add(times());
        unsure(blocks);
        report.ifPresent(told -> report(blocks, told));
        double first =
                work.blocks().isEmpty() ? 0 : work.blocks().get(0).start().toDouble();
        double seconds = pulse.seconds(first + work.length().toDouble()) - pulse.seconds(first);
        return new Sheet(
                "Routine",
                routine.name(),
                List.of(
                        routine.dance().title(),
                        tempo(routine.tempo()),
                        work.blocks().size() + " figures",
                        clock(seconds),
                        pulse.song().map(song -> "to " + song.name()).orElse(""),
                        routine.couple().isBlank() ? "" : "for " + routine.couple()),
                version,
                blocks);
    }

    /** A row a phrase; a figure covers as many columns as it has beats, cut where the phrase ends. */
    private Grid ribbon() {
        int beats = routine.phraseBars() * work.dance().beatsPerBar();
        TreeMap<Integer, List<Cell>> phrases = new TreeMap<>();
        TreeMap<Integer, Integer> filled = new TreeMap<>();
        for (Block block : work.blocks()) {
            int from = (int) Math.round(block.start().toDouble());
            int to = (int) Math.max(from + 1, Math.round(block.end().toDouble()));
            for (int at = from; at < to; ) {
                int phrase = at / beats;
                int end = Math.min(to, (phrase + 1) * beats);
                List<Cell> cells = phrases.computeIfAbsent(phrase, none -> new ArrayList<>());
                int done = filled.getOrDefault(phrase, 0);
                if (at - phrase * beats > done) cells.add(new Cell("soft", "", at - phrase * beats - done));
                String words = at == from ? block.bar(work.dance().bar()) + "  " + block.name() : "…";
                cells.add(new Cell(block.isFree() ? "mark" : "plain", words, end - at));
                filled.put(phrase, end - phrase * beats);
                at = end;
            }
        }
        List<Row> rows = new ArrayList<>();
        phrases.forEach((phrase, cells) -> {
            int done = filled.get(phrase);
            if (done < beats) cells.add(new Cell("soft", "", beats - done));
            rows.add(new Row("plain", cells));
        });
        return new Grid("ribbon", List.of(), rows);
    }

    private void floor(List<fluidframe.server.handout.Block> blocks) {
        Optional<Circuit> circuit = Circuit.of(work, routine.hall(), routine.stride());
        if (circuit.isEmpty()) return;
        String told = circuit.get().outsideMetres() > 0.05
                ? String.format(
                        Locale.ROOT,
                        "It leaves the floor by %.1f m.",
                        circuit.get().outsideMetres())
                : "It keeps to the floor.";
        blocks.add(new Together(List.of(
                new Heading(2, "On the floor", ""),
                new Picture(
                        PathPicture.of(routine.hall(), circuit.get(), work),
                        String.format(
                                Locale.ROOT,
                                "%s by %s metres, the middle of the couple; numbers stand where figures begin, a ring where a corner is taken. %s",
                                metres(routine.hall().lengthMetres()),
                                metres(routine.hall().widthMetres()),
                                told),
                        "wide"))));
    }

    private static String metres(double metres) {
        return metres == Math.rint(metres) ? String.valueOf((long) metres) : String.valueOf(metres);
    }

    private Grid times() {
        double zero = work.blocks().isEmpty()
                ? 0
                : pulse.seconds(work.blocks().get(0).start().toDouble());
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < work.blocks().size(); i++) {
            Block block = work.blocks().get(i);
            double seconds = pulse.seconds(block.start().toDouble()) - zero;
            rows.add(Row.of(
                    Cell.of("soft", String.valueOf(i + 1)),
                    Cell.of("head", clock(seconds)),
                    Cell.of(block.name()),
                    Cell.of("bar " + block.bar(work.dance().bar())),
                    Cell.of(routine.places().get(i).note())));
        }
        return new Grid("times", List.of("", "Time", "Figure", "Begins", "Note"), rows);
    }

    /** "1:23.4" of seconds. */
    static String clock(double seconds) {
        long tenths = Math.round(seconds * 10);
        return String.format(Locale.ROOT, "%d:%02d.%d", tenths / 600, tenths / 10 % 60, tenths % 10);
    }

    private void unsure(List<fluidframe.server.handout.Block> blocks) {
        Set<String> unsure = new LinkedHashSet<>();
        for (Block block : work.blocks()) block.missing().ifPresent(why -> unsure.add(wish.say(why)));
        for (Junction junction : work.junctions()) {
            if (!junction.isBroken()) continue;
            String accepted = routine.places().get(junction.index()).accepted();
            String join = work.blocks().get(junction.index() - 1).name() + ", then "
                    + work.blocks().get(junction.index()).name() + ": ";
            junction.link()
                    .obstacles()
                    .forEach(obstacle -> unsure.add(join
                            + wish.say(obstacle.told())
                            + (accepted.isBlank() ? "" : " It may stand: " + accepted)));
        }
        for (Block block : work.blocks()) block.figure().ifPresent(danced -> doubtful(unsure, danced));
        if (!unsure.isEmpty()) {
            blocks.add(new Heading(2, "Not sure", ""));
            blocks.add(new Items(List.copyOf(unsure)));
        }
    }

    private void doubtful(Set<String> unsure, Danceable danced) {
        for (Role role : Role.values()) {
            List<String> rows = new ArrayList<>();
            for (int i = 0; i < danced.chart().steps(role).size(); i++) {
                if (danced.chart().steps(role).get(i).doubtful()) rows.add(String.valueOf(i + 1));
            }
            if (!rows.isEmpty())
                unsure.add(danced.name() + ": the chart is not sure of the " + wish.role(role) + "'s "
                        + String.join(", ", rows) + ".");
        }
    }

    private void report(List<fluidframe.server.handout.Block> blocks, EventView.EventReport report) {
        List<Row> rows = report.lines().stream()
                .map(line -> Row.of(
                        Cell.of("head", line.about()),
                        Cell.of(line.verdict().equals("broken") ? "mark" : "plain", line.verdict()),
                        Cell.of(wish.say(line.detail()))))
                .toList();
        blocks.add(new Heading(
                2, "Against " + report.event(), report.kept() ? "nothing is broken" : "something is broken"));
        blocks.add(new Grid("turns", List.of("About", "Kept", "Why"), rows));
        blocks.add(new Words(
                "small", "What the event asks for is what was typed in: the organiser's own rules come first."));
    }
}
