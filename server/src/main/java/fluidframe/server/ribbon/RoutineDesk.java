package fluidframe.server.ribbon;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.count.Beats;
import fluidframe.core.count.CountLanguage;
import fluidframe.core.count.TempoBand;
import fluidframe.core.couple.Role;
import fluidframe.core.floor.Stride;
import fluidframe.core.handout.RoleSheet;
import fluidframe.core.link.Danceable;
import fluidframe.core.music.Pulse;
import fluidframe.core.music.Song;
import fluidframe.core.routine.Circuit;
import fluidframe.core.routine.Fillers;
import fluidframe.core.routine.FloorFit;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineWork;
import fluidframe.core.routine.WayOut;
import fluidframe.library.midi.MidiRoutine;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.song.SongSummary;
import fluidframe.server.store.Document;
import fluidframe.server.store.Documents;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Routines worked out as they are edited; nothing is kept. */
@Service
public class RoutineDesk {
    private static final int MOST_FILLERS = 24;
    private static final int MOST_FITS = 5;
    private static final int BEAT_PARTS = 12;

    /** A routine worked out for somebody else to look at. */
    public record WorkedOut(RoutineWork work, TempoBand played, double seconds, Stride stride) {}

    /** A routine with the time in which it is danced. */
    public record Rehearsed(RoutineWork work, Pulse pulse) {}

    private final FigureShelf shelf;
    private final Documents<Song, SongSummary> songs;

    RoutineDesk(FigureShelf shelf, Documents<Song, SongSummary> songs) {
        this.shelf = shelf;
        this.songs = songs;
    }

    RoutineWork workOf(Routine routine) {
        return RoutineWork.of(routine.dance(), routine.placed(), shelf.repertoire(), routine.startTurn());
    }

    static Pulse pulse(Routine routine, Optional<Song> song, int beatsPerBar) {
        Optional<Integer> bar = routine.songBar().stream().boxed().findFirst();
        return Pulse.of(routine.tempo(), beatsPerBar, song, bar);
    }

    private Optional<Song> songOf(Routine routine) {
        return routine.song().flatMap(songs::find).map(Document::value);
    }

    /** Works out a routine with how long it lasts, to its song if it is set to one. */
    public WorkedOut worked(Routine routine) {
        RoutineWork work = workOf(routine);
        Pulse pulse = pulse(routine, songOf(routine), work.dance().beatsPerBar());
        double first =
                work.blocks().isEmpty() ? 0 : work.blocks().get(0).start().toDouble();
        double seconds = pulse.seconds(first + work.length().toDouble()) - pulse.seconds(first);
        return new WorkedOut(work, pulse.played(work.length().toDouble()), seconds, routine.stride());
    }

    /** Works out a routine to be rehearsed, to its song if it is set to one. */
    public Rehearsed rehearsed(Routine routine) {
        RoutineWork work = workOf(routine);
        return new Rehearsed(work, pulse(routine, songOf(routine), work.dance().beatsPerBar()));
    }

    /** With what could follow the selected figure (from 0, -1 for none). */
    RoutineWorkView work(Routine routine, int selected) {
        return RoutineWorkView.of(routine, workOf(routine), songOf(routine), selected);
    }

    CircuitView circuit(Routine routine) {
        RoutineWork work = workOf(routine);
        return CircuitView.of(
                Circuit.of(work, routine.hall(), routine.stride()),
                routine.tempo(),
                work.dance().beatsPerBar());
    }

    List<FloorFitView> floorFits(Routine routine) {
        return FloorFit.of(
                        routine.dance(),
                        routine.placed(),
                        shelf.repertoire(),
                        routine.hall(),
                        routine.stride(),
                        routine.startTurn(),
                        MOST_FITS)
                .stream()
                .map(FloorFitView::of)
                .toList();
    }

    RoleSheetView sheet(Routine routine, Role role, Optional<CountLanguage> language) {
        RoutineWork work = workOf(routine);
        return RoleSheetView.of(RoleSheet.of(routine, work, role, language), work);
    }

    List<BlockedView> blocked(Routine routine) {
        RoutineWork work = workOf(routine);
        List<Optional<WayOut>> ways = WayOut.of(work);
        List<BlockedView> views = new ArrayList<>();
        for (int i = 0; i < ways.size(); i++) views.add(BlockedView.of(work, i, ways.get(i)));
        return views;
    }

    /** What could stand instead of figures {@code from} (from 0) up to but without {@code to}, so many beats long. */
    List<FillerView> fill(Routine routine, int from, int to, double beats) {
        RoutineWork work = workOf(routine);
        Beats length = Beats.of((int) Math.round(beats * BEAT_PARTS), BEAT_PARTS);
        return Fillers.of(work, from, to, length, MOST_FILLERS).stream()
                .map(chain -> FillerView.of(
                        chain, from < to && work.takesCorner(from), work.dance().beatsPerBar()))
                .toList();
    }

    public byte[] midi(Routine routine) {
        RoutineWork work = workOf(routine);
        Pulse pulse = pulse(routine, songOf(routine), work.dance().beatsPerBar());
        return MidiRoutine.write(routine.name(), work, routine.tempo(), pulse.song(), pulse.songBar());
    }

    /** Figures for a place of the routine. */
    record FillerView(
            String name,

            @ArraySchema(schema = @Schema(ref = ApiDescription.PLACED))
            List<JsonNode> figures,

            double bars) {
        static FillerView of(List<Danceable> chain, boolean corner, int beatsPerBar) {
            List<JsonNode> figures = new ArrayList<>();
            double beats = 0;
            for (Danceable danced : chain) {
                figures.add(RoutineFormat.ROUTINE.toJson(
                        new PlacedFigure(danced.figure().id(), danced.use(), corner && figures.isEmpty())));
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
