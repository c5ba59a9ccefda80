package fluidframe.server.figure;

import fluidframe.core.check.RuleBook;
import fluidframe.core.count.Dance;
import fluidframe.library.Vocabulary;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the front end needs to know of the technique without holding any: dances, words for cells, rules. */
@RestController
@RequestMapping("/api")
class ReferenceController {
    /** A dance; tempo in bars a minute. */
    record DanceView(String id, String title, int beatsPerBar, int slowest, int fastest, int figures) {}

    /** A rule as it is told to a reader. */
    record RuleView(String id, String statement, List<String> exceptions) {}

    private final FigureShelf shelf;

    ReferenceController(FigureShelf shelf) {
        this.shelf = shelf;
    }

    @GetMapping("/dances")
    List<DanceView> dances() {
        return Arrays.stream(Dance.values())
                .map(dance -> new DanceView(
                        dance.toString(),
                        dance.title(),
                        dance.beatsPerBar(),
                        dance.slowestBarsPerMinute(),
                        dance.fastestBarsPerMinute(),
                        (int) shelf.repertoire().charts().stream()
                                .filter(c -> c.dance() == dance)
                                .count()))
                .toList();
    }

    @GetMapping("/vocabulary")
    Map<String, List<Vocabulary.Word>> vocabulary() {
        return Vocabulary.columns();
    }

    @GetMapping("/rules")
    List<RuleView> rules() {
        return RuleBook.standard().rules().stream()
                .map(rule -> new RuleView(rule.id().text(), rule.statement(), rule.exceptions()))
                .toList();
    }
}
