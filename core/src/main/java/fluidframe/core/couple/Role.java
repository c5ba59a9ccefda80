package fluidframe.core.couple;

/** The two parts of a figure, by the terms of the technique; studios may say leader and follower. */
public enum Role {
    MAN("man"),
    LADY("lady");

    private final String word;

    Role(String word) {
        this.word = word;
    }

    /** Reads {@code "man"} or {@code "lady"}. */
    public static Role parse(String text) {
        for (Role role : values()) {
            if (role.word.equals(text.trim())) return role;
        }
        throw new IllegalArgumentException("A role must be man or lady, but was \"" + text + "\"");
    }

    public Role partner() {
        return this == MAN ? LADY : MAN;
    }

    /** {@code "{man}"} or {@code "{lady}"}, to name the role in a sentence, as {@link RoleWords} tells. */
    public String told() {
        return "{" + word + "}";
    }

    @Override
    public String toString() {
        return word;
    }
}
