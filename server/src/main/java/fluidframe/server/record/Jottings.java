package fluidframe.server.record;

import fluidframe.core.couple.Role;
import fluidframe.core.jotting.Jotting;
import fluidframe.core.jotting.JottingReader;
import fluidframe.core.jotting.Names;
import fluidframe.core.lesson.Lesson;
import fluidframe.core.log.Entry;
import fluidframe.core.log.Logged;
import fluidframe.core.people.Couple;
import fluidframe.core.people.Group;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineWork;
import fluidframe.server.lesson.Calendar;
import fluidframe.server.lesson.LessonView;
import fluidframe.server.log.LogBook;
import fluidframe.server.people.PeopleView;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.ribbon.RoutineDesk;
import fluidframe.server.routine.RoutineSummary;
import fluidframe.server.store.Amending;
import fluidframe.server.store.Document;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;

/** Understands lines typed in passing with the names of this studio, and keeps what they say. */
@Service
class Jottings {
    private final StudioNames studioNames;
    private final Documents<Couple, PeopleView.CoupleSummary> couples;
    private final Documents<Group, PeopleView.GroupSummary> groups;
    private final Documents<Routine, RoutineSummary> routines;
    private final Documents<Lesson, LessonView.LessonSummary> lessons;
    private final Calendar calendar;
    private final FigureShelf shelf;
    private final RoutineDesk desk;
    private final LogBook book;
    private final TaughtBook taught;
    private final Clock clock;

    Jottings(
            StudioNames studioNames,
            Documents<Couple, PeopleView.CoupleSummary> couples,
            Documents<Group, PeopleView.GroupSummary> groups,
            Documents<Routine, RoutineSummary> routines,
            Documents<Lesson, LessonView.LessonSummary> lessons,
            Calendar calendar,
            FigureShelf shelf,
            RoutineDesk desk,
            LogBook book,
            TaughtBook taught,
            Clock clock) {
        this.studioNames = studioNames;
        this.couples = couples;
        this.groups = groups;
        this.routines = routines;
        this.lessons = lessons;
        this.calendar = calendar;
        this.shelf = shelf;
        this.desk = desk;
        this.book = book;
        this.taught = taught;
        this.clock = clock;
    }

    /** A line as understood, with what was chosen where it was not sure. */
    record Understood(Jotting line, Optional<Names.Named> whom, Optional<Names.Named> subject, List<String> missing) {}

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    Understood read(JottingController.JottingWanted wanted) {
        Names names = studioNames.meaning(wanted.dance().orElse(""));
        Jotting line = new JottingReader(names, today())
                .read(wanted.line(), wanted.subject().isPresent());
        Optional<Names.Named> whom = chosen(wanted.whom(), names.people(), line.people());
        Optional<Names.Named> subject = chosen(wanted.subject(), names.subjects(), line.subjects());
        Jotting with = new Jotting(
                line.kind(),
                line.people(),
                line.subjects(),
                wanted.row().orElse(line.row()),
                line.bar(),
                wanted.role().map(Role::parse).or(line::role).or(() -> alone(whom)),
                line.seen(),
                line.cause(),
                line.cue(),
                line.tempo(),
                line.date(),
                line.runs(),
                line.otherSide());
        return new Understood(with, whom, subject, missing(with, whom, subject));
    }

    private static Optional<Names.Named> chosen(
            Optional<String> id, List<Names.Named> all, List<Names.Named> understood) {
        return id.flatMap(wanted ->
                        all.stream().filter(named -> named.id().equals(wanted)).findFirst())
                .or(() -> understood.stream().findFirst());
    }

    /** Somebody who dances alone dances one role. */
    private Optional<Role> alone(Optional<Names.Named> whom) {
        return whom.flatMap(named -> couples.find(named.id()))
                .map(Document::value)
                .filter(Couple::isAlone)
                .map(Couple::role);
    }

    private List<String> missing(Jotting line, Optional<Names.Named> whom, Optional<Names.Named> subject) {
        List<String> missing = new ArrayList<>(line.missing(subject));
        boolean needsSomebody = line.kind() != Jotting.Kind.FAULT && line.kind() != Jotting.Kind.CLEAN;
        if (needsSomebody && whom.isEmpty()) missing.add("Say for whom it is");
        if (line.kind() == Jotting.Kind.PROMISE
                && whom.isPresent()
                && lessonFor(whom.get().id()).isEmpty()) {
            missing.add(whom.get().name() + " have had no lesson yet in which it could be promised: begin one first");
        }
        if (line.bar() > 0 && subject.isPresent()) {
            if (!subject.get().kind().equals("routine")) missing.add("Only a routine has bars that can be named");
            else if (place(line, subject.get().id()).isEmpty()) {
                missing.add("There is no figure in bar " + line.bar() + " of "
                        + subject.get().name());
            }
        }
        if (line.kind() == Jotting.Kind.FAULT
                && line.bar() == 0
                && subject.map(Names.Named::kind).filter("routine"::equals).isPresent()) {
            missing.add("Say in which bar, such as \"bar 9\"");
        }
        return missing;
    }

    /** A step of a figure in a routine: the place of the figure and the row, from 1. */
    private record Place(int place, Block block, int row) {}

    /** The step that is danced as the bar begins, or the first in it. */
    private Optional<Place> place(Jotting line, String routine) {
        Optional<RoutineWork> work =
                routines.find(routine).map(found -> desk.worked(found.value()).work());
        if (work.isEmpty() || line.bar() < 1) return Optional.empty();
        double bar = work.get().dance().bar().toDouble();
        double from = (line.bar() - 1) * bar;
        List<Block> blocks = work.get().blocks();
        for (int i = 0; i < blocks.size(); i++) {
            Block block = blocks.get(i);
            if (block.isFree()
                    || block.end().toDouble() <= from
                    || block.start().toDouble() >= from + bar) continue;
            Role role = line.role().orElse(Role.MAN);
            int place = i + 1;
            return Optional.of(block.danced().ledger().of(role).rows().stream()
                    .filter(row -> block.start().plus(row.end()).toDouble() > from)
                    .findFirst()
                    .map(row -> new Place(place, block, line.row() > 0 ? line.row() : row.number()))
                    .orElse(new Place(place, block, Math.max(1, line.row()))));
        }
        return Optional.empty();
    }

    /** Keeps what a line says; refuses what is not complete, saying what is missing. */
    JottingController.JottingKept keep(JottingController.JottingWanted wanted) {
        Understood understood = read(wanted);
        if (!understood.missing().isEmpty())
            throw new IllegalArgumentException(String.join(". ", understood.missing()));
        return switch (understood.line().kind()) {
            case FAULT, CLEAN -> logged(understood, wanted.lesson().orElse(""));
            case TAUGHT -> taught(understood);
            case PROMISE -> promised(understood);
            case NOTE -> noted(understood);
        };
    }

    private Instant at(LocalDate date) {
        LocalDate today = today();
        if (date.equals(today)) return clock.instant();
        return date.atTime(LocalTime.NOON).atZone(ZoneId.systemDefault()).toInstant();
    }

    private JottingController.JottingKept logged(Understood understood, String lesson) {
        Jotting line = understood.line();
        Names.Named subject = understood.subject().orElseThrow();
        Entry.Whom whom = new Entry.Whom(
                understood.whom().map(Names.Named::id).orElse(""),
                understood.whom().map(Names.Named::name).orElse(""),
                lesson);
        Optional<Place> place = line.bar() > 0 ? place(line, subject.id()) : Optional.empty();
        Optional<Entry.Fault> fault = line.kind() == Jotting.Kind.CLEAN
                ? Optional.empty()
                : Optional.of(new Entry.Fault(
                        place.map(found -> found.block().danced().chart().id()).orElse(subject.id()),
                        place.map(found -> found.block().name()).orElse(subject.name()),
                        place.map(Place::place).orElse(0),
                        line.role().orElseThrow(),
                        place.map(Place::row).orElse(line.row()),
                        line.seen(),
                        line.cause(),
                        line.cue()));
        List<Long> kept = book.keepAll(runs(line, subject, fault, whom)).stream()
                .map(LogBook.Kept::id)
                .toList();
        return new JottingController.JottingKept(
                "log", Optional.of(kept.get(0)), kept.subList(1, kept.size()), "Kept: " + said(line, subject));
    }

    /** Those in which it was seen, and the others, which were clean. */
    private List<Logged> runs(Jotting line, Names.Named subject, Optional<Entry.Fault> fault, Entry.Whom whom) {
        Entry.Subject danced = new Entry.Subject(subject.kind(), subject.id(), subject.name());
        double beats = beats(subject);
        Instant at = at(line.date());
        return IntStream.range(0, line.runs().of())
                .mapToObj(nth -> new Logged(
                        at,
                        new Entry(
                                danced,
                                new Entry.Run(
                                        UUID.randomUUID().toString(),
                                        0,
                                        beats,
                                        line.tempo(),
                                        Entry.Part.BOTH,
                                        line.otherSide()),
                                nth < line.runs().times() ? fault : Optional.empty(),
                                whom)))
                .toList();
    }

    private static String said(Jotting line, Names.Named subject) {
        return subject.name() + ", " + (line.kind() == Jotting.Kind.CLEAN ? "a clean run" : line.seen())
                + (line.runs().of() > 1
                        ? ", " + line.runs().times() + " of " + line.runs().of() + " runs."
                        : ".");
    }

    private double beats(Names.Named subject) {
        if (subject.kind().equals("figure")) {
            return shelf.repertoire().chart(subject.id()).orElseThrow().length().toDouble();
        }
        RoutineWork work = desk.worked(routines.get(subject.id()).value()).work();
        List<Block> blocks = work.blocks();
        return blocks.isEmpty() ? 1 : blocks.get(blocks.size() - 1).end().toDouble();
    }

    private JottingController.JottingKept taught(Understood understood) {
        Names.Named subject = understood.subject().orElseThrow();
        Names.Named whom = understood.whom().orElseThrow();
        TaughtBook.TaughtView view = taught.teach(
                whom.id(), subject.kind(), subject.id(), at(understood.line().date()));
        return new JottingController.JottingKept(
                "taught",
                Optional.of(view.id()),
                List.of(),
                "Written down: " + whom.name() + " were taught " + subject.name() + ".");
    }

    private Optional<String> lessonFor(String whom) {
        LocalDate today = today();
        List<Page.Line<LessonView.LessonSummary>> past = calendar.with(whom, today.minusYears(1), today.plusDays(1));
        return past.isEmpty()
                ? Optional.empty()
                : Optional.of(past.get(past.size() - 1).id());
    }

    private JottingController.JottingKept promised(Understood understood) {
        Names.Named whom = understood.whom().orElseThrow();
        String id = lessonFor(whom.id()).orElseThrow();
        Amending.amend(lessons, id, lesson -> lesson.promising(understood.line().seen()));
        return new JottingController.JottingKept(
                "promise", Optional.empty(), List.of(), "Promised to " + whom.name() + " for next time.");
    }

    private JottingController.JottingKept noted(Understood understood) {
        Names.Named whom = understood.whom().orElseThrow();
        String text = understood.line().date() + ": " + understood.line().seen();
        if (whom.kind().equals("group")) {
            Amending.amend(groups, whom.id(), group -> group.noting(text));
        } else {
            Amending.amend(couples, whom.id(), couple -> couple.noting(text));
        }
        return new JottingController.JottingKept(
                "note", Optional.empty(), List.of(), "Written into the notes of " + whom.name() + ".");
    }
}
