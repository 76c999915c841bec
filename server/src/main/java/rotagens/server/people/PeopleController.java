package rotagens.server.people;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.server.people.People.Person;

@RestController
class PeopleController {

    record NewPersonRequest(
            @Nullable String name, Role role, @Nullable String password) {}

    record PersonRequest(@Nullable String name, Role role, boolean active) {}

    record PasswordRequest(@Nullable String password) {}

    private final People people;

    PeopleController(People people) {
        this.people = people;
    }

    @GetMapping("/api/people")
    List<Person> people() {
        return people.all();
    }

    @PostMapping("/api/people")
    Person add(@RequestBody NewPersonRequest wanted) {
        return people.get(people.add(wanted.name(), wanted.role(), wanted.password()));
    }

    @PutMapping("/api/people/{id}")
    Person change(@PathVariable long id, @RequestBody PersonRequest wanted) {
        return people.change(id, wanted.name(), wanted.role(), wanted.active());
    }

    @PutMapping("/api/people/{id}/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void password(@PathVariable long id, @RequestBody PasswordRequest wanted) {
        people.setPassword(id, wanted.password());
    }
}
