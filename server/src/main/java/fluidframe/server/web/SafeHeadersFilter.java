package fluidframe.server.web;

import fluidframe.server.access.Door;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Tells the browser what this application's pages may do: run their own files and nothing else, in no frame of others. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class SafeHeadersFilter extends OncePerRequestFilter {
    /** The page starts itself with one script inside it; its content is known, so it is allowed by its hash. */
    private static final Pattern INLINE_SCRIPT = Pattern.compile("<script>(.*?)</script>", Pattern.DOTALL);

    /** The one style attribute in the page: of the line in which the front end's router tells screen readers of a new page. */
    private static final String ANNOUNCER_STYLE = "'sha256-S8qMpvofolR8Mpjy4kQvEm7m1q8clzU4dfDH0AmvZjo='";

    /** A sheet to look at brings its own styles, runs nothing, and is shown within a page of ours. */
    private static final String SHEET_POLICY =
            "default-src 'none'; style-src 'unsafe-inline'; font-src 'self'; img-src data:;"
                    + " base-uri 'none'; form-action 'none'; frame-ancestors 'self'";

    private final Map<String, String> headers;
    private final Door door;

    SafeHeadersFilter(Door door) {
        this.door = door;
        headers = Map.of(
                "Content-Security-Policy",
                "default-src 'none'; script-src 'self'" + inlineScripts()
                        + "; style-src 'self'; style-src-attr 'unsafe-hashes' " + ANNOUNCER_STYLE
                        + "; img-src 'self' data: blob:; font-src 'self'; media-src 'self' blob:;"
                        + " connect-src 'self'; worker-src 'self'; frame-src 'self'; base-uri 'none'; form-action 'self';"
                        + " frame-ancestors 'none'",
                "X-Content-Type-Options",
                "nosniff",
                "X-Frame-Options",
                "DENY",
                "Referrer-Policy",
                "no-referrer",
                "Cross-Origin-Resource-Policy",
                "same-origin");
    }

    private static String inlineScripts() {
        ClassPathResource page = new ClassPathResource("static/index.html");
        if (!page.exists()) return "";
        try {
            return INLINE_SCRIPT
                    .matcher(page.getContentAsString(StandardCharsets.UTF_8))
                    .results()
                    .map((MatchResult script) -> " 'sha256-" + hash(script.group(1)) + "'")
                    .collect(Collectors.joining());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String hash(String script) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(script.getBytes(StandardCharsets.UTF_8));
            return Base64.getEncoder().encodeToString(digest);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        headers.forEach(response::setHeader);
        // Browsers take it only over connections that they trust, and complain of it on others.
        if (!door.isOfNetwork(request)) response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        if (request.getRequestURI().startsWith("/api/handouts/")) {
            response.setHeader("Content-Security-Policy", SHEET_POLICY);
            response.setHeader("X-Frame-Options", "SAMEORIGIN");
        }
        chain.doFilter(request, response);
    }
}
