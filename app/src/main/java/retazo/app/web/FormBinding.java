package retazo.app.web;

import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.InitBinder;

/** Forms are made from the fields that they name, and from nothing else that a request may bring. */
@ControllerAdvice
class FormBinding {

    @InitBinder
    void onlyWhatIsNamed(WebDataBinder binder) {
        binder.setDeclarativeBinding(true);
    }
}
