package fluidframe.library.exchange;

/**
 * A format that something kept can be given out in.
 *
 * @param <T> what is given out
 */
public interface Export<T> {
    /** By which it is asked for, such as {@code yaml}; also the ending of its files. */
    String format();

    /** What it is, for somebody who chooses. */
    String title();

    String mediaType();

    /** @param id of what is given out */
    byte[] write(String id, T value);

    /** One made of its parts. */
    static <T> Export<T> of(String format, String title, String mediaType, Writer<T> writer) {
        return new Export<>() {
            @Override
            public String format() {
                return format;
            }

            @Override
            public String title() {
                return title;
            }

            @Override
            public String mediaType() {
                return mediaType;
            }

            @Override
            public byte[] write(String id, T value) {
                return writer.write(id, value);
            }
        };
    }

    /** What writes a file. */
    interface Writer<T> {
        byte[] write(String id, T value);
    }
}
