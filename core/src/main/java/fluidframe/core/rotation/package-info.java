/** Who dances with whom in a class, round by round. */
package fluidframe.core.rotation;
