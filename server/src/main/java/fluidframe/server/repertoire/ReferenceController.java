package fluidframe.server.repertoire;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.check.RuleBook;
import fluidframe.core.count.Dance;
import fluidframe.core.floor.Stride;
import fluidframe.core.routine.Hall;
import fluidframe.core.rule.Sheet;
import fluidframe.library.shipped.Glossary;
import fluidframe.library.shipped.RuleExamples;
import fluidframe.library.typed.Vocabulary;
import fluidframe.server.access.OpenTo;
import fluidframe.server.access.Visitor;
import fluidframe.server.chart.WorkView;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the front end needs to know of the technique without holding any: dances, words for cells, rules. */
@RestController
@OpenTo
@RequestMapping("/api")
class ReferenceController {
    /** A dance; tempo in bars a minute. */
    record DanceView(
            String id,
            String title,
            String style,
            String family,
            boolean moving,
            int beatsPerBar,
            List<Integer> startBeats,
            int slowest,
            int fastest,
            int figures,
            HallView floor) {}

    /** The floor that a routine of a dance begins on, in metres. */
    record HallView(double length, double width, double startX, double startY, double stride) {
        static HallView of(Dance dance) {
            Hall hall = Hall.usual(dance);
            return new HallView(
                    hall.lengthMetres(),
                    hall.widthMetres(),
                    hall.start().x(),
                    hall.start().y(),
                    Stride.usual(dance).metres());
        }
    }

    /** A rule as it is told to a reader. */
    record RuleView(String id, String statement, List<String> exceptions) {}

    /** An example of one family of rules, worked out with its finding. */
    record ExampleView(String topic, String name, String summary, WorkView work) {}

    private final FigureShelf shelf;

    ReferenceController(FigureShelf shelf) {
        this.shelf = shelf;
    }

    @OpenTo(reading = Visitor.DEVICE)
    @GetMapping("/dances")
    List<DanceView> dances() {
        Map<String, Long> counts = shelf.counts();
        return Arrays.stream(Dance.values())
                .map(dance -> new DanceView(
                        dance.toString(),
                        dance.title(),
                        dance.style().name().toLowerCase(Locale.ROOT),
                        dance.family().name().toLowerCase(Locale.ROOT),
                        dance.isMoving(),
                        dance.beatsPerBar(),
                        dance.startBeats(),
                        dance.slowestBarsPerMinute(),
                        dance.fastestBarsPerMinute(),
                        counts.getOrDefault(dance.toString(), 0L).intValue(),
                        HallView.of(dance)))
                .toList();
    }

    @GetMapping("/vocabulary")
    Map<String, List<Vocabulary.Word>> vocabulary() {
        return Vocabulary.columns();
    }

    /** What a term means; {@code drawing} says what is drawn for it. */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record GlossaryTerm(String group, String term, List<String> codes, String says, Optional<GlossaryDrawing> drawing) {
        static GlossaryTerm of(Glossary.Entry entry) {
            return new GlossaryTerm(
                    entry.group(),
                    entry.term(),
                    entry.codes(),
                    entry.says(),
                    entry.drawing()
                            .map(drawn -> new GlossaryDrawing(
                                    drawn.kind(), drawn.sixteenths(), drawn.right(), drawn.ahead())));
        }
    }

    /** A step, a direction or a position of the couple, as {@link Glossary.Drawing} tells it. */
    record GlossaryDrawing(String kind, int sixteenths, double right, double ahead) {}

    /** Every word, sign and column that a chart uses, family by family. */
    @GetMapping("/glossary")
    List<GlossaryTerm> glossary() {
        return Glossary.load().stream().map(GlossaryTerm::of).toList();
    }

    /** A short chart with one fault on purpose for each family of rules. */
    @GetMapping("/rules/examples")
    List<ExampleView> examples() {
        return RuleExamples.load().entrySet().stream()
                .map(entry -> new ExampleView(
                        entry.getKey(),
                        entry.getValue().identity().name(),
                        entry.getValue().identity().summary(),
                        WorkView.of(Sheet.of(entry.getValue()))))
                .toList();
    }

    @GetMapping("/rules")
    List<RuleView> rules() {
        return RuleBook.standard().rules().stream()
                .map(rule -> new RuleView(rule.id().text(), rule.statement(), rule.exceptions()))
                .toList();
    }
}
