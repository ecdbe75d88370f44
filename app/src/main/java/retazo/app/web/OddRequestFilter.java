package retazo.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses what no page of ours sends and no browser lets anybody type: fields with other names than ours have, more rows than any form
 * has, the sign that no text of a database can hold. All else is read field by field and answered there.
 */
@Component
class OddRequestFilter extends OncePerRequestFilter {

    /** {@code words}, {@code sizes[3].name}, {@code bags[4711]}. */
    private static final Pattern NAME = Pattern
            .compile("_csrf|[A-Za-z]\\w{0,39}(\\[[\\w-]{1,40}])?(\\.[A-Za-z]\\w{0,39}(\\[\\d{1,4}])?){0,4}");
    private static final Pattern ROW = Pattern.compile("\\w{1,40}\\[(\\d+)]\\..*");
    private static final int MOST_DIGITS = 2;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getParameterMap().entrySet().stream().anyMatch(OddRequestFilter::isOdd)) {
            response.sendError(HttpServletResponse.SC_BAD_REQUEST);
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean isOdd(Map.Entry<String, String[]> field) {
        Matcher row = ROW.matcher(field.getKey());
        return !NAME.matcher(field.getKey()).matches() || row.matches() && row.group(1).length() > MOST_DIGITS
                || Arrays.stream(field.getValue()).anyMatch(value -> value.indexOf('\0') >= 0);
    }
}
