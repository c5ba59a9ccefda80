/** Practice cards: one file that dances, counts and is ticked off on a phone without a network. */
package fluidframe.server.card;
