package fluidframe.server.ribbon;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.floor.Footfall;
import fluidframe.core.routine.Circuit;
import fluidframe.core.routine.FloorPath;
import fluidframe.server.chart.WorkView.PlaceView;
import java.util.List;
import java.util.Optional;
import org.springframework.lang.Nullable;

/**
 * The whole circuit of a routine on its floor.
 *
 * @param closes whether the couple comes back to where it began
 * @param problem why there is no circuit, empty if there is one
 * @param times how often the routine is danced for it
 * @param gap metres between end and beginning
 * @param outside metres by which the floor is left at the most
 */
record CircuitView(
        boolean closes,
        String problem,
        int times,
        double bars,
        double seconds,
        double gap,
        double outside,
        List<StopView> path) {
    /** Where both are after a step, and where the bodies face; the feet only where a dance stays on the spot. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record StopView(
            double beat,
            int block,
            PlaceView place,
            PlaceView his,
            PlaceView hers,
            double man,
            double lady,
            @Nullable List<PrintView> feet) {}

    /** A foot on the floor; {@code direction} where its toes point, in sixteenths from x. */
    record PrintView(String role, String foot, double x, double y, double direction) {
        static PrintView of(Footfall fall) {
            return new PrintView(
                    fall.role().toString(),
                    fall.foot().toString(),
                    fall.place().x(),
                    fall.place().y(),
                    fall.direction());
        }
    }

    static List<StopView> stops(FloorPath path, boolean withFeet) {
        return path.stops().stream()
                .map(stop -> new StopView(
                        stop.beat(),
                        stop.block(),
                        PlaceView.of(stop.middle()),
                        PlaceView.of(stop.man()),
                        PlaceView.of(stop.lady()),
                        stop.manBody(),
                        stop.ladyBody(),
                        withFeet ? stop.feet().stream().map(PrintView::of).toList() : null))
                .toList();
    }

    static CircuitView of(Optional<Circuit> circuit, double tempo, int beatsPerBar) {
        if (circuit.isEmpty()) {
            return new CircuitView(
                    false,
                    "The first figure cannot follow the last on the alignment it began with, so the routine does not go round."
                            + " Change the last figure, or let the planner end it so that it can be danced again.",
                    0,
                    0,
                    0,
                    0,
                    0,
                    List.of());
        }
        Circuit found = circuit.get();
        double bars = found.length().toDouble() / beatsPerBar;
        return new CircuitView(
                found.isClosed(),
                "",
                found.times(),
                bars,
                Math.round(bars * 600 / tempo) / 10.0,
                Math.round(found.gapMetres() * 10) / 10.0,
                Math.round(found.outsideMetres() * 10) / 10.0,
                stops(found.path(), false));
    }
}
