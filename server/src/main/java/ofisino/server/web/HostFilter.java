package ofisino.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only to the addresses of this machine. A page from elsewhere could give its own name the address of this machine (DNS rebinding)
 * and would then count as one of ours; it cannot do that with an address in numbers.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 5)
class HostFilter extends OncePerRequestFilter {
    private static final Pattern IN_NUMBERS = Pattern.compile("\\d{1,3}(\\.\\d{1,3}){3}|\\[[0-9a-f:.]+]");
    private final Answers answers;

    HostFilter(Answers answers) {
        this.answers = answers;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (isThisMachine(request.getHeader("Host"))) chain.doFilter(request, response);
        else
            answers.problem(
                    response,
                    new Refused(
                            HttpStatus.MISDIRECTED_REQUEST,
                            "request.host",
                            "Ofisino does not answer under this name. Open the address that ./ofisino status shows."));
    }

    static boolean isThisMachine(String host) {
        if (host == null) return false;
        String name = host.toLowerCase(Locale.ROOT).replaceFirst(":\\d+$", "");
        return name.equals("localhost") || IN_NUMBERS.matcher(name).matches();
    }
}
