/** Words that a coach types, and those which come nearest to them. */
package fluidframe.core.words;
