/** What leaves the desk on paper: sheets made of a few kinds of blocks, laid out by one template for the page and for the PDF. */
package fluidframe.server.handout;
