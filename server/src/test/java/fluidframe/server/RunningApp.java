package fluidframe.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The packaged application as a process of its own, with its own data folder and port. */
public final class RunningApp implements AutoCloseable {
    private static final HttpClient CLIENT =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(10)).build();
    private static final long START_SECONDS = 120;

    private final List<String> command;
    private Process process;
    private final int port;
    private final int networkPort;
    private final Path log;

    private RunningApp(List<String> command, int port, int networkPort, Path log) {
        this.command = command;
        this.port = port;
        this.networkPort = networkPort;
        this.log = log;
    }

    /** Starts with demo data and waits until the first answer. */
    public static RunningApp start(Path data) {
        return start(data, List.of(), List.of());
    }

    /** The same over a copy of a studio that has been furnished already. */
    public static RunningApp startFurnished(Path data) {
        try {
            Unpacked.furnish(data);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return start(data);
    }

    /**
     * Starts with demo data and waits until the first answer.
     *
     * @param before words of a command that starts the process, such as a limit on what it may use
     * @param more further arguments of the application
     */
    public static RunningApp start(Path data, List<String> before, List<String> more) {
        RunningApp app = begin(data, before, more);
        app.await();
        return app;
    }

    /** Starts the process without waiting for anything. */
    public static RunningApp begin(Path data, List<String> before, List<String> more) {
        try {
            int port;
            int networkPort;
            try (ServerSocket socket = new ServerSocket(0);
                    ServerSocket other = new ServerSocket(0)) {
                port = socket.getLocalPort();
                networkPort = other.getLocalPort();
            }
            List<String> command = new ArrayList<>(before);
            command.addAll(Unpacked.command());
            command.addAll(List.of("--fluidframe.demo=true", "--fluidframe.data=" + data, "--fluidframe.port=" + port));
            command.add("--fluidframe.network-port=" + networkPort);
            command.addAll(more);
            RunningApp app = new RunningApp(command, port, networkPort, Files.createTempFile("fluidframe", ".log"));
            app.launch();
            return app;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void launch() throws IOException {
        process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
    }

    /** Starts again what has ended, at the same address over the same data. */
    public void again() {
        try {
            launch();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        await();
    }

    /** Waits for the first answer. */
    public void await() {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(START_SECONDS);
        while (System.nanoTime() < end && process.isAlive()) {
            try {
                // One that is locked says so, which is an answer too.
                int status = send("GET", "/api/routines", null).statusCode();
                if (status == 200 || status == 401) return;
            } catch (UncheckedIOException e) {
                pause();
            }
        }
        throw new IllegalStateException("The application did not start in " + START_SECONDS + " s; it said: " + said());
    }

    private static void pause() {
        try {
            TimeUnit.MILLISECONDS.sleep(50);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** What the process has written so far. */
    public String said() {
        try {
            return Files.readString(log);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Sends JSON, or nothing. */
    public HttpResponse<String> send(String method, String path, String body) {
        HttpRequest.BodyPublisher publisher =
                body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body);
        return send(HttpRequest.newBuilder(URI.create(url(path)))
                .header("Content-Type", "application/json")
                .method(method, publisher)
                .build());
    }

    public HttpResponse<String> send(HttpRequest request) {
        try {
            return CLIENT.send(request, HttpResponse.BodyHandlers.ofString());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    public String url(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    /** Where the network sees it while it is shared. */
    public int networkPort() {
        return networkPort;
    }

    public int port() {
        return port;
    }

    public long pid() {
        return process.pid();
    }

    public boolean isAlive() {
        return process.isAlive();
    }

    /** Waits for the process to end by itself and answers its exit code. */
    public int exit() {
        return process.onExit().join().exitValue();
    }

    /** Ends the process at once, as a power cut would. */
    public void kill() {
        process.destroyForcibly();
        process.onExit().join();
    }

    /** Asks the process to end, as Ctrl+C does, and waits for it. */
    public void stop() {
        process.destroy();
        process.onExit().join();
    }

    @Override
    public void close() {
        kill();
    }
}
