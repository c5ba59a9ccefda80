package fluidframe.server.command;

import fluidframe.server.access.LocalKey;
import fluidframe.server.store.Address;
import java.net.URI;
import java.net.http.HttpRequest;

/** A studio that another process has open, asked as its coach also while its page is locked. */
record Running(Address at) {
    HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(at.url() + path)).header(LocalKey.HEADER, at.key());
    }
}
