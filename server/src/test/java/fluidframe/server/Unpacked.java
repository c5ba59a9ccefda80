package fluidframe.server;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.stream.Stream;

/** The packaged application unpacked, with an archive of the classes that a start loads: a start takes a third of the time. */
final class Unpacked {
    private static final Path JAR = Path.of(System.getProperty("fluidframe.jar", "target/fluidframe.jar"));
    private static final Path FOLDER = JAR.resolveSibling("tested-app");
    private static final Path ARCHIVE = FOLDER.resolve("classes.jsa");
    private static boolean ready;

    private Unpacked() {}

    /** The words that start it; the application's arguments follow. */
    static synchronized List<String> command() {
        try {
            if (!ready) unpack();
            ready = true;
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        return List.of(
                java(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+ExitOnOutOfMemoryError",
                "-Xmx768m",
                "-XX:SharedArchiveFile=" + ARCHIVE,
                "-Xshare:auto",
                "-Dspring.aot.enabled=true",
                "-jar",
                FOLDER.resolve("fluidframe.jar").toString());
    }

    /** Puts the studio that the recorded run furnished into an empty folder, which is quicker than furnishing another. */
    static void furnish(Path data) throws IOException {
        command();
        Path studio = FOLDER.resolve("training");
        try (Stream<Path> all = Files.walk(studio)) {
            for (Path each : all.toList()) {
                Path copy = data.resolve(studio.relativize(each).toString());
                if (Files.isDirectory(each)) Files.createDirectories(copy);
                else Files.copy(each, copy);
            }
        }
    }

    private static String java() {
        return Path.of(System.getProperty("java.home"), "bin", "java").toString();
    }

    /** Done once, by one of the processes that test beside each other while the others wait. */
    private static void unpack() throws IOException {
        Path lock = JAR.resolveSibling("tested-app.lock");
        try (FileChannel file = FileChannel.open(lock, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                FileLock held = file.lock()) {
            if (held.isValid()) unpackAlone();
        }
    }

    private static void unpackAlone() throws IOException {
        boolean fresh = Files.exists(ARCHIVE)
                && Files.getLastModifiedTime(ARCHIVE).compareTo(Files.getLastModifiedTime(JAR)) > 0;
        if (fresh) return;
        if (Files.exists(FOLDER)) delete(FOLDER);
        run(java(), "-Djarmode=tools", "-jar", JAR.toString(), "extract", "--destination", FOLDER.toString());
        run(
                java(),
                "-XX:ArchiveClassesAtExit=" + ARCHIVE,
                "-Dspring.aot.enabled=true",
                "-jar",
                FOLDER.resolve("fluidframe.jar").toString(),
                "--fluidframe.training=true",
                "--fluidframe.demo=true",
                "--fluidframe.data=" + FOLDER.resolve("training"),
                "--fluidframe.port=0");
    }

    private static void run(String... words) throws IOException {
        Process process = new ProcessBuilder(words)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        process.onExit().join();
    }

    private static void delete(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path each : all.sorted(java.util.Comparator.reverseOrder()).toList()) Files.delete(each);
        }
    }
}
