package fluidframe.core.practice;

import java.util.ArrayList;
import java.util.List;

/** How the minutes of a day are cut: a warm-up, slots of equal length, a pause after every three quarters of an hour. */
record Frame(int warmUp, int slots, int slot, int pauses) {
    /** The least that a slot takes, in minutes. */
    static final int SLOT = 10;

    static final int PAUSE = 5;

    private static final int WARM_UP = 5;

    /** What is too short to warm up in is used as it is. */
    private static final int SHORT = WARM_UP + SLOT;

    /** How many slots come before a pause. */
    private static final int STRETCH = 4;

    static final Frame NONE = new Frame(0, 0, 0, 0);

    static Frame of(int minutes) {
        if (minutes < PAUSE) return NONE;
        if (minutes < SHORT) return new Frame(0, 1, minutes, 0);
        int slots = 1;
        while (WARM_UP + (slots + 1) * SLOT + pauses(slots + 1) * PAUSE <= minutes) slots++;
        int free = minutes - WARM_UP - pauses(slots) * PAUSE;
        return new Frame(WARM_UP + free % slots, slots, free / slots, pauses(slots));
    }

    private static int pauses(int slots) {
        return (slots - 1) / STRETCH;
    }

    /** The parts of work, all of equal length, with warm-up and pauses between; what they do not need is left free. */
    List<Part> around(List<Part> work) {
        List<Part> parts = new ArrayList<>();
        if (warmUp > 0) {
            parts.add(Part.rest(Purpose.WARM_UP, warmUp, "joints and feet first, nothing forced; slow walks"));
        }
        for (int i = 0; i < work.size(); i++) {
            if (i > 0 && i % STRETCH == 0) {
                parts.add(Part.rest(Purpose.PAUSE, PAUSE, "after " + STRETCH * slot + " minutes of work"));
            }
            parts.add(work.get(i));
        }
        int over = (slots - work.size()) * slot + (pauses - Math.max(0, (work.size() - 1) / STRETCH)) * PAUSE;
        if (over > 0) {
            parts.add(Part.rest(Purpose.PAUSE, over, "nothing more is due today: rest, or dance what you like"));
        }
        return parts;
    }
}
