package ofisino.server.web.listening;

import java.net.BindException;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.NioEndpoint;

/**
 * Takes the port it was told, or the next one that nobody has: it finds out by taking it, since what was free a moment ago may be somebody
 * else's by now.
 */
public final class FirstFreePort extends Http11NioProtocol {
    static final int TRIES = 20;

    public FirstFreePort() {
        super(new Endpoint());
    }

    private static final class Endpoint extends NioEndpoint {
        @Override
        protected void initServerSocket() throws Exception {
            int first = getPort();
            for (int port = first; ; port++)
                try {
                    setPort(port);
                    super.initServerSocket();
                    return;
                } catch (BindException taken) {
                    doCloseServerSocket();
                    if (first == 0 || port + 1 == first + TRIES) throw taken;
                }
        }
    }
}
