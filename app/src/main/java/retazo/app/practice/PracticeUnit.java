package retazo.app.practice;

import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import retazo.app.shared.ShopUnit;
import retazo.core.measure.LengthUnit;

/** The unit that the shop has set, looked up once for each request. */
@Component
class PracticeUnit implements ShopUnit {

    private static final String KEPT = PracticeUnit.class.getName();

    private final PracticeService practice;

    PracticeUnit(PracticeService practice) {
        this.practice = practice;
    }

    @Override
    public LengthUnit sellingUnit() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request == null) {
            return practice.practice().sellingUnit();
        }
        Object kept = request.getAttribute(KEPT, RequestAttributes.SCOPE_REQUEST);
        LengthUnit unit = kept instanceof LengthUnit known ? known : practice.practice().sellingUnit();
        request.setAttribute(KEPT, unit, RequestAttributes.SCOPE_REQUEST);
        return unit;
    }
}
