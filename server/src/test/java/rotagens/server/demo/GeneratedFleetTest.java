package rotagens.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import org.jooq.DSLContext;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.context.annotation.Import;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.ContextConfiguration;
import rotagens.server.ServerTest;
import rotagens.server.fleet.FleetAssessor;

@SpringBootTest(properties = {"rotagens.generate.vehicles=3", "rotagens.generate.years=2"})
@Import(ServerTest.FixedDay.class)
@ContextConfiguration(initializers = ServerTest.FreshFolder.class)
@DirtiesContext
class GeneratedFleetTest {

    @Autowired
    FleetAssessor fleet;

    @Autowired
    DSLContext db;

    @Test
    @DisplayName("a generated fleet has a tire in every place, years of readings behind it, and a verdict for each")
    void generated() {
        var all = fleet.all();
        assertThat(all).hasSize(3);
        assertThat(all.stream().mapToInt(one -> one.fitted().size()).sum()).isEqualTo(8 + 10 + 12);
        all.forEach(one -> {
            assertThat(one.judgements()).hasSameSizeAs(one.fitted());
            assertThat(one.onFile().odometer()).isPresent();
        });
        int readings = db.fetchOne("SELECT count(*) FROM reading").get(0, Integer.class);
        assertThat(readings).isBetween(30 * 29, 30 * 31);
        assertThat(db.fetchOne("SELECT min(read_at) FROM reading").get(0, String.class))
                .startsWith("2024-1");
    }
}
