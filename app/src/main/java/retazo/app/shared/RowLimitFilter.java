package retazo.app.shared;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses forms with more rows than any form of ours has; binding them to a list would fail with a fault of ours. */
@Component
class RowLimitFilter extends OncePerRequestFilter {

    private static final Pattern ROW = Pattern.compile("\\w{1,40}\\[(\\d+)]\\..*");
    private static final int MOST_DIGITS = 2;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean tooMany = request.getParameterMap().keySet().stream()
                .map(ROW::matcher)
                .filter(Matcher::matches)
                .anyMatch(row -> row.group(1).length() > MOST_DIGITS);
        if (tooMany) {
            response.sendError(HttpServletResponse.SC_BAD_REQUEST);
        } else {
            chain.doFilter(request, response);
        }
    }
}
