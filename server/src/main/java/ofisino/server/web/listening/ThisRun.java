package ofisino.server.web.listening;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.UUID;
import ofisino.server.web.OfisinoProperties;
import org.springframework.boot.web.server.servlet.context.ServletWebServerInitializedEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Says which run of a server this is. The same name stands in the data folder, with the address that was taken: so the launcher knows
 * whether who answers there is this garage's server, and not somebody else's. Answers without the database, which may be what is gone.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 6) // after the filter that refuses foreign names of this machine
class ThisRun extends OncePerRequestFilter {
    private static final String PATH = "/api/running";

    private final UUID run = UUID.randomUUID();
    private final OfisinoProperties properties;
    private final Path file;
    private boolean written;

    ThisRun(OfisinoProperties properties) {
        this.properties = properties;
        this.file = properties.data().resolve("running");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!request.getRequestURI().equals(PATH)) {
            chain.doFilter(request, response);
            return;
        }
        response.setContentType(MediaType.TEXT_PLAIN_VALUE);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Cache-Control", "no-store");
        response.getWriter().print(run);
    }

    @EventListener
    void listening(ServletWebServerInitializedEvent event) throws IOException {
        Path being = file.resolveSibling("running.part");
        Files.writeString(
                being,
                "pid=%d%nurl=http://127.0.0.1:%d%nlan=%s%nrun=%s%n"
                        .formatted(
                                ProcessHandle.current().pid(),
                                event.getWebServer().getPort(),
                                properties.lanUrl(),
                                run));
        Files.move(being, file, StandardCopyOption.ATOMIC_MOVE);
        written = true;
    }

    @EventListener(ContextClosedEvent.class)
    void gone() throws IOException {
        if (written) Files.deleteIfExists(file);
    }
}
