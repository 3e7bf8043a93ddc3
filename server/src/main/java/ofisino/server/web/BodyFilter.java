package ofisino.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Puts limits on every body, on every path, before anybody asks who sends it. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class BodyFilter extends OncePerRequestFilter {
    static final long LARGEST_TEXT = 256 * 1024;
    /** A photo of 100 megapixels as a phone keeps it, or a scan of many pages. */
    static final long LARGEST_FILE = 64 * 1024 * 1024;

    private final Answers answers;

    BodyFilter(Answers answers) {
        this.answers = answers;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String type =
                request.getContentType() == null ? "" : request.getContentType().toLowerCase(java.util.Locale.ROOT);
        if (type.startsWith("multipart/") || type.startsWith("application/x-www-form-urlencoded")) {
            answers.problem(
                    response,
                    new Refused(
                            HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                            "request.form",
                            "Forms are not read here: send JSON, or a file as it is."));
            return;
        }
        boolean file = type.startsWith("image/")
                || type.startsWith("application/pdf")
                || type.startsWith("application/octet-stream");
        long most = file ? LARGEST_FILE : LARGEST_TEXT;
        if (request.getContentLengthLong() > most) {
            answers.problem(response, Refused.tooLarge(most));
            return;
        }
        chain.doFilter(new Body(request, most), response);
    }
}
