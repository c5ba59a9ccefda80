package fluidframe.server.sharing;

import fluidframe.core.count.Dance;
import fluidframe.core.evening.ClassEvening;
import fluidframe.server.access.Device;
import fluidframe.server.access.OpenTo;
import fluidframe.server.access.Visit;
import fluidframe.server.access.Visitor;
import fluidframe.server.evening.ClassView;
import fluidframe.server.evening.RotationView;
import fluidframe.server.evening.Rounds;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.repertoire.FigureSummary;
import fluidframe.server.sharing.SharedView.SharedThing;
import fluidframe.server.store.Documents;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What devices on the network read, and the two things that they may write. */
@RestController
@OpenTo(reading = Visitor.DEVICE)
@RequestMapping("/api/shared")
class SharedController {
    /** Whoever sits at this machine sees what one of the studio's screens sees. */
    private static final Device OF_STUDIO = new Device(
            new UUID(0, 0), "this machine", Optional.empty(), java.time.Instant.EPOCH, java.time.Instant.EPOCH);

    private final Reaches reaches;
    private final FigureShelf shelf;
    private final SharedPractices practices;
    private final SharedRuns runs;
    private final Documents<ClassEvening, ClassView.ClassSummary> classes;
    private final Rounds rounds;

    SharedController(
            Reaches reaches,
            FigureShelf shelf,
            SharedPractices practices,
            SharedRuns runs,
            Documents<ClassEvening, ClassView.ClassSummary> classes,
            Rounds rounds) {
        this.reaches = reaches;
        this.shelf = shelf;
        this.practices = practices;
        this.runs = runs;
        this.classes = classes;
        this.rounds = rounds;
    }

    private static Device device() {
        return Visit.here().device().orElse(OF_STUDIO);
    }

    /** Everything but the figures. */
    @GetMapping
    SharedView all() {
        return new SharedView(
                reaches.routinesFor(device()).entrySet().stream()
                        .map(one -> new SharedThing(
                                one.getKey(),
                                one.getValue().name(),
                                Optional.of(one.getValue().dance()),
                                one.getValue().bars() + " bars"))
                        .sorted(Comparator.comparing(SharedThing::name, String.CASE_INSENSITIVE_ORDER))
                        .toList(),
                reaches.practicesFor(device()).entrySet().stream()
                        .sorted(Comparator.comparing(one -> one.getValue().day()))
                        .map(one -> new SharedThing(
                                one.getKey(),
                                one.getValue().aim(),
                                Optional.empty(),
                                one.getValue().day()))
                        .toList(),
                reaches.classesFor(device()).entrySet().stream()
                        .sorted(Comparator.comparing(one -> one.getValue().at()))
                        .map(one -> new SharedThing(
                                one.getKey(),
                                one.getValue().name(),
                                Optional.empty(),
                                one.getValue().at()))
                        .toList());
    }

    /** The figures of a dance, as a book has them. */
    @GetMapping("/figures")
    List<SharedThing> figures(@RequestParam String dance) {
        return shelf.listed(Optional.of(Dance.parse(dance))).stream()
                .map(listed -> listed.listing().summary())
                .filter(figure -> shelf.repertoire().chart(figure.id()).isPresent())
                .map(SharedController::thing)
                .toList();
    }

    private static SharedThing thing(FigureSummary figure) {
        return new SharedThing(figure.id(), figure.name(), Optional.of(figure.dance()), figure.level());
    }

    /** A plan of practice from a week ago to two weeks ahead. */
    @OpenTo(reading = Visitor.DEVICE, of = "practice")
    @GetMapping("/practices/{id}")
    SharedView.SharedPractice practice(@PathVariable String id) {
        return practices.view(id, reaches.today());
    }

    /**
     * A part of a day that was practised, or was not after all.
     *
     * @param nth which part of the day, from 0
     * @param kind of what is practised in it, and id, so that nothing else is ticked in a plan changed meanwhile
     */
    record Tick(
            @NotNull LocalDate date,
            int nth,
            @NotNull String kind,
            @NotNull String id,
            @NotNull Boolean done) {}

    /** Ticks a part of practice; of a day to come nothing can have been done. */
    @OpenTo(changing = Visitor.DEVICE, of = "practice")
    @PostMapping("/practices/{id}/ticks")
    SharedView.SharedPractice tick(@PathVariable String id, @RequestBody @Valid Tick tick) {
        practices.tick(id, device(), reaches.today(), tick);
        return practices.view(id, reaches.today());
    }

    /** Writes a run of the couple into the log; the same run sent again is kept once. */
    @OpenTo(changing = Visitor.DEVICE)
    @PostMapping("/runs")
    @ResponseStatus(HttpStatus.CREATED)
    void run(@RequestBody @Valid SharedRuns.SharedRun run) {
        runs.keep(device(), run);
    }

    /** The rounds of a class of today, as they have been danced and as they will be. */
    @OpenTo(reading = Visitor.DEVICE, of = "class")
    @GetMapping("/classes/{id}")
    RotationView evening(@PathVariable String id) {
        return rounds.planned(classes.get(id).value());
    }
}
