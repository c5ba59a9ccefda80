package fluidframe.server.routine;

import fluidframe.core.count.Beats;
import fluidframe.core.event.Event;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.Danceable;
import fluidframe.core.music.Song;
import fluidframe.core.routine.Circuit;
import fluidframe.core.routine.Fillers;
import fluidframe.core.routine.RoutineWork;
import fluidframe.core.routine.WayOut;
import fluidframe.library.MidiRoutine;
import fluidframe.server.figure.FigureShelf;
import fluidframe.server.music.SongService;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Routines worked out as they are edited; nothing is kept. */
@Service
public class RoutineDesk {
    private static final int MOST_FILLERS = 24;
    private static final int BEAT_PARTS = 12;

    /** A routine worked out for somebody else to look at. */
    public record WorkedOut(RoutineWork work, Event.Band played, double seconds, Stride stride) {}

    private final FigureShelf shelf;
    private final SongService songs;

    RoutineDesk(FigureShelf shelf, SongService songs) {
        this.shelf = shelf;
        this.songs = songs;
    }

    RoutineWork workOf(RoutineDraft draft) {
        return RoutineWork.of(draft.toDance(), draft.toPlaced(), shelf.repertoire(), draft.startTurn());
    }

    private Optional<Song> songOf(RoutineDraft draft) {
        return Optional.ofNullable(draft.song()).filter(id -> !id.isBlank()).flatMap(songs::find);
    }

    /** Works out a routine with how long it lasts, to its song if it is set to one. */
    public WorkedOut worked(RoutineDraft draft) {
        RoutineWork work = workOf(draft);
        Clock clock = Clock.of(draft, songOf(draft), work.dance().beatsPerBar());
        double first =
                work.blocks().isEmpty() ? 0 : work.blocks().get(0).start().toDouble();
        double seconds = clock.seconds(first + work.length().toDouble()) - clock.seconds(first);
        return new WorkedOut(work, clock.played(work.length().toDouble()), seconds, draft.toStride());
    }

    /** With what could follow the selected figure (from 0, -1 for none). */
    RoutineWorkView work(RoutineDraft draft, int selected) {
        return RoutineWorkView.of(draft, workOf(draft), songOf(draft), selected);
    }

    CircuitView circuit(RoutineDraft draft) {
        RoutineWork work = workOf(draft);
        return CircuitView.of(
                Circuit.of(work, draft.toHall(), draft.toStride()),
                draft.tempo(),
                work.dance().beatsPerBar());
    }

    List<BlockedView> blocked(RoutineDraft draft) {
        RoutineWork work = workOf(draft);
        List<Optional<WayOut>> ways = WayOut.of(work);
        List<BlockedView> views = new ArrayList<>();
        for (int i = 0; i < ways.size(); i++) views.add(BlockedView.of(work, i, ways.get(i)));
        return views;
    }

    /** What could stand instead of figures {@code from} (from 0) up to but without {@code to}, so many beats long. */
    List<FillerView> fill(RoutineDraft draft, int from, int to, double beats) {
        RoutineWork work = workOf(draft);
        Beats length = Beats.of((int) Math.round(beats * BEAT_PARTS), BEAT_PARTS);
        return Fillers.of(work, from, to, length, MOST_FILLERS).stream()
                .map(chain -> FillerView.of(
                        chain, from < to && work.takesCorner(from), work.dance().beatsPerBar()))
                .toList();
    }

    byte[] midi(RoutineDraft draft) {
        RoutineWork work = workOf(draft);
        Clock clock = Clock.of(draft, songOf(draft), work.dance().beatsPerBar());
        return MidiRoutine.write(draft.name(), work, draft.tempo(), clock.song(), clock.songBar());
    }

    /** Figures for a place of the routine. */
    record FillerView(String name, List<RoutineDraft.PlacedDraft> figures, double bars) {
        static FillerView of(List<Danceable> chain, boolean corner, int beatsPerBar) {
            List<RoutineDraft.PlacedDraft> figures = new ArrayList<>();
            double beats = 0;
            for (Danceable danced : chain) {
                figures.add(
                        RoutineDraft.PlacedDraft.of(danced.figure().id(), danced.use(), corner && figures.isEmpty()));
                beats += danced.chart().length().toDouble();
            }
            String name = chain.isEmpty()
                    ? "Leave it out"
                    : chain.stream().map(Danceable::name).collect(Collectors.joining(", "));
            return new FillerView(name, figures, beats / beatsPerBar);
        }
    }

    /** What to do when figure {@code index} (from 0) is blocked; {@code after} is the part danced first. */
    record BlockedView(
            int index, String name, boolean found, String after, String instead, String rejoin, double bars) {
        static BlockedView of(RoutineWork work, int index, Optional<WayOut> way) {
            String name = work.blocks().get(index).name();
            return way.map(found -> new BlockedView(
                            index,
                            name,
                            true,
                            found.cut().map(Danceable::name).orElse(name),
                            found.instead().stream().map(Danceable::name).collect(Collectors.joining(", ")),
                            work.blocks().get(found.rejoin()).name(),
                            found.beats().toDouble() / work.dance().beatsPerBar()))
                    .orElse(new BlockedView(index, name, false, "", "", "", 0));
        }
    }
}
