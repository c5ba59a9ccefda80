package fluidframe.server.access;

import java.time.Duration;
import org.springframework.http.ResponseCookie;

/** The cookie in which a device keeps its token: no script reads it, and no other site makes a browser send it. */
public final class DeviceCookie {
    static final String NAME = "fluidframe-device";
    private static final Duration KEPT = Duration.ofDays(365);

    private DeviceCookie() {}

    /** As a header says it. */
    public static String of(String token) {
        return ResponseCookie.from(NAME, token)
                .httpOnly(true)
                .sameSite("Strict")
                .path("/")
                .maxAge(KEPT)
                .build()
                .toString();
    }
}
