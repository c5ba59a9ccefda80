package fluidframe.server.list;

import fluidframe.library.FigureList;
import java.util.List;

/**
 * A list with its levels.
 *
 * @param id {@code starter} for the one that ships
 * @param version counts its saves, to be sent back with the next
 * @param starter whether it ships and cannot be changed, only copied
 */
record ListView(String id, long version, boolean starter, String name, String note, List<LevelView> levels) {
    static final String STARTER = "starter";

    record LevelView(String name, List<String> figures) {}

    /** A list among others. */
    record ListSummary(String id, String name, boolean starter, int figures) {}

    static ListView of(String id, long version, FigureList list) {
        return new ListView(
                id,
                version,
                id.equals(STARTER),
                list.name(),
                list.note(),
                list.levels().stream()
                        .map(level -> new LevelView(level.name(), level.figures()))
                        .toList());
    }

    static ListSummary summary(String id, FigureList list) {
        return new ListSummary(
                id,
                list.name(),
                id.equals(STARTER),
                list.levels().stream().mapToInt(level -> level.figures().size()).sum());
    }
}
