/** Lessons: their plan in the order of work, out of what is worked on, what was seen and what was promised. */
package fluidframe.core.lesson;
