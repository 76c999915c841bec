package rotagens.server.settings;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rotagens.server.settings.FleetSettings.FleetSettingsRequest;
import rotagens.server.settings.FleetSettings.FleetSettingsView;

@RestController
class SettingsController {

    private final FleetSettings settings;

    SettingsController(FleetSettings settings) {
        this.settings = settings;
    }

    /** Paper size, dates, currency and other habits of the fleet. */
    @GetMapping("/api/settings")
    FleetSettingsView getFleetSettings() {
        return settings.all();
    }

    /** Changes the habits of the fleet. */
    @PutMapping("/api/settings")
    FleetSettingsView setFleetSettings(@RequestBody FleetSettingsRequest typed) {
        FleetSettingsView now = settings.set(typed);
        settings.takeUpHouseStyle();
        return now;
    }
}
