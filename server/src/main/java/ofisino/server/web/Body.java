package ofisino.server.web;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.time.Duration;
import java.util.concurrent.TimeUnit;
import org.springframework.http.HttpStatus;

/**
 * The body of a request as it comes in: at most so many bytes, not slower than a bad telephone line, and weighed on the way, so that a
 * repeat of the same request is known as one.
 */
public final class Body extends HttpServletRequestWrapper {
    /** A line slower than this is given up after {@link #PATIENCE}: who waits for it holds a place that others need. */
    static final long SLOWEST_BYTES_PER_SECOND = 4_000;

    static final Duration PATIENCE = Duration.ofSeconds(20);

    private final long most;
    private final MessageDigest digest = Sha256.digest();
    private ServletInputStream stream;

    Body(HttpServletRequest request, long most) {
        super(request);
        this.most = most;
    }

    /** The body of this request, however often it was wrapped since. */
    public static Body of(ServletRequest request) {
        ServletRequest inner = request;
        while (!(inner instanceof Body) && inner instanceof jakarta.servlet.ServletRequestWrapper wrapper)
            inner = wrapper.getRequest();
        if (inner instanceof Body body) return body;
        throw new IllegalStateException("the body of this request has no limits");
    }

    /** SHA-256 of what was read until now. */
    public byte[] sha256() {
        return Sha256.copy(digest).digest();
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        if (stream == null) stream = new Limited(super.getInputStream());
        return stream;
    }

    @Override
    public BufferedReader getReader() throws IOException {
        return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }

    private final class Limited extends ServletInputStream {
        private final ServletInputStream source;
        private final long begun = System.nanoTime();
        private long read;

        Limited(ServletInputStream source) {
            this.source = source;
        }

        @Override
        public int read() throws IOException {
            byte[] one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 0xFF;
        }

        @Override
        public int read(byte[] into, int offset, int length) throws IOException {
            int n = source.read(into, offset, length);
            if (n > 0) {
                digest.update(into, offset, n);
                read += n;
            }
            if (read > most) throw Refused.tooLarge(most);
            if (n >= 0 && tooSlow())
                throw new Refused(
                        HttpStatus.REQUEST_TIMEOUT,
                        "request.too-slow",
                        "The connection is too slow and nothing was saved. Move closer to the router and try again.");
            return n;
        }

        private boolean tooSlow() {
            long seconds = TimeUnit.NANOSECONDS.toSeconds(System.nanoTime() - begun);
            return seconds > PATIENCE.toSeconds() && read < seconds * SLOWEST_BYTES_PER_SECOND;
        }

        @Override
        public boolean isFinished() {
            return source.isFinished();
        }

        @Override
        public boolean isReady() {
            return source.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            throw new UnsupportedOperationException("a body is read at once");
        }
    }
}
