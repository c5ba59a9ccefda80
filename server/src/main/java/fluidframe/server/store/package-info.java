/**
 * Where the studio lies: the folder and who has it, one writer at a time, what makes an acknowledged save safe on the disk,
 * copies, and what is said of damage.
 */
package fluidframe.server.store;
