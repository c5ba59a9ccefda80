/** A start that asks itself what a first visitor would ask and ends: its classes are recorded for the starts that follow. */
package fluidframe.server.training;
