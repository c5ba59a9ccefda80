package fluidframe.library.text;

/**
 * One thing in which two states of a document differ.
 *
 * @param where what it is about in a coach's words, such as {@code tempo}, {@code {man} 3, footwork}, {@code figures 4};
 *     roles are named as {@link fluidframe.core.couple.RoleWords} tells
 * @param before what the first state says, empty if nothing
 * @param after what the second says, empty if nothing
 */
public record Difference(String where, String before, String after) {}
