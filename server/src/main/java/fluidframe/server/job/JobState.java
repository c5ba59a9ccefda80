package fluidframe.server.job;

import com.fasterxml.jackson.annotation.JsonValue;

/** How far a long work is. */
public enum JobState {
    WAITING("waiting"),
    WORKING("working"),
    DONE("done"),
    FAILED("failed"),
    GIVEN_UP("given up");

    private final String word;

    JobState(String word) {
        this.word = word;
    }

    @JsonValue
    @Override
    public String toString() {
        return word;
    }

    public boolean isOver() {
        return this != WAITING && this != WORKING;
    }
}
