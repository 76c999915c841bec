package rotagens.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** People who save the same thing over the same version at the same moment: one is first, the others are told. */
@ServerTest
class RaceTest {

    private static final int PEOPLE = 6;
    private static final int ROUNDS = 5;

    @Autowired
    MockMvc http;

    private final ExecutorService threads = Executors.newFixedThreadPool(PEOPLE);
    private List<Api> people;

    @AfterEach
    void goHome() {
        threads.shutdownNow();
    }

    @BeforeEach
    void signIn() {
        people = new ArrayList<>();
        for (int one = 0; one < PEOPLE; one++) {
            people.add(new Api(http));
        }
    }

    /**
     * Everybody saves at once over the version that stands, some rounds one after the other.
     *
     * @param version what stands now
     * @param save one person's save, with a text of its own, over a version
     * @param kept the text that stands afterwards
     */
    private void race(Supplier<String> version, BiFunction<Api, String[], Answer> save, Supplier<String> kept)
            throws Exception {
        for (int round = 0; round < ROUNDS; round++) {
            String seen = version.get();
            CyclicBarrier together = new CyclicBarrier(PEOPLE);
            List<Future<Answer>> answers = new ArrayList<>();
            for (int one = 0; one < PEOPLE; one++) {
                Api person = people.get(one);
                String text = String.valueOf(11 + round * PEOPLE + one);
                answers.add(threads.submit(() -> {
                    together.await();
                    return save.apply(person, new String[] {text, seen});
                }));
            }
            String first = null;
            for (int one = 0; one < PEOPLE; one++) {
                Answer answer = answers.get(one).get();
                if (answer.status() < 300) {
                    assertThat(first).as("only one is first").isNull();
                    first = String.valueOf(11 + round * PEOPLE + one);
                } else {
                    assertThat(answer.status()).as(answer.text()).isEqualTo(412);
                    assertThat(answer.body().path("detail").asString()).isNotBlank();
                }
            }
            assertThat(kept.get()).as("what the first one saved").isEqualTo(first);
        }
    }

    private JsonNode get(String path) {
        return people.get(0).get(path).body();
    }

    private JsonNode line(String list, long id) {
        for (JsonNode one : get(list)) {
            if (one.path("id").asLong() == id) {
                return one;
            }
        }
        throw new AssertionError(list + " has no " + id);
    }

    private static String quoted(long version) {
        return "\"" + version + "\"";
    }

    /** A list's first line whose form is changed in one entry. */
    private void raceForm(String list, String entry, String suffix) throws Exception {
        long id = get(list).get(0).path("id").asLong();
        Supplier<JsonNode> now = () -> line(list, id);
        race(
                () -> quoted(now.get().path("version").asLong()),
                (person, said) -> {
                    ObjectNode form = (ObjectNode) now.get().path("form").deepCopy();
                    form.put(entry, said[0] + suffix);
                    return person.put(list + "/" + id, form.toString(), "If-Match", said[1]);
                },
                () -> now.get().path("form").path(entry).asString().replace(suffix, ""));
    }

    @Test
    @DisplayName("a model of the catalog")
    void model() throws Exception {
        raceForm("/api/tire-models", "plies", " plies");
    }

    @Test
    @DisplayName("a load chart")
    void chart() throws Exception {
        raceForm("/api/charts", "source", " pages");
    }

    @Test
    @DisplayName("a tire changer")
    void machine() throws Exception {
        long id = get("/api/tire-changers").get(0).path("id").asLong();
        race(
                () -> quoted(line("/api/tire-changers", id).path("version").asLong()),
                (person, said) -> person.put(
                        "/api/tire-changers/" + id,
                        "{\"name\":\"Shovel %s\",\"type\":\"SIDE_SHOVEL\"}".formatted(said[0]),
                        "If-Match",
                        said[1]),
                () -> line("/api/tire-changers", id).path("name").asString().replace("Shovel ", ""));
    }

    @Test
    @DisplayName("a vehicle's own page")
    void vehicle() throws Exception {
        String sheet = "/api/vehicles/" + people.get(0).vehicle("VN-01") + "/sheet";
        race(
                () -> quoted(get(sheet).path("version").asLong()),
                (person, said) -> {
                    ObjectNode form = (ObjectNode) get(sheet).path("form").deepCopy();
                    form.put("description", "Van " + said[0]);
                    return person.put(sheet.replace("/sheet", "?confirmed=true"), form.toString(), "If-Match", said[1]);
                },
                () -> get(sheet).path("form").path("description").asString().replace("Van ", ""));
    }

    @Test
    @DisplayName("the shops' setup")
    void setup() throws Exception {
        String setup = "/api/shop/setup";
        race(
                () -> quoted(get(setup).path("version").asLong()),
                (person, said) -> {
                    ObjectNode form = (ObjectNode) get(setup).path("setup").deepCopy();
                    form.putArray("closures")
                            .addObject()
                            .put("yard", "Eastbank")
                            .put("from", "2027-06-01")
                            .put("to", "2027-06-01")
                            .put("reason", "day " + said[0]);
                    return person.put(setup, form.toString(), "If-Match", said[1]);
                },
                () -> get(setup)
                        .path("setup")
                        .path("closures")
                        .get(0)
                        .path("reason")
                        .asString()
                        .replace("day ", ""));
    }

    @Test
    @DisplayName("a job's day")
    void job() throws Exception {
        long vehicle = people.get(0).vehicle("LC-04");
        long id = people.get(0)
                .post(
                        "/api/jobs",
                        "{\"day\":\"2026-11-24\",\"work\":[{\"vehicleId\":%d,\"key\":\"SET_PRESSURE:3L\"}]}"
                                .formatted(vehicle))
                .body()
                .get(0)
                .path("id")
                .asLong();
        Supplier<JsonNode> now = () -> line("/api/jobs", id);
        race(
                () -> quoted(now.get().path("version").asLong()),
                (person, said) -> person.put(
                        "/api/jobs/" + id + "/date",
                        "{\"day\":\"2027-%02d-%02d\"}"
                                .formatted(1 + Integer.parseInt(said[0]) / 20, 1 + Integer.parseInt(said[0]) % 20),
                        "If-Match",
                        said[1]),
                () -> {
                    String day = now.get().path("day").asString();
                    return String.valueOf(
                            (Integer.parseInt(day.substring(5, 7)) - 1) * 20 + Integer.parseInt(day.substring(8)) - 1);
                });
    }

    @Test
    @DisplayName("one position of a walk-around")
    void position() throws Exception {
        String walk = "/api/walk-arounds/"
                + people.get(0)
                        .post("/api/vehicles/" + people.get(0).vehicle("LC-05") + "/walk-arounds", "{}")
                        .body()
                        .path("id")
                        .asString();
        Supplier<JsonNode> entry = () -> {
            for (JsonNode stop : get(walk).path("positions")) {
                if (stop.path("position").asString().equals("1L")) {
                    return stop.path("entry");
                }
            }
            throw new AssertionError(walk);
        };
        race(
                () -> quoted(entry.get().path("version").asLong(0)),
                (person, said) -> person.put(
                        walk + "/positions/1L",
                        "{\"pressure\":\"%s\",\"thermalState\":\"COLD\",\"confirmed\":[\"pressure\"]}"
                                .formatted(said[0]),
                        "If-Match",
                        said[1]),
                () -> entry.get().path("pressure").asString().replace(" psi", ""));
    }

    @Test
    @DisplayName("a supplier")
    void supplier() throws Exception {
        JsonNode supplier = get("/api/suppliers").get(0);
        race(
                () -> get("/api/suppliers").get(0).path("version").asString(),
                (person, said) -> person.post(
                        "/api/suppliers",
                        ((ObjectNode) supplier.deepCopy())
                                .put("version", Integer.parseInt(said[1]))
                                .put("leadDays", Integer.parseInt(said[0]))
                                .toString()),
                () -> get("/api/suppliers").get(0).path("leadDays").asString());
    }

    @Test
    @DisplayName("a job is taken off the plan once, however many do it at once")
    void cancelled() throws Exception {
        Api one = people.get(0);
        long id = one.vehicle("SP-02");
        for (JsonNode due : one.get("/api/vehicles/{id}", id).body().path("due")) {
            if (due.path("schedulable").asBoolean(true) && !due.has("scheduled")) {
                Answer made = one.post(
                        "/api/jobs",
                        "{\"day\":\"2026-11-24\",\"work\":[{\"vehicleId\":%d,\"key\":\"%s\"}]}"
                                .formatted(id, due.path("key").asString()));
                assertThat(made.status()).as(made.text()).isEqualTo(200);
                long job = made.body().get(0).path("id").asLong();
                List<Integer> answers = new ArrayList<>();
                List<Future<Answer>> all = new ArrayList<>();
                people.forEach(person ->
                        all.add(threads.submit(() -> person.delete("/api/jobs/" + job, "", "If-Match", quoted(1)))));
                for (Future<Answer> answer : all) {
                    answers.add(answer.get().status());
                }
                assertThat(answers.stream().filter(status -> status < 300)).hasSize(1);
                assertThat(answers)
                        .allMatch(status -> status == 204 || status == 404 || status == 409 || status == 412);
                return;
            }
        }
        throw new AssertionError("nothing due");
    }
}
