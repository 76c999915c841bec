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

    private final People listPeople;

    PeopleController(People people) {
        this.listPeople = people;
    }

    /** The people on file with their roles. */
    @GetMapping("/api/people")
    List<Person> listPeople() {
        return listPeople.all();
    }

    /** Adds a person. */
    @PostMapping("/api/people")
    Person addPerson(@RequestBody NewPersonRequest wanted) {
        return listPeople.get(listPeople.add(wanted.name(), wanted.role(), wanted.password()));
    }

    /** Changes a person’s name, role or whether they may sign in. */
    @PutMapping("/api/people/{id}")
    Person changePerson(@PathVariable long id, @RequestBody PersonRequest wanted) {
        return listPeople.change(id, wanted.name(), wanted.role(), wanted.active());
    }

    /** Sets somebody’s password. */
    @PutMapping("/api/people/{id}/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setPersonPassword(@PathVariable long id, @RequestBody PasswordRequest wanted) {
        listPeople.setPassword(id, wanted.password());
    }
}
