package fluidframe.core.chart;

import java.util.List;

/**
 * What belongs to teaching a figure rather than to its steps.
 *
 * @param faults usual faults
 * @param cautions what may hurt, and the usual precautions
 * @param precedes ids of figures customarily danced before it
 * @param follows ids of figures customarily danced after it
 */
public record Teaching(List<Fault> faults, List<String> cautions, List<String> precedes, List<String> follows) {
    /**
     * A usual fault.
     *
     * @param seen what is seen
     * @param cause why it happens
     * @param cue one thing to say
     * @param detail for whom it is
     */
    public record Fault(String seen, String cause, String cue, Detail detail) {}

    public static final Teaching NONE = new Teaching(List.of(), List.of(), List.of(), List.of());

    public Teaching {
        faults = List.copyOf(faults);
        cautions = List.copyOf(cautions);
        precedes = List.copyOf(precedes);
        follows = List.copyOf(follows);
    }
}
