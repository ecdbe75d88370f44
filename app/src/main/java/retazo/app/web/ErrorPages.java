package retazo.app.web;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.ModelAndView;

/** What is shown when a request was refused before any page of ours could answer it: a page to people, to other programs what they read. */
@Controller
class ErrorPages implements ErrorController {

    private static final Set<Integer> WITH_A_PAGE = Set.of(400, 403, 404, 409, 500, 503);
    private static final int FIRST_OF_OURS = 500;

    @RequestMapping("${server.error.path:/error}")
    Object error(HttpServletRequest request) {
        int status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
                ? code
                : HttpStatus.NOT_FOUND.value();
        if (String.valueOf(request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI)).startsWith("/api/")) {
            HttpStatus known = HttpStatus.resolve(status);
            return ResponseEntity.status(status).contentType(MediaType.APPLICATION_JSON)
                    .body(Map.of("error", known == null ? "refused" : known.getReasonPhrase().toLowerCase(Locale.ROOT)));
        }
        int page = WITH_A_PAGE.contains(status) ? status : status < FIRST_OF_OURS ? 400 : FIRST_OF_OURS;
        return new ModelAndView("error/" + page, HttpStatus.valueOf(status));
    }
}
