/** What is shown to devices on the network, what they may change, and where the coach decides about them. */
package fluidframe.server.sharing;
