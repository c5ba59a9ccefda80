/** Files taken in: looked at first, decided on thing by thing, taken in one step that can be undone. */
package fluidframe.server.intake;
