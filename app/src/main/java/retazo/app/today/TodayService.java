package retazo.app.today;

import java.util.Map;
import org.springframework.stereotype.Service;
import retazo.app.staff.SignedIn;

/** Gathers what waits. */
@Service
class TodayService {

    Waiting waiting(SignedIn person) {
        return new Waiting(Map.of(), 0);
    }
}
