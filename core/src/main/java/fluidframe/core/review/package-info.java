/** When something is to be recalled again: a published model of forgetting. */
package fluidframe.core.review;
