package rotagens.server.search;

import static rotagens.server.search.SearchWords.WORDS;
import static rotagens.server.storage.generated.Tables.INSTALLATION;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.POSITION;
import static rotagens.server.storage.generated.Tables.SEARCH_TERM;
import static rotagens.server.storage.generated.Tables.STOCK;
import static rotagens.server.storage.generated.Tables.TIRE;
import static rotagens.server.storage.generated.Tables.TIRE_MODEL;
import static rotagens.server.storage.generated.Tables.VEHICLE;
import static rotagens.server.storage.generated.Tables.YARD;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import rotagens.server.people.Role;
import rotagens.server.search.SearchController.Kind;
import rotagens.server.search.SearchController.SearchResult;
import rotagens.server.tire.TireStore.StockState;

/** The terms that are searched by, and what each found thing is called: one statement for a kind, whoever owns its tables. */
@Repository
class SearchStore {

    private static final int MOST = 12;
    private static final int TRIGRAM = 3;

    /** A thing that was found: what kind it is of, and its id. */
    record Hit(String type, long id) {}

    private final DSLContext db;

    SearchStore(DSLContext db) {
        this.db = db;
    }

    Set<Hit> vehicleNamed(String unit) {
        return db
                .select(SEARCH_TERM.REF_ID)
                .from(SEARCH_TERM)
                .where(SEARCH_TERM.TYPE.eq("VEHICLE"))
                .and(SEARCH_TERM.TERM.equalIgnoreCase(unit))
                .fetch(row -> new Hit("VEHICLE", row.value1()))
                .stream()
                .collect(Collectors.toSet());
    }

    Set<Hit> hits(String text, boolean vehiclesOnly) {
        Condition kind = vehiclesOnly ? SEARCH_TERM.TYPE.eq("VEHICLE") : DSL.noCondition();
        Set<Hit> hits = new LinkedHashSet<>();
        String upper = text.toUpperCase(Locale.ROOT);
        // What begins with it stands first.
        db.select(SEARCH_TERM.TYPE, SEARCH_TERM.REF_ID)
                .from(SEARCH_TERM)
                .where(beginsWith(text))
                .and(kind)
                .orderBy(DSL.field("{0} collate nocase", String.class, SEARCH_TERM.TERM))
                .limit(MOST)
                .forEach(row -> hits.add(new Hit(row.value1(), row.value2())));
        if (text.length() >= TRIGRAM && hits.size() < MOST) {
            db.resultQuery(
                            "select t.type, t.ref_id from search_fts f join search_term t on t.id = f.rowid"
                                    + " where search_fts match ? limit 40",
                            "\"" + upper.replace("\"", "\"\"") + "\"")
                    .forEach(row -> {
                        String found = row.get(0, String.class);
                        if (!vehiclesOnly || found.equals("VEHICLE")) {
                            hits.add(new Hit(found, row.get(1, Long.class)));
                        }
                    });
        }
        return hits.stream().limit(MOST).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** A range over the case-blind index, which a LIKE would not use. */
    private static Condition beginsWith(String text) {
        char last = text.charAt(text.length() - 1);
        String next = text.substring(0, text.length() - 1) + (char) (Character.toLowerCase(last) + 1);
        return DSL.condition(
                "{0} collate nocase >= {1} and {0} collate nocase < {2}",
                SEARCH_TERM.TERM, DSL.val(text), DSL.val(next));
    }

    List<SearchResult> positions(Set<Hit> vehicles, String code) {
        String upper = code.toUpperCase(Locale.ROOT);
        return db.select(VEHICLE.ID, VEHICLE.UNIT, POSITION.CODE, TIRE_MODEL.MANUFACTURER, TIRE_MODEL.NAME)
                .from(POSITION)
                .join(VEHICLE)
                .on(VEHICLE.ID.eq(POSITION.VEHICLE_ID))
                .leftJoin(INSTALLATION)
                .on(INSTALLATION.POSITION_ID.eq(POSITION.ID))
                .leftJoin(TIRE)
                .on(TIRE.ID.eq(INSTALLATION.TIRE_ID))
                .leftJoin(TIRE_MODEL)
                .on(TIRE_MODEL.ID.eq(TIRE.TIRE_MODEL_ID))
                .where(VEHICLE.ID.in(vehicles.stream().map(Hit::id).toList()))
                .and(POSITION.REMOVED_AT.isNull())
                .and(POSITION.CODE.startsWith(upper))
                .orderBy(VEHICLE.UNIT, POSITION.WALK_AROUND_ORDER)
                .limit(MOST)
                .fetch(row -> new SearchResult(
                        Kind.POSITION,
                        row.value1(),
                        row.value3(),
                        null,
                        null,
                        row.value2() + " " + row.value3(),
                        row.value4() == null ? WORDS.say("noTireOnFile") : row.value4() + " " + row.value5()));
    }

    Map<Long, SearchResult> vehicles(List<Long> ids) {
        return db.select(VEHICLE.ID, VEHICLE.UNIT, VEHICLE.DESCRIPTION, YARD.NAME, VEHICLE.RETIRED_AT)
                .from(VEHICLE)
                .join(YARD)
                .on(YARD.ID.eq(VEHICLE.YARD_ID))
                .where(VEHICLE.ID.in(ids))
                .fetchMap(
                        row -> row.value1(),
                        row -> SearchResult.of(
                                Kind.VEHICLE,
                                row.value1(),
                                row.value2(),
                                WORDS.say(
                                        "mark",
                                        "description",
                                        row.value3(),
                                        "yard",
                                        row.value4(),
                                        "retired",
                                        row.value5() == null ? "" : WORDS.say("retired"))));
    }

    Map<Long, SearchResult> tires(List<Long> ids) {
        var code = DSL.field(
                "(select code from tire_dot where tire_dot.tire_id = {0} order by id desc limit 1)",
                String.class, TIRE.ID);
        return db.select(
                        TIRE.ID,
                        TIRE.TIRE_NUMBER,
                        code,
                        TIRE_MODEL.MANUFACTURER,
                        TIRE_MODEL.NAME,
                        VEHICLE.UNIT,
                        POSITION.CODE,
                        STOCK.STATE)
                .from(TIRE)
                .join(TIRE_MODEL)
                .on(TIRE_MODEL.ID.eq(TIRE.TIRE_MODEL_ID))
                .leftJoin(INSTALLATION)
                .on(INSTALLATION.TIRE_ID.eq(TIRE.ID))
                .leftJoin(POSITION)
                .on(POSITION.ID.eq(INSTALLATION.POSITION_ID))
                .leftJoin(VEHICLE)
                .on(VEHICLE.ID.eq(POSITION.VEHICLE_ID))
                .leftJoin(STOCK)
                .on(STOCK.TIRE_ID.eq(TIRE.ID))
                .where(TIRE.ID.in(ids))
                .fetchMap(row -> row.value1(), row -> {
                    String number = row.value2() == null ? "" : row.value2() + " · ";
                    String dot = row.value3() == null ? WORDS.say("noDotCode") : WORDS.say("dot", "code", row.value3());
                    String where = row.value6() != null
                            ? WORDS.say("on", "unit", row.value6(), "position", row.value7())
                            : row.value8() == null
                                    ? WORDS.say("nowhere")
                                    : StockState.valueOf(row.value8()).words();
                    return SearchResult.of(
                            Kind.TIRE, row.value1(), number + dot, row.value4() + " " + row.value5() + ", " + where);
                });
    }

    Map<Long, SearchResult> models(List<Long> ids) {
        return db.select(TIRE_MODEL.ID, TIRE_MODEL.MANUFACTURER, TIRE_MODEL.NAME, TIRE_MODEL.SIZE)
                .from(TIRE_MODEL)
                .where(TIRE_MODEL.ID.in(ids))
                .fetchMap(
                        row -> row.value1(),
                        row -> SearchResult.of(
                                Kind.MODEL,
                                row.value1(),
                                row.value2() + " " + row.value3() + " " + row.value4(),
                                WORDS.say("inTheCatalog", "manufacturer", row.value2())));
    }

    Map<Long, SearchResult> people(List<Long> ids) {
        return db.select(PERSON.ID, PERSON.NAME, PERSON.ROLE)
                .from(PERSON)
                .where(PERSON.ID.in(ids))
                .fetchMap(
                        row -> row.value1(),
                        row -> SearchResult.of(
                                Kind.PERSON,
                                row.value1(),
                                row.value2(),
                                Role.valueOf(row.value3()).words()));
    }
}
