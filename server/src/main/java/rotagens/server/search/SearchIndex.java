package rotagens.server.search;

import static rotagens.server.storage.generated.Tables.INSTALLATION;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.POSITION;
import static rotagens.server.storage.generated.Tables.SEARCH_TERM;
import static rotagens.server.storage.generated.Tables.STOCK;
import static rotagens.server.storage.generated.Tables.TIRE;
import static rotagens.server.storage.generated.Tables.TIRE_MODEL;
import static rotagens.server.storage.generated.Tables.VEHICLE;
import static rotagens.server.storage.generated.Tables.YARD;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.people.Role;
import rotagens.server.search.SearchController.Kind;
import rotagens.server.search.SearchController.SearchResult;
import rotagens.server.tire.TireStore.StockState;

/**
 * Finds vehicles, positions, tires, models, people and policy by what people type; spaces, hyphens and case don't count. Three or
 * more characters are looked for anywhere through the trigram index, fewer as the beginning of a term. A position code at the end
 * narrows a vehicle to that place.
 */
@Service
class SearchIndex {

    private static final int MOST = 12;
    private static final int LONGEST = 60;
    private static final int TRIGRAM = 3;
    private static final Pattern POSITION_TEXT = Pattern.compile("(?i)[1-9][LR]?[OI]?|S[1-9]?");
    /** A unit and a position written in one. */
    private static final Pattern JOINED = Pattern.compile("(?i)(.+?)([1-9][LR][OI]?|S[1-9]?)");

    private final DSLContext db;

    SearchIndex(DSLContext db) {
        this.db = db;
    }

    private record Hit(String type, long id) {}

    @Transactional(readOnly = true)
    List<SearchResult> find(String typed) {
        String text = SearchText.bare(typed);
        if (text.isEmpty() || typed.length() > LONGEST) {
            return List.of();
        }
        List<String> words = Arrays.asList(typed.strip().split("\\s+"));
        List<SearchResult> searchResults = new ArrayList<>();
        String last = words.get(words.size() - 1);
        Matcher joined = JOINED.matcher(text);
        if (words.size() > 1 && POSITION_TEXT.matcher(last).matches()) {
            String unit = SearchText.bare(String.join("", words.subList(0, words.size() - 1)));
            searchResults.addAll(positions(hits(unit, true), last));
        } else if (words.size() == 1 && joined.matches()) {
            searchResults.addAll(positions(vehicleNamed(joined.group(1)), joined.group(2)));
        }
        searchResults.addAll(goals(hits(text, false)));
        searchResults.addAll(PolicySearch.find(words));
        return searchResults.stream().distinct().limit(MOST).toList();
    }

    private Set<Hit> vehicleNamed(String unit) {
        return db
                .select(SEARCH_TERM.REF_ID)
                .from(SEARCH_TERM)
                .where(SEARCH_TERM.TYPE.eq("VEHICLE"))
                .and(SEARCH_TERM.TERM.equalIgnoreCase(unit))
                .fetch(row -> new Hit("VEHICLE", row.value1()))
                .stream()
                .collect(Collectors.toSet());
    }

    private Set<Hit> hits(String text, boolean vehiclesOnly) {
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

    private List<SearchResult> positions(Set<Hit> vehicles, String code) {
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
                        row.value4() == null ? "no tire on file" : row.value4() + " " + row.value5()));
    }

    private List<SearchResult> goals(Set<Hit> hits) {
        Map<Long, SearchResult> vehicles = vehicles(ids(hits, "VEHICLE"));
        Map<Long, SearchResult> tires = tires(ids(hits, "TIRE"));
        Map<Long, SearchResult> people = people(ids(hits, "PERSON"));
        Map<Long, SearchResult> models = models(ids(hits, "MODEL"));
        List<SearchResult> searchResults = new ArrayList<>();
        for (Hit hit : hits) {
            SearchResult searchResult = switch (hit.type()) {
                case "VEHICLE" -> vehicles.get(hit.id());
                case "TIRE" -> tires.get(hit.id());
                case "MODEL" -> models.get(hit.id());
                default -> people.get(hit.id());
            };
            if (searchResult != null) {
                searchResults.add(searchResult);
            }
        }
        searchResults.addAll(0, manufacturers(searchResults));
        return searchResults;
    }

    /** Where several models of one manufacturer are found, all of them at once are the nearest place to go. */
    private static List<SearchResult> manufacturers(List<SearchResult> found) {
        Map<String, Long> models = found.stream()
                .filter(one -> one.type() == Kind.MODEL)
                .collect(Collectors.groupingBy(
                        one -> one.hint().split(": ", 2)[0], LinkedHashMap::new, Collectors.counting()));
        return models.entrySet().stream()
                .filter(one -> one.getValue() > 1)
                .map(one -> SearchResult.of(
                        Kind.MANUFACTURER, 0, one.getKey(), "all models of this manufacturer in the catalog"))
                .toList();
    }

    private Map<Long, SearchResult> models(List<Long> ids) {
        return db.select(TIRE_MODEL.ID, TIRE_MODEL.MANUFACTURER, TIRE_MODEL.NAME, TIRE_MODEL.SIZE)
                .from(TIRE_MODEL)
                .where(TIRE_MODEL.ID.in(ids))
                .fetchMap(
                        row -> row.value1(),
                        row -> SearchResult.of(
                                Kind.MODEL,
                                row.value1(),
                                row.value2() + " " + row.value3() + " " + row.value4(),
                                row.value2() + ": in the catalog"));
    }

    private static List<Long> ids(Set<Hit> hits, String kind) {
        return hits.stream().filter(hit -> hit.type().equals(kind)).map(Hit::id).toList();
    }

    private Map<Long, SearchResult> vehicles(List<Long> ids) {
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
                                row.value3() + ", " + row.value4() + (row.value5() == null ? "" : ", retired")));
    }

    private Map<Long, SearchResult> tires(List<Long> ids) {
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
                    String dot = row.value3() == null ? "no DOT code" : "DOT " + row.value3();
                    String where = row.value6() != null
                            ? "on " + row.value6() + " " + row.value7()
                            : row.value8() == null
                                    ? "nowhere"
                                    : StockState.valueOf(row.value8()).words();
                    return SearchResult.of(
                            Kind.TIRE, row.value1(), number + dot, row.value4() + " " + row.value5() + ", " + where);
                });
    }

    private Map<Long, SearchResult> people(List<Long> ids) {
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
