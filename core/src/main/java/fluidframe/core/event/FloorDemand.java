package fluidframe.core.event;

import static fluidframe.core.event.Performance.number;

import fluidframe.core.routine.Circuit;
import fluidframe.core.routine.FloorReport;
import fluidframe.core.routine.Hall;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The couple keeps to the event's floor, all the way round where the routine is danced again. */
final class FloorDemand implements Demand {
    private static final String ABOUT = "Floor";

    @Override
    public Optional<Event.Line> judge(Performance performance) {
        return performance.event().floor().flatMap(floor -> judge(performance, floor));
    }

    private static Optional<Event.Line> judge(Performance performance, Hall floor) {
        List<FloorReport.Note> leaving =
                FloorReport.of(performance.work(), floor, performance.stride()).notes().stream()
                        .filter(FloorReport.Note::leaves)
                        .toList();
        String size = number(floor.lengthMetres()) + " x " + number(floor.widthMetres()) + " m with a stride of "
                + performance.stride().metres() + " m";
        if (!leaving.isEmpty()) {
            String words = String.join(
                    " ", leaving.stream().map(FloorReport.Note::words).toList());
            List<Integer> where = leaving.stream().map(FloorReport.Note::block).toList();
            return Performance.line(ABOUT, false, "On " + size + ": " + words, where);
        }
        double outside = performance.isDancedAgain()
                ? Circuit.of(performance.work(), floor, performance.stride())
                        .map(Circuit::outsideMetres)
                        .orElse(0.0)
                : 0;
        if (outside == 0) return Performance.line(ABOUT, true, "It keeps within " + size + ".", List.of());
        return Performance.line(
                ABOUT,
                false,
                "On " + size + ": Danced again it leaves the floor by up to "
                        + String.format(Locale.ROOT, "%.1f", outside) + " m.",
                List.of());
    }
}
