/** The two dancers together: roles, couple positions as data, holds. Offsets are metres in the man's own frame. */
package fluidframe.core.couple;
