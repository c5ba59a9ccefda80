package fluidframe.server.sharing;

import fluidframe.core.exercise.Drill;
import fluidframe.core.practice.Part;
import fluidframe.core.practice.Practice;
import fluidframe.core.practice.PracticeDay;
import fluidframe.server.access.Audit;
import fluidframe.server.access.Device;
import fluidframe.server.access.Devices;
import fluidframe.server.practice.PracticeView;
import fluidframe.server.store.Amending;
import fluidframe.server.store.Documents;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;

/** Plans of practice as a couple's own device has them. */
@Component
class SharedPractices {
    private static final int DAYS_BEHIND = 7;
    private static final int DAYS_AHEAD = 14;

    private final Documents<Practice, PracticeView.PracticeSummary> practices;
    private final Documents<Drill, ?> drills;
    private final Devices devices;
    private final Audit audit;

    SharedPractices(
            Documents<Practice, PracticeView.PracticeSummary> practices,
            Documents<Drill, ?> drills,
            Devices devices,
            Audit audit) {
        this.practices = practices;
        this.drills = drills;
        this.devices = devices;
        this.audit = audit;
    }

    SharedView.SharedPractice view(String id, LocalDate today) {
        Practice practice = practices.get(id).value();
        return new SharedView.SharedPractice(
                id,
                practice.with().name(),
                practice.aim().name(),
                practice.aim().day().toString(),
                today.toString(),
                practice.days().stream()
                        .filter(day -> !day.date().isBefore(today.minusDays(DAYS_BEHIND))
                                && !day.date().isAfter(today.plusDays(DAYS_AHEAD)))
                        .map(this::day)
                        .toList());
    }

    private SharedView.SharedDay day(PracticeDay day) {
        List<SharedView.SharedPart> parts = new ArrayList<>();
        for (int nth = 0; nth < day.parts().size(); nth++) {
            Part part = day.parts().get(nth);
            if (!part.purpose().isWork()) continue;
            parts.add(new SharedView.SharedPart(
                    nth,
                    part.kind(),
                    part.id(),
                    part.name(),
                    part.minutes(),
                    boxed(part.from()),
                    boxed(part.to()),
                    part.why(),
                    part.state().toString(),
                    part.kind().equals("drill")
                            ? drills.find(part.id())
                                    .map(drill -> drill.value().steps())
                                    .orElse(List.of())
                            : List.of()));
        }
        return new SharedView.SharedDay(day.date().toString(), day.why(), parts);
    }

    private static Optional<Double> boxed(OptionalDouble value) {
        return value.isPresent() ? Optional.of(value.getAsDouble()) : Optional.empty();
    }

    void tick(String id, Device device, LocalDate today, SharedController.Tick tick) {
        devices.countChange(device);
        if (tick.date().isAfter(today)) {
            throw new IllegalArgumentException(tick.date() + " is still to come: tick it when it has been practised");
        }
        String key = tick.kind() + ":" + tick.id();
        Amending.amend(practices, id, practice -> practice.ticked(tick.date(), tick.nth(), key, tick.done()));
        audit.note("practice " + (tick.done() ? "ticked" : "opened again"), device.name() + ", " + tick.date());
    }
}
