package fluidframe.server.check;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import fluidframe.core.chart.Chart;
import fluidframe.core.link.Repertoire;
import fluidframe.library.shipped.ShippedLibrary;
import fluidframe.library.text.Problem;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * {@code check [--json] FILE...}: prints what there is to find: in figures by the rules, in routines the joins that do not hold.
 * Exit code 0 without broken findings, 1 with at least one, 2 if a file cannot be read or no file is named.
 */
public final class CheckCommand {
    /** The largest file read, in bytes. */
    private static final long MAX_BYTES = 2_000_000;

    private Repertoire repertoire;
    private final PrintStream out;
    private final PrintStream err;

    public CheckCommand(PrintStream out, PrintStream err) {
        this.out = out;
        this.err = err;
    }

    /** Checks the files named and returns the exit code. */
    public int run(List<String> arguments) {
        boolean json = arguments.contains("--json");
        List<String> files = arguments.stream().filter(a -> !a.startsWith("--")).toList();
        List<String> unknown = arguments.stream()
                .filter(a -> a.startsWith("--") && !a.equals("--json"))
                .toList();
        if (files.isEmpty() || !unknown.isEmpty()) {
            if (!unknown.isEmpty()) err.println("Unknown option " + unknown.get(0) + ".");
            err.println(
                    "Usage: check [--json] FILE...   (figures, routines, songs, events and lists in the open format, YAML or JSON)");
            return 2;
        }
        List<CheckedFile> read =
                files.stream().flatMap(file -> read(file).stream()).toList();
        for (CheckedFile file : read) {
            for (Problem problem : file.problems()) err.println(file.name() + ": " + problem);
        }
        List<CheckedFile.Line> lines = read.stream()
                .flatMap(file -> file.findings(() -> repertoire(read)).stream())
                .toList();
        boolean unreadable = read.size() < files.size()
                || read.stream().anyMatch(file -> file.value().isEmpty());
        if (json) printJson(lines);
        else printText(lines, files.size());
        boolean broken = lines.stream().anyMatch(line -> line.severity().equals("broken"));
        return unreadable ? 2 : broken ? 1 : 0;
    }

    /** The figures that ship, and those among the files. */
    private Repertoire repertoire(List<CheckedFile> read) {
        if (repertoire == null) {
            Map<String, Chart> charts = new LinkedHashMap<>();
            ShippedLibrary.load().forEach(chart -> charts.put(chart.id(), chart));
            read.forEach(file -> file.chart().ifPresent(chart -> charts.put(chart.id(), chart)));
            repertoire = Repertoire.of(charts.values());
        }
        return repertoire;
    }

    private Optional<CheckedFile> read(String file) {
        try {
            Path path = Path.of(file);
            if (Files.size(path) > MAX_BYTES) return refuse(file, "is larger than " + MAX_BYTES + " bytes");
            return Optional.of(CheckedFile.read(file, Files.readString(path)));
        } catch (NoSuchFileException e) {
            return refuse(file, "does not exist");
        } catch (MalformedInputException e) {
            return refuse(file, "is not UTF-8 text");
        } catch (IOException | InvalidPathException e) {
            return refuse(file, "cannot be read: " + e.getMessage());
        }
    }

    private Optional<CheckedFile> refuse(String file, String why) {
        err.println(file + " " + why + ".");
        return Optional.empty();
    }

    private void printText(List<CheckedFile.Line> lines, int files) {
        for (CheckedFile.Line line : lines) {
            String role = line.role() == null ? "" : line.role() + " ";
            String where = line.step() == 0 ? "" : ", " + (line.role() == null ? "place " : role) + line.step();
            out.println(line.file() + ": " + line.severity() + " [" + line.rule() + where + "] " + line.message());
        }
        long broken =
                lines.stream().filter(line -> line.severity().equals("broken")).count();
        out.println(files + (files == 1 ? " file, " : " files, ") + lines.size()
                + (lines.size() == 1 ? " finding, " : " findings, ") + broken + " broken");
    }

    private void printJson(List<CheckedFile.Line> lines) {
        try {
            out.println(new ObjectMapper()
                    .enable(SerializationFeature.INDENT_OUTPUT)
                    .writeValueAsString(lines));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("Findings are plain texts and numbers", e);
        }
    }
}
