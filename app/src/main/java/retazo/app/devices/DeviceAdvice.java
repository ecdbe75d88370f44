package retazo.app.devices;

import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Lets pages show only what the shop has devices for. */
@ControllerAdvice
class DeviceAdvice {

    private final Devices devices;

    DeviceAdvice(Devices devices) {
        this.devices = devices;
    }

    @ModelAttribute("devices")
    Devices devices() {
        return devices;
    }
}
