package fluidframe.server.routine;

import fluidframe.core.routine.Junction;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineWork;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.library.text.Format;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.store.DocumentStore;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Kind;
import fluidframe.server.store.Ref;
import fluidframe.server.store.Traits;
import java.util.LinkedHashSet;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How routines are kept. */
@Configuration
class Routines implements Traits<Routine, RoutineSummary> {
    private final FigureShelf shelf;

    Routines(FigureShelf shelf) {
        this.shelf = shelf;
    }

    @Bean
    Documents<Routine, RoutineSummary> routineDocuments(DocumentStore store) {
        return store.of(this);
    }

    @Override
    public Kind kind() {
        return Kind.ROUTINE;
    }

    @Override
    public Format<Routine> format() {
        return RoutineFormat.ROUTINE;
    }

    @Override
    public String name(Routine routine) {
        return routine.name();
    }

    @Override
    public String dance(Routine routine) {
        return routine.dance().toString();
    }

    @Override
    public String words(Routine routine) {
        return routine.name() + " " + routine.couple() + " " + routine.note();
    }

    @Override
    public Set<Ref> uses(Routine routine) {
        Set<Ref> uses = new LinkedHashSet<>();
        routine.song().ifPresent(song -> uses.add(new Ref(Kind.SONG, song)));
        routine.placed().forEach(placed -> {
            if (placed instanceof PlacedFigure figure) uses.add(new Ref(Kind.FIGURE, figure.figureId()));
        });
        return uses;
    }

    @Override
    public Class<RoutineSummary> summaryType() {
        return RoutineSummary.class;
    }

    /** Its joins and bars depend on the charts of its figures. */
    @Override
    public boolean isSummaryOfUsed() {
        return true;
    }

    @Override
    public RoutineSummary summary(Routine routine) {
        RoutineWork work = RoutineWork.of(routine.dance(), routine.placed(), shelf.repertoire(), routine.startTurn());
        int broken = (int) work.junctions().stream()
                .filter(Junction::isBroken)
                .filter(join -> routine.places().get(join.index()).accepted().isBlank())
                .count();
        return new RoutineSummary(
                routine.name(),
                routine.dance().toString(),
                work.length().dividedBy(routine.dance().bar()),
                routine.places().size(),
                broken,
                work.missing(),
                routine.note(),
                routine.couple());
    }
}
