package fluidframe.server.command;

import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.server.backup.Backups;
import fluidframe.server.store.DataFolder;
import fluidframe.server.store.FolderInUse;
import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;

/** Writes the studio as one file, also while its server runs. */
@Command(
        name = "backup",
        description = "Writes the whole studio as one zip of open formats, also while it is running.",
        mixinStandardHelpOptions = true,
        exitCodeListHeading = "Exit codes:%n",
        exitCodeList = {"0:written", "2:it cannot be written there", "4:the data folder cannot be read"})
final class BackupCommand implements Callable<Integer> {
    @Mixin
    private DataOption data;

    @Parameters(
            paramLabel = "FILE",
            arity = "0..1",
            description = "Where to write it; beside the studio's other backups where nothing is said.")
    private Path file;

    @Override
    public Integer call() throws Exception {
        if (!Files.exists(data.folder().resolve("fluidframe.mv.db")))
            throw new IllegalArgumentException(
                    "There is no studio in " + data.folder().toAbsolutePath());
        if (file != null
                && file.toAbsolutePath().getParent() != null
                && !Files.isDirectory(file.toAbsolutePath().getParent()))
            throw new IllegalArgumentException(
                    "There is no folder " + file.toAbsolutePath().getParent());
        try {
            Studio.with(data.folder(), false, studio -> Studio.checked(() -> make(studio.getBean(Backups.class))));
        } catch (FolderInUse e) {
            fromTheRunningOne(e);
        }
        return CommandLineTool.DONE;
    }

    private Void make(Backups backups) throws IOException {
        if (file == null) {
            System.out.println("Written: " + backups.make().name() + " in the backups of " + data.folder());
            return null;
        }
        told(backups.writeTo(file.toAbsolutePath()));
        return null;
    }

    private void told(int documents) throws IOException {
        System.out.println("Written: " + file + " (" + documents + " documents, " + Files.size(file) + " bytes)");
    }

    private void fromTheRunningOne(FolderInUse inUse) throws IOException, InterruptedException {
        Running studio = new Running(DataFolder.addressOf(data.folder()).orElseThrow(() -> inUse));
        String at = "/api/backups";
        HttpClient client = HttpClient.newHttpClient();
        HttpResponse<String> made = client.send(
                studio.request(at).POST(HttpRequest.BodyPublishers.noBody()).build(),
                HttpResponse.BodyHandlers.ofString());
        if (made.statusCode() != 201)
            throw new IOException("The running studio could not make a backup: " + made.body());
        String name = new ObjectMapper().readTree(made.body()).path("name").asText();
        if (file == null) {
            System.out.println("Written by the running studio: " + name);
            return;
        }
        String one = at + "/" + name;
        Path part = file.resolveSibling(file.getFileName() + ".part");
        HttpResponse<Path> got =
                client.send(studio.request(one + "/file").build(), HttpResponse.BodyHandlers.ofFile(part));
        if (got.statusCode() != 200) throw new IOException("The backup " + name + " could not be fetched");
        Files.move(part, file, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        client.send(studio.request(one).DELETE().build(), HttpResponse.BodyHandlers.discarding());
        System.out.println("Written: " + file + " (" + Files.size(file) + " bytes, by the running studio)");
    }
}
