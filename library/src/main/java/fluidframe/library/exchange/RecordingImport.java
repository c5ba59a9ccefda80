package fluidframe.library.exchange;

/** Recordings, which are known for what they are and not kept. */
final class RecordingImport implements Import {
    @Override
    public boolean recognises(Incoming file) {
        return file.begins("RIFF")
                || file.begins("fLaC")
                || file.begins("OggS")
                || file.begins("ID3")
                || file.ends("wav", "flac", "ogg", "opus", "mp3", "m4a", "aac", "aiff", "wma");
    }

    @Override
    public Brought read(Incoming file) {
        return Brought.refused(
                "a recording",
                "This is a recording. Recordings are not kept here: begin a song instead and tap its beat while you listen.");
    }
}
