package fluidframe.server.web;

import fluidframe.server.refusal.Refusal;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses bodies that are too large before anything of them is parsed: 2 MB, files 8 MB, recordings 60 MB, backups 256 MB. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
class BodyLimitFilter extends OncePerRequestFilter {
    private static final int MEGABYTE = 1 << 20;
    private static final long BODY_BYTES = 2L * MEGABYTE;
    private static final long FILE_BYTES = 8L * MEGABYTE;
    private static final long SOUND_BYTES = 60L * MEGABYTE;
    private static final long BACKUP_BYTES = 256L * MEGABYTE;

    /** Thrown when a body that did not say its length turns out to be too large. */
    static final class TooLarge extends IOException {
        private static final long serialVersionUID = 1L;

        private TooLarge(long most) {
            super(sentence(most));
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long most = isBackup(request)
                ? BACKUP_BYTES
                : isSound(request) ? SOUND_BYTES : isFile(request) ? FILE_BYTES : BODY_BYTES;
        if (request.getContentLengthLong() > most) {
            response.setHeader("Connection", "close");
            Refusal.send(response, HttpStatus.PAYLOAD_TOO_LARGE, "Too large", sentence(most));
            return;
        }
        chain.doFilter(request.getContentLengthLong() < 0 ? new Counted(request, most) : request, response);
    }

    private static boolean isBackup(HttpServletRequest request) {
        return "application/zip".equals(request.getContentType());
    }

    private static boolean isSound(HttpServletRequest request) {
        String type = request.getContentType();
        return type != null
                && type.startsWith("application/octet-stream")
                && request.getRequestURI().startsWith("/api/recordings");
    }

    private static boolean isFile(HttpServletRequest request) {
        String type = request.getContentType();
        return type != null
                && (type.startsWith("application/yaml")
                        || type.startsWith("audio/midi")
                        || type.startsWith("application/octet-stream")
                        || request.getRequestURI().startsWith("/api/intake"));
    }

    static String sentence(long most) {
        return "This is larger than " + most / MEGABYTE + " MB, the most that is taken at once. Nothing of it was kept:"
                + " take it in smaller pieces.";
    }

    /** A request whose body is counted as it is read. */
    private static final class Counted extends HttpServletRequestWrapper {
        private final long most;

        private Counted(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new CountedStream(super.getInputStream(), most);
        }
    }

    private static final class CountedStream extends ServletInputStream {
        private final ServletInputStream stream;
        private final long most;
        private long read;

        private CountedStream(ServletInputStream stream, long most) {
            this.stream = stream;
            this.most = most;
        }

        private int counted(int bytes) throws IOException {
            if (bytes > 0) read += bytes;
            if (read > most) throw new TooLarge(most);
            return bytes;
        }

        @Override
        public int read() throws IOException {
            int next = stream.read();
            counted(next < 0 ? 0 : 1);
            return next;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            return counted(stream.read(bytes, from, length));
        }

        @Override
        public boolean isFinished() {
            return stream.isFinished();
        }

        @Override
        public boolean isReady() {
            return stream.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            stream.setReadListener(listener);
        }
    }
}
