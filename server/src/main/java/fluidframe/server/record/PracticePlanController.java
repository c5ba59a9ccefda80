package fluidframe.server.record;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.practice.Load;
import fluidframe.core.practice.Matter;
import fluidframe.core.practice.Part;
import fluidframe.core.practice.Practice;
import fluidframe.core.practice.PracticePlan;
import fluidframe.core.practice.Purpose;
import fluidframe.library.practice.PracticeFormat;
import fluidframe.library.text.Cells;
import fluidframe.server.access.OpenTo;
import fluidframe.server.practice.PracticeView;
import fluidframe.server.store.Documents;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotBlank;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Plans of practice worked out; nothing is kept. */
@RestController
@OpenTo
@RequestMapping("/api/practice-plans")
class PracticePlanController {
    private final Documents<Practice, PracticeView.PracticeSummary> practices;
    private final PracticePlanner planner;

    PracticePlanController(Documents<Practice, PracticeView.PracticeSummary> practices, PracticePlanner planner) {
        this.practices = practices;
        this.planner = planner;
    }

    /**
     * A plan.
     *
     * @param document the practice with it
     * @param worth of the sessions from today on, in points
     * @param bound more than which no plan is worth
     * @param greedy what filling each day with the best of the moment would be worth
     * @param kept sessions that stayed on their day, and that moved to another
     * @param advice what the plan asks of a body, where that is worth a word
     */
    record PlannedPractice(
            @Schema(ref = ApiDescription.PRACTICE) JsonNode document,
            int worth,
            int bound,
            int greedy,
            int kept,
            int moved,
            List<String> advice,
            List<LoadWeek> weeks,
            List<MatterView> matters) {}

    /** The minutes of a week. */
    record LoadWeek(String monday, int minutes) {}

    /**
     * Something to be practised.
     *
     * @param purpose what it is for the next time
     * @param need from 1 to 12
     * @param emphasis none, less, usual or more
     * @param sessions from today on
     */
    record MatterView(
            String kind, String id, String name, String purpose, int need, String emphasis, String why, int sessions) {}

    /** Plans the practice that is sent from a day on; what was done before stays. */
    @PostMapping
    PlannedPractice plan(@RequestParam @NotBlank String today, @RequestBody JsonNode document) {
        PracticePlanner.Planned planned = planner.plan(practices.read(document), Cells.date(today));
        PracticePlan plan = planned.plan();
        Load load = planned.load();
        return new PlannedPractice(
                PracticeFormat.PRACTICE.toJson(planned.practice()),
                plan.worth(),
                plan.bound(),
                plan.greedy(),
                plan.kept(),
                plan.moved(),
                load.advice(),
                load.weeks().stream()
                        .map(week -> new LoadWeek(week.monday().toString(), week.minutes()))
                        .toList(),
                planned.matters().stream()
                        .map(matter -> view(matter, plan, today))
                        .toList());
    }

    private static MatterView view(Matter matter, PracticePlan plan, String today) {
        List<Part> sessions = plan.days().stream()
                .filter(day -> day.date().toString().compareTo(today) >= 0)
                .flatMap(day -> day.work().stream())
                .filter(part -> part.key().equals(matter.key()))
                .toList();
        // What it has become by the next time; what is new does not stay so.
        Purpose purpose =
                sessions.isEmpty() ? matter.purpose() : sessions.get(0).purpose();
        return new MatterView(
                matter.kind(),
                matter.id(),
                matter.name(),
                purpose.toString(),
                matter.need(),
                matter.emphasis().toString(),
                matter.why(),
                sessions.size());
    }
}
