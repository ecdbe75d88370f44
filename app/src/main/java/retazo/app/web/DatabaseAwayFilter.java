package retazo.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLTransientConnectionException;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers for the application when the database is away before anybody is known: not even who is signed in can be read then, so the page
 * asks for nothing, and of what was sent it only says that nobody knows. What had begun is answered further inside, by {@link ErrorAdvice}.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class DatabaseAwayFilter extends OncePerRequestFilter {

    private static final Logger LOG = LoggerFactory.getLogger(DatabaseAwayFilter.class);

    private final byte[] page;
    private final byte[] pageAfterSending;

    DatabaseAwayFilter() throws IOException {
        page = new ClassPathResource("pages/away.html").getContentAsByteArray();
        pageAfterSending = new ClassPathResource("pages/away-sent.html").getContentAsByteArray();
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
            if (response.isCommitted() || !isAway(fault)) {
                throw fault;
            }
            LOG.warn("The database could not be reached: cause='{}'", fault.getMessage());
            response.reset();
            response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
            response.setHeader("Retry-After", "5");
            response.setHeader("Cache-Control", "no-store");
            response.setHeader("Content-Security-Policy", "default-src 'none'; style-src 'self'; font-src 'self'; img-src 'self'");
            response.setContentType("text/html");
            response.setCharacterEncoding(StandardCharsets.UTF_8.name());
            response.getOutputStream().write(request.getMethod().equals("GET") ? page : pageAfterSending);
        }
    }

    private static boolean isAway(Throwable fault) {
        return Stream.iterate(fault, cause -> cause != null, Throwable::getCause).limit(10).anyMatch(
                cause -> cause instanceof CannotGetJdbcConnectionException || cause instanceof CannotCreateTransactionException
                        || cause instanceof DataAccessResourceFailureException || cause instanceof SQLTransientConnectionException);
    }
}
