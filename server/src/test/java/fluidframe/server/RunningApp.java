package fluidframe.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;

/** The packaged application as a process of its own, with its own data folder and port. */
public final class RunningApp implements AutoCloseable {
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static final long START_SECONDS = 90;

    private final Process process;
    private final int port;

    private RunningApp(Process process, int port) {
        this.process = process;
        this.port = port;
    }

    /** Starts with demo data and waits until the demo studio is furnished. */
    public static RunningApp start(Path data) {
        try {
            int port;
            try (ServerSocket socket = new ServerSocket(0)) {
                port = socket.getLocalPort();
            }
            Process process = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:TieredStopAtLevel=1",
                            "-jar",
                            System.getProperty("fluidframe.jar"),
                            "--fluidframe.demo=true",
                            "--fluidframe.data=" + data,
                            "--fluidframe.port=" + port)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.appendTo(
                            data.resolve("server.log").toFile()))
                    .start();
            RunningApp app = new RunningApp(process, port);
            app.await();
            return app;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void await() {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(START_SECONDS);
        while (System.nanoTime() < end && process.isAlive()) {
            try {
                HttpResponse<String> answer = send("GET", "/api/routines", null);
                if (answer.statusCode() == 200
                        && answer.body().contains("Thursday puzzle")
                        && answer.body().contains("New opening")) return;
                Thread.onSpinWait();
            } catch (UncheckedIOException e) {
                pause();
            }
        }
        throw new IllegalStateException("The application did not start in " + START_SECONDS + " s");
    }

    private static void pause() {
        try {
            TimeUnit.MILLISECONDS.sleep(100);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    public HttpResponse<String> send(String method, String path, String body) {
        HttpRequest.BodyPublisher publisher =
                body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body);
        HttpRequest request = HttpRequest.newBuilder(URI.create(url(path)))
                .header("Content-Type", "application/json")
                .method(method, publisher)
                .build();
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

    /** Ends the process at once, as a power cut would. */
    public void kill() {
        process.destroyForcibly();
        process.onExit().join();
    }

    @Override
    public void close() {
        kill();
    }
}
