/** What keeps an acknowledged save safe on the disk. */
package fluidframe.server.store;
