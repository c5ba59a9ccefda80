package fluidframe.core.rotation;

/** Two people, whoever of them leads: the order in which they are named says nothing. */
public record Two(String one, String other) {
    public Two {
        if (one.equals(other)) throw new IllegalArgumentException("Nobody dances with " + one + " but somebody else");
        if (one.compareTo(other) > 0) {
            String first = other;
            other = one;
            one = first;
        }
    }
}
