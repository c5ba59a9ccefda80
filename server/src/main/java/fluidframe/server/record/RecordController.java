package fluidframe.server.record;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.log.Course;
import fluidframe.core.log.Danced;
import fluidframe.core.log.Entry;
import fluidframe.core.log.Standing;
import fluidframe.core.people.Couple;
import fluidframe.core.people.Dancer;
import fluidframe.core.routine.RoutineWork;
import fluidframe.server.access.OpenTo;
import fluidframe.server.log.LogBook;
import fluidframe.server.log.LogLine;
import fluidframe.server.people.PeopleView;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.store.Documents;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is known of a couple or group. */
@RestController
@OpenTo
@RequestMapping("/api/records/{whom}")
class RecordController {
    private static final int MOST_FAULTS = 40;

    private final Whoms whoms;
    private final Documents<Dancer, PeopleView.DancerSummary> dancers;
    private final Known known;
    private final LogBook book;
    private final TaughtBook taught;
    private final FigureShelf shelf;
    private final Clock clock;

    RecordController(
            Whoms whoms,
            Documents<Dancer, PeopleView.DancerSummary> dancers,
            Known known,
            LogBook book,
            TaughtBook taught,
            FigureShelf shelf,
            Clock clock) {
        this.whoms = whoms;
        this.dancers = dancers;
        this.known = known;
        this.book = book;
        this.taught = taught;
        this.shelf = shelf;
        this.clock = clock;
    }

    /** How they dance, from the log of the last year. */
    @GetMapping
    RecordView of(@PathVariable("whom") String id) {
        Whoms.Whom whom = whoms.get(id);
        Known.Runs runs = known.of(whom);
        return new RecordView(
                whom.kind(),
                whom.name(),
                book.count(id),
                runs.all().size(),
                Standing.all(runs.all()).stream()
                        .map(standing -> whole(runs, standing))
                        .map(standing -> RecordView.SubjectView.of(standing, wanted(runs, standing.subject())))
                        .toList(),
                Course.of(runs.all(), runs::danced, ZoneId.systemDefault(), MOST_FAULTS).stream()
                        .map(RecordView.FaultView::of)
                        .toList());
    }

    /** Of a figure also what was seen of it in routines. */
    private static Standing whole(Known.Runs runs, Standing standing) {
        return standing.subject().isRoutine() ? standing : Standing.of(runs.of(standing.subject()));
    }

    private static Optional<Double> wanted(Known.Runs runs, Entry.Subject subject) {
        OptionalDouble tempo = runs.tempoWanted(subject.kind(), subject.id());
        return tempo.isPresent() ? Optional.of(tempo.getAsDouble()) : Optional.empty();
    }

    /** Where they are weak in a routine. */
    @GetMapping("/routines/{routine}")
    HeatView routine(@PathVariable("whom") String id, @PathVariable String routine) {
        Known.Runs runs = known.of(whoms.get(id));
        RoutineWork work =
                runs.work(routine).orElseThrow(() -> new NotFoundException("There is no routine \"" + routine + "\""));
        return HeatView.of(work, routine, runs.all(), clock.instant());
    }

    /** Where they are weak in a figure. */
    @GetMapping("/figures/{figure}")
    HeatView figure(@PathVariable("whom") String id, @PathVariable String figure) {
        Known.Runs runs = known.of(whoms.get(id));
        return shelf.repertoire().usesOf(figure).stream()
                .findFirst()
                .map(danced -> {
                    List<Danced> danceds = runs.of(new Entry.Subject("figure", figure, danced.name()));
                    return HeatView.of(danced, danceds, clock.instant());
                })
                .orElseThrow(() -> new NotFoundException("There is no figure \"" + figure + "\""));
    }

    /** Their log, the newest first. */
    @GetMapping("/log")
    LogLine.LogPage log(
            @PathVariable("whom") String id,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "50") int limit) {
        return book.page(whoms.get(id).id(), after, limit);
    }

    /** What they were taught last, with what has changed since. */
    @GetMapping("/taught")
    List<TaughtBook.TaughtView> taught(@PathVariable("whom") String id) {
        return taught.of(whoms.get(id).id());
    }

    /** A figure or routine that is taught as it stands now. */
    record TeachWanted(@NotNull String kind, @NotNull String id) {}

    @PostMapping("/taught")
    @ResponseStatus(HttpStatus.CREATED)
    TaughtBook.TaughtView teach(@PathVariable("whom") String id, @RequestBody @Valid TeachWanted wanted) {
        return taught.teach(whoms.get(id).id(), wanted.kind(), wanted.id());
    }

    @DeleteMapping("/taught/{number}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable("whom") String id, @PathVariable long number) {
        taught.takeBack(number);
    }

    /** How tall the two are in a dance, in centimetres; left out where nobody has said it. */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record CoupleHeights(Optional<Integer> man, Optional<Integer> lady) {}

    /** How tall those are who dance the two roles of a dance; nothing of a group. */
    @GetMapping("/heights")
    CoupleHeights heights(@PathVariable("whom") String id, @RequestParam String dance) {
        Dance danced = Dance.parse(dance);
        Optional<Couple> couple = whoms.get(id).couple();
        return new CoupleHeights(
                couple.flatMap(two -> height(two, Role.MAN, danced)),
                couple.flatMap(two -> height(two, Role.LADY, danced)));
    }

    private Optional<Integer> height(Couple couple, Role role, Dance dance) {
        OptionalInt cm = couple.dancer(role, dance)
                .flatMap(dancers::find)
                .map(found -> found.value().heightCm())
                .orElse(OptionalInt.empty());
        return cm.isPresent() ? Optional.of(cm.getAsInt()) : Optional.empty();
    }
}
