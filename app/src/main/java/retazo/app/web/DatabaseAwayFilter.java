package retazo.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers for the application when the database is away or has no room left before anybody is known, or when who was seen is kept at the
 * end: not even who is signed in can be read then, so the page asks for nothing, and of what was sent it only says that nobody knows. What
 * had begun is answered further inside, by {@link ErrorAdvice}.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class DatabaseAwayFilter extends OncePerRequestFilter {

    private static final Logger LOG = LoggerFactory.getLogger(DatabaseAwayFilter.class);

    private final RoomOnDisk room;
    private final byte[] page;
    private final byte[] pageAfterSending;
    private final byte[] fullPage;

    DatabaseAwayFilter(RoomOnDisk room) throws IOException {
        this.room = room;
        page = new ClassPathResource("pages/away.html").getContentAsByteArray();
        pageAfterSending = new ClassPathResource("pages/away-sent.html").getContentAsByteArray();
        fullPage = new ClassPathResource("pages/full.html").getContentAsByteArray();
    }

    @Override
    protected boolean shouldNotFilterErrorDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (ServletException | RuntimeException fault) {
            Optional<DatabaseFault> database = DatabaseFault.of(fault);
            if (response.isCommitted() || database.isEmpty()) {
                throw fault;
            }
            LOG.warn("The database is {}: cause='{}'", database.get(), fault.getMessage());
            response.reset();
            response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
            response.setHeader("Retry-After", "5");
            response.setHeader("Cache-Control", "no-store");
            response.setHeader("Content-Security-Policy", "default-src 'none'; style-src 'self'; font-src 'self'; img-src 'self'");
            response.setContentType("text/html");
            response.setCharacterEncoding(StandardCharsets.UTF_8.name());
            response.getOutputStream().write(page(database.get(), request));
        }
    }

    private byte[] page(DatabaseFault fault, HttpServletRequest request) {
        if (fault == DatabaseFault.FULL) {
            room.isMissing();
            return fullPage;
        }
        return request.getMethod().equals("GET") ? page : pageAfterSending;
    }
}
