package fluidframe.core.routine;

import java.util.List;

/**
 * Something danced in a showcase that is no figure of a syllabus: its feet and its length are the coach's own.
 *
 * @param id lower case words joined by hyphens
 * @param name what it is called
 * @param summary what it is and what it is for, in a coach's words
 * @param usualBeats how long it usually is, 1 or more; the coach sets the real length
 * @param cautions what to mind so that nobody is hurt
 */
public record FreeElement(String id, String name, String summary, int usualBeats, List<String> cautions) {
    public FreeElement {
        if (usualBeats < 1) {
            throw new IllegalArgumentException("A free element must last 1 beat or more, but was " + usualBeats);
        }
        cautions = List.copyOf(cautions);
    }
}
