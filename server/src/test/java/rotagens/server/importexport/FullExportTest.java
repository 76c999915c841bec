package rotagens.server.importexport;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatNoException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.server.Api;
import rotagens.server.Noise;
import rotagens.server.RotagensApplication;
import rotagens.server.ServerTest;
import rotagens.server.people.People;
import rotagens.server.people.Role;
import rotagens.server.photos.Photos;
import rotagens.server.storage.EarlierFolder;
import rotagens.server.web.ProblemException;
import tools.jackson.databind.json.JsonMapper;

@ServerTest
class FullExportTest {

    @Autowired
    MockMvc http;

    @Autowired
    FullExport whole;

    @Autowired
    JsonMapper json;

    private static String written(FullExport from) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        from.write(out);
        return out.toString(StandardCharsets.UTF_8);
    }

    private static ConfigurableApplicationContext onEmptyFolder() throws Exception {
        SpringApplication application = new SpringApplication(RotagensApplication.class);
        return application.run(
                "--rotagens.data=" + Files.createTempDirectory("rotagens-empty"),
                "--rotagens.sign-in.hash-cost=4",
                "--server.port=0");
    }

    private static String withoutMoment(String json) {
        return json.replaceFirst("\"exportedAt\":\"[^\"]*\"", "");
    }

    @Test
    @DisplayName("everything goes out, into an empty folder, and out again the same; then somebody on file signs in")
    void roundTrip() throws Exception {
        Api.as(http, "MANAGER")
                .post(
                        "/api/people",
                        "{\"name\":\"Yara Holt\",\"role\":\"MANAGER\",\"password\":\"seven blue wheels\"}");
        photograph();
        String out = written(whole);
        assertThat(out).contains("\"photos\":{\"");
        try (ConfigurableApplicationContext other = onEmptyFolder()) {
            FullExport there = other.getBean(FullExport.class);
            there.read(new ByteArrayInputStream(out.getBytes(StandardCharsets.UTF_8)));
            assertThat(withoutMoment(written(there))).isEqualTo(withoutMoment(out));
            People people = other.getBean(People.class);
            assertThat(people.signIn("Yara Holt", "seven blue wheels")).isEmpty();
            assertThatThrownBy(() -> there.read(new ByteArrayInputStream(out.getBytes(StandardCharsets.UTF_8))))
                    .isInstanceOf(ProblemException.class);
        }
    }

    private void photograph() throws Exception {
        Api api = new Api(http);
        long walk = api.post("/api/vehicles/" + api.vehicle("SP-01") + "/walk-arounds", "{}")
                .body()
                .path("id")
                .asLong();
        ByteArrayOutputStream picture = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "jpg", picture);
        assertThat(api.send(
                                "/api/walk-arounds/" + walk + "/positions/1L/photos",
                                picture.toByteArray(),
                                MediaType.IMAGE_JPEG)
                        .status())
                .isEqualTo(200);
    }

    @Test
    @DisplayName("no password, session or retry key is in it")
    void nothingPrivate() {
        String out = written(whole);
        assertThat(out)
                .doesNotContain("password")
                .doesNotContain("$2a$")
                .doesNotContain("idempotent")
                .contains("\"tire_movement\"")
                .contains("275/70R22.5");
    }

    @Test
    @DisplayName("a file that ends early, is another's or of another version leaves the folder empty and says why")
    void refused() throws Exception {
        String out = written(whole);
        try (ConfigurableApplicationContext other = onEmptyFolder()) {
            FullExport there = other.getBean(FullExport.class);
            for (String bad : new String[] {
                out.substring(0, out.length() / 2),
                "{}",
                "[1,2]",
                "nonsense",
                out.replaceFirst("\"schema\":\"[0-9]+\"", "\"schema\":\"1\""),
                out.replaceFirst("\"person\"", "\"sqlite_master\""),
                out.replaceFirst("\"unit\"", "\"unit; drop table tire\"")
            }) {
                assertThatThrownBy(() -> there.read(new ByteArrayInputStream(bad.getBytes(StandardCharsets.UTF_8))))
                        .isInstanceOfSatisfying(
                                ProblemException.class,
                                e -> assertThat(e.problem().getFields().get(0).message())
                                        .contains("can’t be brought in")
                                        .contains("Nothing was stored"));
                assertThat(other.getBean(People.class).isEmpty()).isTrue();
            }
        }
    }

    @Test
    @DisplayName("a damaged export is brought in or refused with words, whatever was done to it")
    void damaged() throws Exception {
        int each = Math.max(60, Integer.getInteger("rotagens.fuzz", 0) / 50);
        Noise noise = new Noise(17);
        try (ConfigurableApplicationContext other = onEmptyFolder()) {
            FullExport there = other.getBean(FullExport.class);
            TransactionTemplate tried = new TransactionTemplate(other.getBean(PlatformTransactionManager.class));
            // Small enough that a change hits the form as often as a cell.
            String small = written(there).replaceAll("(\\[\\[[^\\[]*\\]),\\[.*?\\]\\]", "$1]");
            for (int time = 0; time < each; time++) {
                String file = noise.damaged(small);
                assertThatNoException()
                        .as(file)
                        .isThrownBy(() -> tried.executeWithoutResult(trial -> {
                            trial.setRollbackOnly();
                            try {
                                there.read(new ByteArrayInputStream(file.getBytes(StandardCharsets.UTF_8)));
                            } catch (ProblemException refused) {
                                assertThat(refused.problem().getFields()).isNotEmpty();
                            }
                        }));
            }
            assertThat(other.getBean(People.class).isEmpty()).isTrue();
        }
    }

    @Test
    @DisplayName("on an empty folder the first account is made once; a name from an export becomes it")
    void firstAccount() throws Exception {
        String out = written(whole);
        try (ConfigurableApplicationContext other = onEmptyFolder()) {
            People people = other.getBean(People.class);
            assertThat(people.hasNoSignIn()).isTrue();
            people.addFirst("Owner One", "seven blue wheels");
            assertThat(people.signIn("Owner One", "seven blue wheels")).isPresent();
            assertThatThrownBy(() -> people.addFirst("Owner Two", "seven blue wheels"))
                    .isInstanceOf(ProblemException.class);
            assertThatThrownBy(() -> other.getBean(FullExport.class)
                            .read(new ByteArrayInputStream(out.getBytes(StandardCharsets.UTF_8))))
                    .isInstanceOf(ProblemException.class);
        }
    }

    /** What the version with this schema would have written of a folder of its own. */
    private String earlier(int schema) throws Exception {
        Path folder = Files.createTempDirectory("rotagens-old");
        EarlierFolder.make(folder, schema);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Connection old = DriverManager.getConnection(EarlierFolder.url(folder))) {
            new FullExport(
                            DSL.using(old, SQLDialect.SQLITE),
                            Mockito.mock(People.class),
                            Mockito.mock(Photos.class),
                            json,
                            null,
                            null,
                            Clock.systemUTC())
                    .write(out);
        }
        return out.toString(StandardCharsets.UTF_8);
    }

    @Test
    @DisplayName("an export of every earlier version is brought up to date and in, with everything it says")
    void earlierVersions() throws Exception {
        int latest = Integer.parseInt(written(whole).replaceFirst("(?s).*?\"schema\":\"([0-9]+)\".*", "$1"));
        try (ConfigurableApplicationContext other = onEmptyFolder()) {
            FullExport there = other.getBean(FullExport.class);
            DSLContext db = other.getBean(DSLContext.class);
            TransactionTemplate tried = new TransactionTemplate(other.getBean(PlatformTransactionManager.class));
            for (int schema = 1; schema < latest; schema++) {
                int made = schema;
                byte[] old = earlier(made).getBytes(StandardCharsets.UTF_8);
                tried.executeWithoutResult(trial -> {
                    trial.setRollbackOnly();
                    there.read(new ByteArrayInputStream(old));
                    assertThat(db.fetchValue("SELECT unit FROM vehicle"))
                            .as("of schema %d", made)
                            .isEqualTo("LC-01");
                    assertThat(db.fetchValue("SELECT pressure || ' ' || depth_outer FROM reading"))
                            .isEqualTo("108 psi 12/32 in");
                    assertThat(db.fetchValue("SELECT state FROM stock WHERE tire_id = 2"))
                            .isEqualTo("IN_STOCK");
                    assertThat(
                                    db.fetchValue(
                                            "SELECT code FROM position JOIN installation ON position.id = installation.position_id"))
                            .isEqualTo("1L");
                });
            }
            assertThat(other.getBean(People.class).isEmpty()).isTrue();
        }
    }

    @Test
    @DisplayName(
            "a figure that is none, a code nobody knows or a newer version's file is refused in words, with its table")
    void checked() throws Exception {
        String out = written(whole);
        try (ConfigurableApplicationContext other = onEmptyFolder()) {
            FullExport there = other.getBean(FullExport.class);
            Map.of(
                            out.replaceFirst("\"COORDINATOR\"", "\"KING\""), "“KING” is no role known here",
                            out.replaceFirst("\"108 psi\"", "\"a lot\""), "In “reading”, row",
                            out.replaceFirst("\"schema\":\"[0-9]+\"", "\"schema\":\"900\""), "newer version",
                            out.replaceFirst("\"BUS\"", "\"SUBMARINE\""), "“SUBMARINE” is no type known here")
                    .forEach((bad, said) -> {
                        assertThat(bad).isNotEqualTo(out);
                        assertThatThrownBy(() ->
                                        there.read(new ByteArrayInputStream(bad.getBytes(StandardCharsets.UTF_8))))
                                .isInstanceOfSatisfying(
                                        ProblemException.class,
                                        e -> assertThat(e.problem()
                                                        .getFields()
                                                        .get(0)
                                                        .message())
                                                .contains(said)
                                                .contains("Nothing was stored"));
                        assertThat(other.getBean(People.class).isEmpty()).isTrue();
                    });
        }
    }

    @Test
    @DisplayName("what is written has the form that its document describes")
    void form() throws Exception {
        Schema form = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/export.schema.json")));
        assertThat(form.validate(written(whole), InputFormat.JSON)).isEmpty();
        assertThat(form.validate(written(whole).replaceFirst("\"columns\"", "\"cols\""), InputFormat.JSON))
                .isNotEmpty();
    }

    @Test
    @DisplayName("every row has its line, so that two exports are told apart by any tool that compares lines")
    void lines() {
        String before = written(whole);
        new Api(http)
                .post(
                        "/api/vehicles/" + new Api(http).vehicle("SP-01") + "/notes",
                        "{\"text\":\"key is in the office\"}");
        List<String> now = new ArrayList<>(List.of(written(whole).split("\n")));
        now.removeAll(List.of(before.split("\n")));
        assertThat(now).hasSizeLessThan(5).anyMatch(line -> line.contains("key is in the office"));
    }

    @Test
    @DisplayName("an export of the demo, where people sign in by a click, leads to making the first account elsewhere")
    void demoExport() throws Exception {
        String out = written(whole);
        try (ConfigurableApplicationContext other = onEmptyFolder()) {
            other.getBean(FullExport.class).read(new ByteArrayInputStream(out.getBytes(StandardCharsets.UTF_8)));
            People people = other.getBean(People.class);
            assertThat(people.hasNoSignIn()).isTrue();
            people.addFirst("Ines Okafor", "seven blue wheels");
            assertThat(people.signIn("Ines Okafor", "seven blue wheels")).isPresent();
            long second = people.add("Owner Two", Role.VIEWER, "nine green gauges");
            long ines = people.all().stream()
                    .filter(one -> one.name().equals("Ines Okafor"))
                    .findFirst()
                    .orElseThrow()
                    .id();
            assertThat(second).isPositive();
            assertThatThrownBy(() -> people.change(ines, "Ines Okafor", Role.VIEWER, true))
                    .as("the demo's manager can't sign in here: somebody has to be left who can")
                    .isInstanceOf(ProblemException.class);
        }
    }
}
