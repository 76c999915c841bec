package rotagens.server.integration;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.server.integration.TelematicsImport.SimulatedFileView;
import rotagens.server.integration.TelematicsImport.TelematicsImportView;
import rotagens.server.integration.WeatherForecast.ColdestMorningView;

@RestController
class IntegrationController {

    private final TelematicsImport telematicsImport;
    private final WeatherForecast weatherForecast;

    IntegrationController(TelematicsImport telematicsImport, WeatherForecast weatherForecast) {
        this.telematicsImport = telematicsImport;
        this.weatherForecast = weatherForecast;
    }

    /** Reads what a telematics system has dropped. */
    @PostMapping("/api/telematics/read")
    TelematicsImportView importTelematics() {
        return telematicsImport.read();
    }

    /** Lets the demo’s telematics drop a file. */
    @PostMapping("/api/simulators/telematics")
    SimulatedFileView simulateTelematicsFile() {
        return telematicsImport.simulate();
    }

    /** The coldest morning the forecast sees, for a yard. */
    @GetMapping("/api/vehicles/{id}/coldest-morning")
    ColdestMorningView getColdestMorning(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return weatherForecast.coldest(id, units);
    }

    /** Sets what the demo’s forecast says. */
    @PostMapping("/api/simulators/forecast")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void simulateForecast() {
        weatherForecast.simulate();
    }
}
