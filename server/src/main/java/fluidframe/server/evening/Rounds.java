package fluidframe.server.evening;

import fluidframe.core.chart.Chart;
import fluidframe.core.evening.ClassEvening;
import fluidframe.core.people.Dancer;
import fluidframe.core.rotation.Evening;
import fluidframe.core.rotation.Measure;
import fluidframe.core.rotation.Person;
import fluidframe.core.rotation.Rotation;
import fluidframe.core.rotation.Rotations;
import fluidframe.core.rotation.Round;
import fluidframe.core.rotation.Two;
import fluidframe.core.routine.Routine;
import fluidframe.server.people.PeopleView;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.routine.RoutineSummary;
import fluidframe.server.store.Document;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Plans the rounds of an evening, with what is known of its course. */
@Component
public class Rounds {
    private final Documents<ClassEvening, ClassView.ClassSummary> classes;
    private final Documents<Dancer, PeopleView.DancerSummary> dancers;
    private final Documents<Routine, RoutineSummary> routines;
    private final FigureShelf shelf;

    Rounds(
            Documents<ClassEvening, ClassView.ClassSummary> classes,
            Documents<Dancer, PeopleView.DancerSummary> dancers,
            Documents<Routine, RoutineSummary> routines,
            FigureShelf shelf) {
        this.classes = classes;
        this.dancers = dancers;
        this.routines = routines;
        this.shelf = shelf;
    }

    /** Earlier evenings of the same course, the earliest first. */
    List<ClassEvening> before(ClassEvening evening) {
        if (evening.group().isEmpty()) return List.of();
        String group = evening.group().get().id();
        List<ClassEvening> before = new ArrayList<>();
        Optional<String> after = Optional.of("");
        while (after.isPresent()) {
            Page<ClassView.ClassSummary> page =
                    classes.uncounted(new Page.Request("", "with:" + group + ".", after.get(), 100));
            page.lines().stream()
                    .filter(line -> line.summary().group().equals(group)
                            && line.summary().danced() > 0
                            && line.summary().at().compareTo(evening.at().toString()) < 0)
                    .flatMap(line -> classes.find(line.id()).stream())
                    .map(Document::value)
                    .forEach(before::add);
            after = page.next();
        }
        return before;
    }

    public RotationView planned(ClassEvening evening) {
        Evening.History history = ClassEvening.history(before(evening));
        Rotation rotation = Rotations.plan(evening.evening(history), evening.announced());
        List<RotationView.ClassRound> rounds = new ArrayList<>();
        for (int i = 0; i < rotation.rounds().size(); i++)
            rounds.add(round(evening, i, rotation.rounds().get(i)));
        return new RotationView(
                rounds,
                rotation.proven(),
                how(evening, rotation),
                people(evening, rotation.rounds()),
                grid(evening, rotation.rounds(), history));
    }

    private RotationView.ClassRound round(ClassEvening evening, int number, Round round) {
        Optional<ClassEvening.Material> material = evening.material(number);
        Optional<ClassEvening.Change> change = evening.change(number);
        boolean danced = number < evening.danced().size();
        double tempo = material.map(this::usual)
                .map(usual -> usual == 0 && evening.pace().tempo().isEmpty() ? 0 : evening.tempo(number, usual))
                .orElse(0.0);
        if (danced) tempo = evening.danced().get(number).tempo().orElse(tempo);
        return new RotationView.ClassRound(
                round.pairs(),
                round.waiting(),
                material.map(ClassEvening.Material::id).orElse(""),
                material.map(ClassEvening.Material::kind).orElse(""),
                material.map(ClassEvening.Material::name).orElse(""),
                tempo,
                change.map(ClassEvening.Change::timing).orElse(""),
                change.map(ClassEvening.Change::otherSide).orElse(false),
                danced);
    }

    /** The slowest customary tempo of a figure's dance, a routine's own; 0 for a drill and for what is gone. */
    private double usual(ClassEvening.Material material) {
        return switch (material.kind()) {
            case "figure" ->
                shelf.repertoire()
                        .chart(material.id())
                        .map(Chart::dance)
                        .map(dance -> (double) dance.slowestBarsPerMinute())
                        .orElse(0.0);
            case "routine" ->
                routines.find(material.id()).map(found -> found.value().tempo()).orElse(0.0);
            default -> 0;
        };
    }

    private static String how(ClassEvening evening, Rotation rotation) {
        if (evening.people().size() < 2) return "";
        if (rotation.proven()) {
            return switch (rotation.how()) {
                case CONSTRUCTION -> "Everybody moves on by one: no plan is more even.";
                case IMPROVEMENT, ANNOUNCED -> "No plan is more even: it reaches the best that can be.";
                case SEARCH -> "No plan is more even: every other one was ruled out.";
            };
        }
        if (rotation.how() == Rotation.How.ANNOUNCED) return "The rounds stay as they were announced.";
        Measure found = rotation.found();
        Measure bound = rotation.bound();
        List<String> open = new ArrayList<>();
        if (found.waits() > bound.waits())
            open.add("waiting " + found.waits() + " where " + bound.waits() + " is the least");
        if (found.meetings() > bound.meetings()) {
            open.add("meetings " + found.meetings() + " where " + bound.meetings() + " is the least");
        }
        if (found.running() > bound.running()) open.add("waits twice running " + found.running());
        return "The most even plan found; whether one is more even is not known (" + String.join(", ", open)
                + ", in squares added up round by round).";
    }

    private List<RotationView.ClassPerson> people(ClassEvening evening, List<Round> rounds) {
        Map<String, String> names = new HashMap<>();
        evening.people()
                .forEach(person -> names.put(
                        person.id(),
                        dancers.find(person.id())
                                .map(found -> found.value().name())
                                .orElse("somebody gone")));
        return evening.people().stream()
                .map(person -> new RotationView.ClassPerson(
                        person.id(),
                        names.get(person.id()),
                        person.roles().stream().sorted().map(Object::toString).toList(),
                        dances(person, rounds),
                        (int) rounds.stream()
                                .filter(round -> round.waiting().contains(person.id()))
                                .count()))
                .toList();
    }

    private static int dances(Person person, List<Round> rounds) {
        return (int) rounds.stream()
                .flatMap(round -> round.pairs().stream())
                .filter(pair -> pair.man().equals(person.id()) || pair.lady().equals(person.id()))
                .count();
    }

    private static List<RotationView.ClassMet> grid(ClassEvening evening, List<Round> rounds, Evening.History history) {
        int danced = evening.danced().size();
        Map<Two, Integer> tonight = met(rounds.subList(0, danced));
        Map<Two, Integer> planned = met(rounds.subList(danced, rounds.size()));
        Set<Two> all = new TreeSet<>(Comparator.comparing(Two::one).thenComparing(Two::other));
        Stream.of(tonight, planned, history.met()).forEach(map -> all.addAll(map.keySet()));
        Set<String> here = new TreeSet<>();
        evening.people().forEach(person -> here.add(person.id()));
        return all.stream()
                .filter(two -> here.contains(two.one()) && here.contains(two.other()))
                .map(two -> new RotationView.ClassMet(
                        two.one(),
                        two.other(),
                        tonight.getOrDefault(two, 0),
                        planned.getOrDefault(two, 0),
                        history.met().getOrDefault(two, 0)))
                .toList();
    }

    private static Map<Two, Integer> met(List<Round> rounds) {
        Map<Two, Integer> met = new HashMap<>();
        rounds.forEach(round -> round.pairs().forEach(pair -> met.merge(pair.two(), 1, Integer::sum)));
        return met;
    }
}
