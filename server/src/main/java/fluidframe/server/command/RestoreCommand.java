package fluidframe.server.command;

import fluidframe.library.archive.ArchiveReader;
import fluidframe.library.archive.Manifest;
import fluidframe.server.backup.BackupView;
import fluidframe.server.backup.Backups;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Puts a studio back as a backup has it. */
@Command(
        name = "restore",
        description = {
            "Puts a studio back as a backup has it. What is there now is backed up first.",
            "Of a damaged backup everything is read that is still sound, and what is not is said."
        },
        mixinStandardHelpOptions = true,
        exitCodeListHeading = "Exit codes:%n",
        exitCodeList = {
            "0:everything is back",
            "1:what could be read is back, something could not be",
            "2:the file is no backup",
            "4:the data folder cannot be taken; stop the running studio first"
        })
final class RestoreCommand implements Callable<Integer> {
    private static final int IN_PART = 1;

    @Mixin
    private DataOption data;

    @Option(names = "--fresh", description = "Set the studio that lies there aside unread, as one that is damaged.")
    private boolean fresh;

    @Parameters(paramLabel = "FILE", description = "The backup.")
    private Path file;

    @Override
    public Integer call() {
        if (!Files.isRegularFile(file)) throw new IllegalArgumentException("There is no file " + file.toAbsolutePath());
        try (ArchiveReader archive = ArchiveReader.open(file)) {
            Optional<Manifest> manifest = archive.manifest();
            System.out.println(manifest.map(known -> file + " of " + known.made() + " holds "
                            + known.documents().size() + " documents.")
                    .orElse(file + " is damaged: what is sound in it is read."));
        } catch (IOException e) {
            throw new IllegalArgumentException(file + ": " + e.getMessage(), e);
        }
        BackupView.Done done = Studio.with(
                data.folder(), fresh, studio -> studio.getBean(Backups.class).restore(file));
        done.problems().forEach(System.err::println);
        System.out.println("Restored: " + done.documents() + " documents, " + done.rows()
                + " rows. What was there before: " + done.before());
        return done.problems().isEmpty() ? CommandLineTool.DONE : IN_PART;
    }
}
