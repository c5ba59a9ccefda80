package fluidframe.server.handout;

import fluidframe.core.chart.Column;
import fluidframe.core.chart.Detail;
import fluidframe.core.chart.Layer;
import fluidframe.core.count.CountLanguage;
import fluidframe.core.couple.Role;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How somebody wants a sheet.
 *
 * @param paper A4 or Letter
 * @param large whether in large print
 * @param words what the roles are called
 * @param role whose part; empty for both
 * @param count in which language it is counted; empty for as charted
 * @param folded layers that are left out
 * @param detail how much of the remarks is wanted
 */
public record Wish(
        Paper paper,
        boolean large,
        RoleWords words,
        Optional<Role> role,
        Optional<CountLanguage> count,
        Set<Layer> folded,
        Detail detail) {
    /** Sizes of paper. */
    public enum Paper {
        A4,
        LETTER;

        static Paper parse(String text) {
            return Arrays.stream(values())
                    .filter(paper -> paper.name().equalsIgnoreCase(text))
                    .findFirst()
                    .orElseThrow(() ->
                            new IllegalArgumentException("The paper must be A4 or Letter, but was \"" + text + "\""));
        }
    }

    public Wish {
        folded = Set.copyOf(folded);
    }

    /** As it stands in an address; blank for what is usual. */
    static Wish of(String paper, boolean large, String roles, String role, String count, String folded, String detail) {
        Set<Layer> layers = EnumSet.noneOf(Layer.class);
        for (String layer : folded.split(",")) {
            if (layer.isBlank()) continue;
            layers.add(Arrays.stream(Layer.values())
                    .filter(one -> one.toString().equals(layer))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("A layer must be one of "
                            + Arrays.toString(Layer.values()) + ", but was \"" + layer + "\"")));
        }
        return new Wish(
                paper.isBlank() ? Paper.A4 : Paper.parse(paper),
                large,
                RoleWords.of(roles),
                Optional.of(role).filter(words -> !words.isBlank()).map(Role::parse),
                Optional.of(count).filter(words -> !words.isBlank()).map(CountLanguage::parse),
                layers,
                detail.isBlank() ? Detail.ADVANCED : Detail.parse(detail));
    }

    String role(Role of) {
        return words.role(of);
    }

    String capital(Role of) {
        return words.capital(of);
    }

    String say(String told) {
        return words.say(told);
    }

    String tell(String text) {
        return words.tell(text);
    }

    private boolean shows(Layer layer) {
        return !folded.contains(layer);
    }

    /** What is read of a step besides its count, foot and placement, by the layers that are wanted. */
    List<Column> columns() {
        return Arrays.stream(Column.values())
                .filter(column -> column != Column.SAY && column != Column.DETAIL)
                .filter(column -> !column.isRequired() && shows(column.layer()))
                .toList();
    }

    /** The filled cells of a step as one line; where a cell does not say what it is of, its column is named. */
    String told(Map<Column, String> cells) {
        Detail remark = cells.containsKey(Column.DETAIL) ? Detail.parse(cells.get(Column.DETAIL)) : Detail.FIRST_LESSON;
        List<String> told = columns().stream()
                .filter(cells::containsKey)
                .filter(column -> column != Column.NOTE || detail.includes(remark))
                .map(column -> told(column, cells.get(column)))
                .toList();
        return say(String.join(" · ", told));
    }

    private String told(Column column, String cell) {
        return switch (column) {
            case CBM -> cell.equals("yes") ? "CBM" : "CBM " + cell;
            case SWAY, HEAD -> column + " " + cell;
            case LEAD, NOTE -> tell(cell);
            default -> cell;
        };
    }
}
