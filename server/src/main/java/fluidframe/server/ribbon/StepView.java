package fluidframe.server.ribbon;

import fluidframe.core.chart.Column;
import fluidframe.core.count.Beats;
import fluidframe.core.count.CountLanguage;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.link.Danceable;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What both do up to a beat, counted from the figure's first.
 *
 * @param count what is said on it
 * @param man the foot and how it is used, blank while he holds what he has
 * @param lady the same of her
 */
record StepView(double until, String count, String man, String lady) {
    static List<StepView> of(Danceable danced) {
        Map<Beats, String> his = steps(danced, Role.MAN);
        Map<Beats, String> hers = steps(danced, Role.LADY);
        Map<Beats, String> counts = counts(danced, danced.follower());
        counts.putAll(counts(danced, danced.leader()));
        return counts.entrySet().stream()
                .map(count -> new StepView(
                        count.getKey().toDouble(),
                        count.getValue(),
                        his.getOrDefault(count.getKey(), ""),
                        hers.getOrDefault(count.getKey(), "")))
                .toList();
    }

    private static Map<Beats, String> steps(Danceable danced, Role role) {
        return danced.ledger().of(role).rows().stream()
                .collect(Collectors.toMap(LedgerRow::end, row -> said(row, danced), (a, b) -> b));
    }

    private static String said(LedgerRow row, Danceable danced) {
        return Stream.of(Column.FOOT, Column.PLACE, Column.WORK)
                .map(column -> column.of(row.step(), danced.chart().dance()))
                .filter(word -> !word.isBlank())
                .collect(Collectors.joining(" "));
    }

    private static Map<Beats, String> counts(Danceable danced, Role role) {
        List<LedgerRow> rows = danced.ledger().of(role).rows();
        List<String> said = danced.chart().said(role, CountLanguage.TEACHING);
        Map<Beats, String> counts = new TreeMap<>();
        for (int i = 0; i < rows.size(); i++) counts.put(rows.get(i).end(), i < said.size() ? said.get(i) : "");
        return counts;
    }
}
