package fluidframe.server.check;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import fluidframe.core.check.RuleBook;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Sheet;
import fluidframe.library.ChartReader;
import fluidframe.library.Problem;
import fluidframe.library.ReadResult;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * {@code check [--json] FILE...}: prints what the rules find. Exit code 0 without broken findings, 1 with at least one,
 * 2 if a file cannot be read or no file is named.
 */
public final class CheckCommand {
    /** The largest file read, in bytes. */
    private static final long MAX_BYTES = 2_000_000;

    /** One line of the answer; {@code role} is null for the figure as a whole, {@code step} counts from 1. */
    record Line(String file, String rule, String severity, String role, int step, String message) {}

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
            err.println("Usage: check [--json] FILE...   (charts in the format fluidframe/figure@1, YAML or JSON)");
            return 2;
        }
        List<Line> lines = new ArrayList<>();
        boolean unreadable = false;
        for (String file : files) unreadable |= !check(file, lines);
        if (json) printJson(lines);
        else printText(lines, files.size());
        boolean broken = lines.stream().anyMatch(line -> line.severity().equals("broken"));
        return unreadable ? 2 : broken ? 1 : 0;
    }

    private boolean check(String file, List<Line> lines) {
        String text;
        try {
            Path path = Path.of(file);
            if (Files.size(path) > MAX_BYTES) return refuse(file, "is larger than " + MAX_BYTES + " bytes");
            text = Files.readString(path);
        } catch (NoSuchFileException e) {
            return refuse(file, "does not exist");
        } catch (MalformedInputException e) {
            return refuse(file, "is not UTF-8 text");
        } catch (IOException | InvalidPathException e) {
            return refuse(file, "cannot be read: " + e.getMessage());
        }
        ReadResult result = ChartReader.read(text);
        for (Problem problem : result.problems()) err.println(file + ": " + problem);
        if (result.chart().isEmpty()) return false;
        for (RuleBook.Checked checked :
                RuleBook.standard().checkWithVariants(Sheet.of(result.chart().get()))) {
            if (!checked.isOpen()) continue;
            Finding finding = checked.finding();
            String message =
                    checked.variant().map(v -> "In the variant \"" + v + "\": ").orElse("") + finding.reason();
            lines.add(new Line(
                    file,
                    finding.rule().text(),
                    finding.severity().toString(),
                    finding.role().map(Role::toString).orElse(null),
                    finding.step(),
                    message));
        }
        return true;
    }

    private boolean refuse(String file, String why) {
        err.println(file + " " + why + ".");
        return false;
    }

    private void printText(List<Line> lines, int files) {
        for (Line line : lines) {
            String where = line.role() == null ? "" : ", " + line.role() + " " + line.step();
            out.println(line.file() + ": " + line.severity() + " [" + line.rule() + where + "] " + line.message());
        }
        long broken =
                lines.stream().filter(line -> line.severity().equals("broken")).count();
        out.println(files + (files == 1 ? " file, " : " files, ") + lines.size()
                + (lines.size() == 1 ? " finding, " : " findings, ") + broken + " broken");
    }

    private void printJson(List<Line> lines) {
        try {
            out.println(new ObjectMapper()
                    .enable(SerializationFeature.INDENT_OUTPUT)
                    .writeValueAsString(lines));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("Findings are plain texts and numbers", e);
        }
    }
}
