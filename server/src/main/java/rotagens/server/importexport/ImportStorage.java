package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.jooq.exception.IntegrityConstraintViolationException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Units;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.importexport.CsvFormat.Cells;
import rotagens.server.importexport.CsvFormat.Planned;
import rotagens.server.importexport.CsvFormat.Session;
import rotagens.server.importexport.CsvFormat.Type;
import rotagens.server.importexport.Imports.CellError;
import rotagens.server.people.People;
import rotagens.server.people.PeopleByName;
import rotagens.server.storage.WriterQueue;
import rotagens.server.web.ProblemException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Stores the rows of a file that was looked at and accepted. They are kept whole first, in one small write, and then stored part
 * by part, each part for a moment only, so that whoever saves meanwhile comes in between. Cut off, it goes on where it was at the
 * next start: an accepted file is stored to its end. A row that doesn't hold any more, because somebody changed the same thing
 * between the look and its part, is left out and named.
 */
@Component
class ImportStorage {

    private static final Logger LOG = LoggerFactory.getLogger(ImportStorage.class);

    /** How long a part may hold the writer; a save waits for one part at most. */
    private static final Duration A_PART = Duration.ofMillis(25);

    private static final int LARGEST = 500;
    private static final int FIRST = 5;

    /** A row as it is kept until it is stored. */
    record Kept(long line, Map<String, String> cells) {}

    private final ImportFileStore store;
    private final Map<Type, CsvFormat> csvFormats;
    private final People people;
    private final PeopleByName byName;
    private final JsonMapper json;
    private final Clock clock;
    private final ChangeTracker changeTracker;
    private final WriterQueue writerQueue;
    private final TransactionTemplate writing;
    private final TransactionTemplate reading;

    ImportStorage(
            ImportFileStore store,
            List<CsvFormat> csvFormats,
            People people,
            PeopleByName byName,
            JsonMapper json,
            Clock clock,
            ChangeTracker changeTracker,
            WriterQueue writerQueue,
            PlatformTransactionManager transactions) {
        this.writerQueue = writerQueue;
        this.changeTracker = changeTracker;
        this.store = store;
        this.csvFormats = csvFormats.stream().collect(Collectors.toMap(CsvFormat::kind, csvFormat -> csvFormat));
        this.people = people;
        this.byName = byName;
        this.json = json;
        this.clock = clock;
        this.writing = new TransactionTemplate(transactions);
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
    }

    /**
     * Stores them.
     *
     * @return of each row that could not be stored any more, by its line, why
     */
    Map<Long, List<CellError>> store(Type type, List<ImportLook.Row> rows, Units units) {
        if (rows.isEmpty()) {
            return Map.of();
        }
        List<Waiting> waiting =
                rows.stream().map(row -> new Waiting(row.line(), row.planned())).toList();
        String whole = json.writeValueAsString(rows.stream()
                .map(row -> new Kept(row.line(), row.cells().byColumn()))
                .toArray(Kept[]::new));
        long id = writing.execute(status -> keep(type, units, whole));
        return new Run(id, csvFormats.get(type), units).finish(waiting);
    }

    private long keep(Type type, Units units, String rows) {
        changeTracker.draftsOnly();
        return store.add(type, units, rows, clock.instant(), people.me());
    }

    /** Goes on with what a stop or a full disk cut off; each file in the name of whoever brought it. */
    @EventListener(ApplicationReadyEvent.class)
    @Scheduled(initialDelayString = "PT10M", fixedDelayString = "PT10M")
    void goOn() {
        for (Left left : reading.execute(status -> left())) {
            if (underWay.contains(left.id())) {
                continue;
            }
            byName.as(left.personId(), () -> {
                Run run = new Run(left.id(), csvFormats.get(left.type()), left.units());
                int refused = run.goOn(left.rows()).size();
                LOG.info(
                        "A file that was being brought in when the program stopped is stored to its end: {} rows, {} of them not stored",
                        left.rows().size(),
                        refused);
            });
        }
    }

    private record Left(long id, Type type, Units units, long personId, List<Kept> rows) {}

    private List<Left> left() {
        return store.pending().stream()
                .map(file -> {
                    List<Kept> kept = List.of(json.readValue(file.rows(), Kept[].class));
                    return new Left(
                            file.id(),
                            file.type(),
                            file.units(),
                            file.personId(),
                            kept.subList(Math.min(file.stored(), kept.size()), kept.size()));
                })
                .toList();
    }

    /** Files this program is storing just now. */
    private final Set<Long> underWay = ConcurrentHashMap.newKeySet();

    /** A row that waits to be stored. */
    private record Waiting(long line, Planned planned) {}

    /** One file on its way in. */
    private final class Run {
        private final long id;
        private final CsvFormat csvFormat;
        private final Session session;
        private final Map<Long, List<CellError>> refused = new HashMap<>();
        private int stored;

        Run(long id, CsvFormat csvFormat, Units units) {
            this.id = id;
            this.csvFormat = csvFormat;
            this.session = reading.execute(status -> csvFormat.open(units));
        }

        Map<Long, List<CellError>> goOn(List<Kept> rows) {
            List<Waiting> waiting = new ArrayList<>();
            reading.executeWithoutResult(status -> {
                status.setRollbackOnly(); // as when the file was looked at
                session.begin(rows.stream().map(row -> new Cells(row.cells())).toList());
                rows.forEach(row -> {
                    try {
                        waiting.add(new Waiting(row.line(), session.again(new Cells(row.cells()))));
                    } catch (ProblemException | InvalidInputException e) {
                        refused.put(row.line(), ImportLook.errors(csvFormat, e));
                    }
                });
            });
            return finish(waiting);
        }

        /** @throws ProblemException where it was cut off: what is stored, and that the rest follows by itself */
        Map<Long, List<CellError>> finish(List<Waiting> rows) {
            underWay.add(id);
            try {
                return store(rows);
            } catch (DataAccessException | TransactionException | org.jooq.exception.DataAccessException cutOff) {
                LOG.error("A file was cut off on its way in; its rest is stored later", cutOff);
                throw ProblemException.conflict(WORDS.say("fileWasAccepted", "stored", stored, "count", rows.size()));
            } finally {
                underWay.remove(id);
            }
        }

        private Map<Long, List<CellError>> store(List<Waiting> rows) {
            int size = FIRST;
            int done = 0;
            while (done < rows.size()) {
                writerQueue.letOthersGo();
                List<Waiting> part = rows.subList(done, Math.min(done + size, rows.size()));
                long began = System.nanoTime();
                if (!isStored(part)) {
                    part.forEach(this::storeAlone);
                }
                done += part.size();
                stored = done;
                size = next(size, System.nanoTime() - began);
            }
            writing.executeWithoutResult(status -> {
                changeTracker.draftsOnly();
                store.remove(id);
            });
            return refused;
        }

        /** A part that takes longer than it should is followed by a smaller one. */
        private static int next(int size, long took) {
            double fits = (double) A_PART.toNanos() / Math.max(1, took);
            return (int) Math.max(1, Math.min(LARGEST, size * Math.min(2, fits)));
        }

        private boolean isStored(List<Waiting> part) {
            try {
                writing.executeWithoutResult(status -> {
                    session.store(part.stream().map(Waiting::planned).toList());
                    store.stored(id, part.size());
                });
                return true;
            } catch (ProblemException
                    | InvalidInputException
                    | DataIntegrityViolationException
                    | IntegrityConstraintViolationException changedMeanwhile) {
                return false;
            }
        }

        private void storeAlone(Waiting row) {
            if (isStored(List.of(row))) {
                return;
            }
            writing.executeWithoutResult(status -> {
                changeTracker.draftsOnly();
                store.stored(id, 1);
            });
            refused.put(row.line(), List.of(new CellError(null, WORDS.say("thisChangedWhileTheFile"))));
        }
    }
}
