package fluidframe.server.routine;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.github.difflib.DiffUtils;
import com.github.difflib.patch.AbstractDelta;
import fluidframe.core.link.Repertoire;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;

/**
 * One difference between two states of a routine.
 *
 * @param kind added, removed, replaced or setting
 * @param place where it stands in the newer state, from 1; 0 for a setting
 * @param before what was there, empty if nothing
 * @param after what is there now, empty if nothing
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record RoutineChange(String kind, int place, String before, String after) {
    /** Everything in which two states differ: settings first, then the figures in order. */
    static List<RoutineChange> between(RoutineDraft before, RoutineDraft after, Repertoire repertoire) {
        List<RoutineChange> changes = new ArrayList<>();
        setting(changes, "Name", before.name(), after.name());
        setting(changes, "Tempo", before.tempo() + " bars a minute", after.tempo() + " bars a minute");
        setting(changes, "Floor", floor(before), floor(after));
        setting(changes, "Stride", before.floor().stride() + " m", after.floor().stride() + " m");
        setting(changes, "Couple", said(before.couple()), said(after.couple()));
        setting(changes, "Phrase", before.phrase() + " bars", after.phrase() + " bars");
        setting(changes, "Song bar", said(before.songBar()), said(after.songBar()));
        setting(changes, "Note", said(before.note()), said(after.note()));
        List<String> old = names(before, repertoire);
        List<String> now = names(after, repertoire);
        for (AbstractDelta<String> delta : DiffUtils.diff(old, now).getDeltas()) {
            List<String> gone = delta.getSource().getLines();
            List<String> come = delta.getTarget().getLines();
            int place = delta.getTarget().getPosition() + 1;
            IntStream.range(0, Math.max(gone.size(), come.size()))
                    .mapToObj(i ->
                            figure(place + i, i < gone.size() ? gone.get(i) : "", i < come.size() ? come.get(i) : ""))
                    .forEach(changes::add);
        }
        return changes;
    }

    private static RoutineChange figure(int place, String before, String after) {
        if (before.isEmpty()) return new RoutineChange("added", place, "", after);
        if (after.isEmpty()) return new RoutineChange("removed", place, before, "");
        return new RoutineChange("replaced", place, before, after);
    }

    private static void setting(List<RoutineChange> changes, String name, String before, String after) {
        if (Objects.equals(before, after)) return;
        changes.add(new RoutineChange("setting", 0, name + ": " + before, name + ": " + after));
    }

    private static String said(Object value) {
        return value == null || value.toString().isBlank() ? "none" : value.toString();
    }

    private static String floor(RoutineDraft draft) {
        RoutineDraft.FloorDraft floor = draft.floor();
        return floor.length() + " x " + floor.width() + " m from " + floor.startX() + ", " + floor.startY();
    }

    private static List<String> names(RoutineDraft draft, Repertoire repertoire) {
        return draft.figures().stream().map(placed -> name(placed, repertoire)).toList();
    }

    private static String name(RoutineDraft.PlacedDraft placed, Repertoire repertoire) {
        StringBuilder words = new StringBuilder();
        if (placed.element() != null) {
            words.append(placed.element()).append(", ").append(placed.beats()).append(" beats");
        } else {
            words.append(repertoire
                    .chart(placed.figure())
                    .map(chart -> chart.identity().name())
                    .orElse(placed.figure()));
        }
        if (placed.part() != null) words.append(" ").append(placed.part());
        if (placed.variant() != null) words.append(", ").append(placed.variant());
        if (placed.lastTurn() != 0) words.append(", ").append(RoutineDraft.PlacedDraft.turnWords(placed.lastTurn()));
        if (placed.times() > 1) words.append(", ").append(placed.times()).append(" times");
        if (placed.otherFoot()) words.append(", to the other side");
        if (placed.timing() != null) words.append(", counted ").append(placed.timing());
        if (placed.corner()) words.append(", after the corner");
        if (placed.note() != null && !placed.note().isBlank())
            words.append(" (").append(placed.note()).append(")");
        return words.toString();
    }
}
