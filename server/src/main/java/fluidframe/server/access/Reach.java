package fluidframe.server.access;

/** Which of the studio's things are for which device. */
public interface Reach {
    /**
     * Whether a device may read something.
     *
     * @param kind of the thing or of the sheet about it
     * @param id of it
     * @param with id of what else it is to be read with; blank for nothing
     */
    boolean reaches(Device device, String kind, String id, String with);
}
