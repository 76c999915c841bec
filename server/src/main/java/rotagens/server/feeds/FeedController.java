package rotagens.server.feeds;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.server.feeds.Telematics.DropRead;
import rotagens.server.feeds.Telematics.Dropped;
import rotagens.server.feeds.Weather.ColdestView;
import rotagens.server.feeds.Weather.MorningForm;

@RestController
class FeedController {

    private final Telematics telematics;
    private final Weather weather;

    FeedController(Telematics telematics, Weather weather) {
        this.telematics = telematics;
        this.weather = weather;
    }

    /** Reads what a telematics system has dropped. */
    @PostMapping("/api/telematics/read")
    DropRead read() {
        return telematics.read();
    }

    @PostMapping("/api/stand-ins/telematics")
    Dropped drop() {
        return telematics.simulate();
    }

    @GetMapping("/api/vehicles/{id}/coldest-morning")
    ColdestView coldest(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return weather.coldest(id, units);
    }

    @PutMapping("/api/weather")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void type(@RequestParam(defaultValue = "US") Units units, @RequestBody MorningForm form) {
        weather.type(form, units);
    }

    @PostMapping("/api/stand-ins/forecast")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forecast() {
        weather.simulate();
    }
}
