package fluidframe.server.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.sql.SQLException;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.h2.api.ErrorCode;
import org.h2.mvstore.DataUtils;
import org.h2.mvstore.MVStoreException;

/** Tells trouble with the disk from other failures, and says it in a sentence. */
final class StorageTrouble {
    private static final Set<Integer> DATABASE = Set.of(
            ErrorCode.IO_EXCEPTION_1,
            ErrorCode.IO_EXCEPTION_2,
            ErrorCode.FILE_CORRUPTED_1,
            ErrorCode.DATABASE_IS_CLOSED,
            ErrorCode.DATABASE_CALLED_AT_SHUTDOWN,
            ErrorCode.DATABASE_IS_READ_ONLY,
            ErrorCode.OBJECT_CLOSED);

    private static final Set<Integer> STORE =
            Set.of(DataUtils.ERROR_WRITING_FAILED, DataUtils.ERROR_READING_FAILED, DataUtils.ERROR_CLOSED);

    private StorageTrouble() {}

    /** What to tell somebody whose request failed with this; empty if the disk is not to blame. */
    static Optional<String> sentence(Throwable failure) {
        boolean disk = false;
        String reason = "it cannot be written";
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql && DATABASE.contains(sql.getErrorCode())) disk = true;
            if (cause instanceof MVStoreException store && STORE.contains(store.getErrorCode())) disk = true;
            if (cause instanceof UncheckedIOException) disk = true;
            if (cause instanceof IOException io && disk) reason = reason(io);
        }
        return disk
                ? Optional.of("The disk with the data folder does not take it (" + reason
                        + "): this was not saved. What was saved before is safe. Make room and do it again.")
                : Optional.empty();
    }

    /** Whether another process has the database open. */
    static boolean isInUse(SQLException failure) {
        return failure.getErrorCode() == ErrorCode.DATABASE_ALREADY_OPEN_1;
    }

    /** A reason in a few words: {@code "the disk is full"}. */
    static String reason(Throwable failure) {
        Throwable io = failure instanceof UncheckedIOException ? failure.getCause() : failure;
        String text = String.valueOf(io.getMessage()).toLowerCase(Locale.ROOT);
        if (text.contains("no space") || text.contains("quota")) return "the disk is full";
        if (text.contains("file too large")) return "the largest size of a file is reached";
        if (text.contains("read-only")) return "it is read-only";
        if (io instanceof AccessDeniedException || text.contains("permission denied")) return "permission denied";
        if (text.contains("not a directory")) return "part of the path is a file";
        if (io instanceof java.nio.file.FileAlreadyExistsException) return "there is a file of that name";
        if (io instanceof FileSystemException system && system.getReason() != null) {
            return system.getReason().toLowerCase(Locale.ROOT);
        }
        return "it cannot be written";
    }
}
