package retazo.app.web;

import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.BeansException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.orm.jpa.JpaSystemException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.ui.Model;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.support.MissingServletRequestPartException;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.UnreadableException;
import retazo.app.shared.Words;

/** Turns what went wrong into one of our own pages. */
@ControllerAdvice
class ErrorAdvice {

    private static final Logger LOG = LoggerFactory.getLogger(ErrorAdvice.class);

    private final Words words;
    private final RoomOnDisk room;

    ErrorAdvice(Words words, RoomOnDisk room) {
        this.words = words;
        this.room = room;
    }

    @ExceptionHandler({NotFoundException.class, MethodArgumentTypeMismatchException.class})
    @ResponseStatus(HttpStatus.NOT_FOUND)
    String notFound() {
        return "error/404";
    }

    /** What was kept cannot be read; all else goes on. */
    @ExceptionHandler(UnreadableException.class)
    @ResponseStatus(HttpStatus.UNPROCESSABLE_CONTENT)
    String unreadable(UnreadableException fault, Model model) {
        model.addAttribute("what", fault.what());
        model.addAttribute("why", fault.problems().stream()
                .map(problem -> problem.place().isEmpty() ? words.of(problem) : problem.place() + ": " + words.of(problem)).toList());
        return "error/unreadable";
    }

    @ExceptionHandler({MissingServletRequestParameterException.class, MethodArgumentNotValidException.class,
            MissingServletRequestPartException.class, BeansException.class})
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    String incomplete() {
        return "error/400";
    }

    @ExceptionHandler({OptimisticLockingFailureException.class, DataIntegrityViolationException.class})
    @ResponseStatus(HttpStatus.CONFLICT)
    String changedMeanwhile(Exception cause) {
        LOG.info("Not saved, since it was changed meanwhile: cause='{}'", cause.getMessage());
        return "error/409";
    }

    /** The database could not be reached before anything was begun, or had no room to go on. */
    @ExceptionHandler({CannotCreateTransactionException.class, DataAccessResourceFailureException.class})
    @ResponseStatus(HttpStatus.SERVICE_UNAVAILABLE)
    String away(Exception cause) {
        if (isFull(cause)) {
            return "error/full";
        }
        LOG.warn("The database could not be reached: cause='{}'", cause.getMessage());
        return "error/503";
    }

    /** Somebody else held what was needed for too long, or the answer of the database was lost: what was sent may be booked. */
    @ExceptionHandler({TransientDataAccessException.class, TransactionSystemException.class})
    @ResponseStatus(HttpStatus.SERVICE_UNAVAILABLE)
    String unsure(Exception cause) {
        if (isFull(cause)) {
            return "error/full";
        }
        LOG.warn("Nobody knows whether a request was booked: cause='{}'", cause.getMessage());
        return "error/unsure";
    }

    /** What the database said that nothing else stands for; only want of room is ours to tell. */
    @ExceptionHandler(JpaSystemException.class)
    @ResponseStatus(HttpStatus.SERVICE_UNAVAILABLE)
    String full(JpaSystemException cause) {
        if (isFull(cause)) {
            return "error/full";
        }
        throw cause;
    }

    private boolean isFull(Exception cause) {
        boolean full = DatabaseFault.of(cause).equals(Optional.of(DatabaseFault.FULL));
        if (full) {
            LOG.warn("The database has no room left: cause='{}'", cause.getMessage());
            room.isMissing();
        }
        return full;
    }
}
