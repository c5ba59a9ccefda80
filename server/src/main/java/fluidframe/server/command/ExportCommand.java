package fluidframe.server.command;

import fluidframe.server.export.StudioExports;
import fluidframe.server.store.DataFolder;
import fluidframe.server.store.FolderInUse;
import fluidframe.server.store.Kind;
import java.io.IOException;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Writes one thing, or everything, in a format to take away. */
@Command(
        name = "export",
        description = {
            "Writes something kept in a format to take away, also while the studio runs.",
            "With --all everything is written into a folder, each in its open format."
        },
        mixinStandardHelpOptions = true,
        exitCodeListHeading = "Exit codes:%n",
        exitCodeList = {"0:written", "2:there is nothing of that kind, id or format", "4:the data folder cannot be read"
        })
final class ExportCommand implements Callable<Integer> {
    @Mixin
    private DataOption data;

    @Option(
            names = "--as",
            paramLabel = "FORMAT",
            defaultValue = "yaml",
            description = "yaml, json, and by kind csv, mid, ics, svg, png, pdf or html (${DEFAULT-VALUE}).")
    private String format;

    @Option(names = "--all", paramLabel = "DIR", description = "Write everything kept into this folder.")
    private Path all;

    @Option(
            names = "-o",
            paramLabel = "FILE",
            description = "Where to write it; under its own name where nothing is said.")
    private Path to;

    @Parameters(
            paramLabel = "KIND",
            index = "0",
            arity = "0..1",
            description = "figure, routine, song, event and so on.")
    private String kind;

    @Parameters(paramLabel = "ID", index = "1", arity = "0..1", description = "The id of the thing.")
    private String id;

    @Override
    public Integer call() throws Exception {
        if (all == null && (kind == null || id == null))
            throw new IllegalArgumentException("Say the kind and the id of a thing, or --all with a folder");
        if (all != null && !format.equals("yaml") && !format.equals("json"))
            throw new IllegalArgumentException("Everything is written as yaml or json, but was wanted as " + format);
        try {
            Studio.with(
                    data.folder(),
                    false,
                    studio -> Studio.checked(() -> {
                        StudioExports exports = studio.getBean(StudioExports.class);
                        return all == null ? one(exports) : everything(exports);
                    }));
        } catch (FolderInUse e) {
            if (all != null) throw e;
            fromTheRunningOne(e);
        }
        return CommandLineTool.DONE;
    }

    private Void one(StudioExports exports) throws IOException {
        StudioExports.File file = exports.file(Kind.parse(kind), id, format);
        write(to == null ? Path.of(file.name()) : to, file.bytes());
        return null;
    }

    private Void everything(StudioExports exports) throws IOException {
        int count = 0;
        for (Kind of : Kind.values()) {
            Path folder = Files.createDirectories(all.resolve(of.toString()));
            for (String each : exports.ids(of)) {
                String name = URLEncoder.encode(each, StandardCharsets.UTF_8) + "." + format;
                Files.write(folder.resolve(name), exports.file(of, each, format).bytes());
                count++;
            }
        }
        System.out.println("Written: " + count + " files into " + all);
        return null;
    }

    private static void write(Path file, byte[] bytes) throws IOException {
        Files.write(file, bytes);
        System.out.println("Written: " + file + " (" + bytes.length + " bytes)");
    }

    private void fromTheRunningOne(FolderInUse inUse) throws IOException, InterruptedException {
        String path = "/api/exports/" + URLEncoder.encode(kind, StandardCharsets.UTF_8) + "/"
                + URLEncoder.encode(id, StandardCharsets.UTF_8) + "/"
                + URLEncoder.encode(format, StandardCharsets.UTF_8);
        Running studio = new Running(DataFolder.addressOf(data.folder()).orElseThrow(() -> inUse));
        HttpResponse<byte[]> answer =
                HttpClient.newHttpClient().send(studio.request(path).build(), HttpResponse.BodyHandlers.ofByteArray());
        if (answer.statusCode() != 200)
            throw new IllegalArgumentException(new String(answer.body(), StandardCharsets.UTF_8));
        write(to == null ? Path.of(id + "." + format) : to, answer.body());
    }
}
