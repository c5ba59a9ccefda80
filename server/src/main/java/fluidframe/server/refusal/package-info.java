/** What every feature may refuse with; {@code web} turns it into problem details. */
package fluidframe.server.refusal;
