package fluidframe.core.check;

import fluidframe.core.chart.Acceptance;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.chart.Variant;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.Severity;
import fluidframe.core.rule.Sheet;
import fluidframe.core.rule.body.BodyRules;
import fluidframe.core.rule.floor.FloorRules;
import fluidframe.core.rule.footwork.FootworkRules;
import fluidframe.core.rule.partner.PartnerRules;
import fluidframe.core.rule.safety.SafetyRules;
import fluidframe.core.rule.time.TimeRules;
import fluidframe.core.rule.turn.TurnRules;
import fluidframe.core.rule.weight.WeightRules;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** All the rules there are, in the order in which their topics are taught. */
public final class RuleBook {
    /**
     * A finding and, where the coach has accepted it, why.
     *
     * @param finding what the rule says
     * @param accepted the coach's reason, if accepted
     * @param variant the variant whose rows it is about, if not the figure as charted
     */
    public record Checked(Finding finding, Optional<String> accepted, Optional<String> variant) {
        public boolean isOpen() {
            return accepted.isEmpty();
        }

        public boolean isBroken() {
            return isOpen() && finding.severity() == Severity.BROKEN;
        }
    }

    private static final RuleBook STANDARD = new RuleBook(Stream.of(
                    TimeRules.all(),
                    WeightRules.all(),
                    TurnRules.all(),
                    PartnerRules.all(),
                    FootworkRules.all(),
                    BodyRules.all(),
                    FloorRules.all(),
                    SafetyRules.all())
            .flatMap(List::stream)
            .toList());

    private final List<Rule> rules;

    private RuleBook(List<Rule> rules) {
        this.rules = rules;
    }

    public static RuleBook standard() {
        return STANDARD;
    }

    public List<Rule> rules() {
        return rules;
    }

    /** Everything all rules say of a chart, the gravest first, then in chart order. */
    public List<Checked> check(Sheet sheet) {
        List<Checked> all = new ArrayList<>();
        for (Rule rule : rules) {
            for (Finding finding : rule.check(sheet))
                all.add(new Checked(finding, accepted(sheet.chart(), finding), Optional.empty()));
        }
        all.sort(Comparator.comparing((Checked c) -> c.finding().severity())
                .thenComparing(c -> c.finding().step()));
        return List.copyOf(all);
    }

    /** The figure as charted and each of its variants. */
    public List<Checked> checkWithVariants(Sheet sheet) {
        List<Checked> all = new ArrayList<>(check(sheet));
        for (Variant variant : sheet.chart().variants()) {
            FigureUse use = FigureUse.ofVariant(variant.id());
            Sheet varied = Sheet.of(use.of(sheet.chart()));
            for (Checked checked : check(varied)) {
                all.add(new Checked(checked.finding(), Optional.empty(), Optional.of(variant.id())));
            }
        }
        return List.copyOf(all);
    }

    private static Optional<String> accepted(Chart chart, Finding finding) {
        return chart.accepted().stream()
                .filter(a -> a.rule().equals(finding.rule().text())
                        && a.role().equals(finding.role())
                        && a.step() == finding.step())
                .map(Acceptance::reason)
                .findFirst();
    }
}
