package retazo.app.exchange;

import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import retazo.app.shared.NotFoundException;

/** Tells other programs what went wrong in the form that they read. */
@Order(0)
@RestControllerAdvice(basePackages = "retazo.app.exchange")
class ApiErrors {

    @ExceptionHandler({NotFoundException.class, MethodArgumentTypeMismatchException.class})
    @ResponseStatus(HttpStatus.NOT_FOUND)
    Map<String, String> notFound() {
        return Map.of("error", "not found");
    }

    @ExceptionHandler(MissingServletRequestParameterException.class)
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    Map<String, String> missing(MissingServletRequestParameterException missing) {
        return Map.of("error", "the parameter '" + missing.getParameterName() + "' is missing");
    }
}
