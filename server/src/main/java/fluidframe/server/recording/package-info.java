/** Recordings of songs: their sound kept beside the studio's file, listened to, corrected, and played by the house band. */
package fluidframe.server.recording;
