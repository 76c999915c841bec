package rotagens.server.people;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PeopleController {

    private final People people;

    PeopleController(People people) {
        this.people = people;
    }

    @GetMapping("/api/people")
    List<People.Person> people() {
        return people.all();
    }
}
