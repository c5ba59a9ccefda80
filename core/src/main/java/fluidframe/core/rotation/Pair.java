package fluidframe.core.rotation;

/** Two who dance together, and who of them dances which role; by their ids. */
public record Pair(String man, String lady) {
    public Two two() {
        return new Two(man, lady);
    }
}
