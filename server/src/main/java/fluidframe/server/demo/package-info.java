/** Made-up data for a first look: nobody and nothing in it is real. */
package fluidframe.server.demo;
