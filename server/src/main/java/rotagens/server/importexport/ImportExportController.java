package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.server.importexport.CsvFormat.Type;
import rotagens.server.importexport.ImportAnswers.Question;
import rotagens.server.importexport.Imports.ImportResult;
import rotagens.server.people.FirstAccountCode;
import rotagens.server.web.ProblemException;

/** Import and export: CSV sheet by sheet, everything as JSON, and QR codes for labels. */
@RestController
public class ImportExportController {

    record ColumnGuide(String name, String meaning, boolean required) {}

    record ImportGuide(Type type, List<ColumnGuide> columns) {}

    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);
    private static final Pattern OWN_PATH =
            Pattern.compile("/|/s/[VT][0-9]{1,18}|/(tires|vehicles)/[0-9]{1,18}|/report/[A-Z0-9]{12}");
    private static final Pattern ADDRESS = Pattern.compile("https?://[A-Za-z0-9.:\\[\\]-]{1,120}");

    /** A whole export has filled this folder: whatever was read from it at the start is read anew. */
    public record FleetFilled() {}

    private final Imports imports;
    private final FullExport whole;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    private final FirstAccountCode firstAccountCode;

    ImportExportController(
            Imports imports,
            FullExport whole,
            ApplicationEventPublisher events,
            Clock clock,
            FirstAccountCode firstAccountCode) {
        this.firstAccountCode = firstAccountCode;
        this.imports = imports;
        this.whole = whole;
        this.events = events;
        this.clock = clock;
    }

    /** What each kind of file may hold, column by column. */
    @GetMapping("/api/imports/guides")
    List<ImportGuide> listImportGuides() {
        return imports.guides().stream()
                .map(csvFormat -> new ImportGuide(
                        csvFormat.kind(),
                        csvFormat.columns().stream()
                                .map(one -> new ColumnGuide(one.name(), one.meaning(), one.required()))
                                .toList()))
                .toList();
    }

    /** The file is the body as it is; {@code columns} names the column of each header, {@code -} for none. */
    @PostMapping(path = "/api/imports/{type}", consumes = "application/octet-stream")
    ImportResult importCsv(
            @PathVariable Type type,
            @RequestParam(defaultValue = "US") Units units,
            @RequestParam(defaultValue = "true") boolean dryRun,
            @RequestParam(defaultValue = "false") boolean skipFaulty,
            @RequestParam(required = false) String columns,
            @RequestParam(required = false) String dayOrder,
            @RequestParam(required = false) String lostZero,
            @RequestBody byte[] file) {
        List<String> chosen = columns == null ? null : Arrays.asList(columns.split(",", -1));
        Map<Question, String> said = new EnumMap<>(Question.class);
        Optional.ofNullable(dayOrder).ifPresent(order -> said.put(Question.DAY_ORDER, order));
        Optional.ofNullable(lostZero).ifPresent(zero -> said.put(Question.LOST_ZERO, zero));
        return imports.take(type, file, chosen, new ImportAnswers(said), dryRun, skipFaulty, units);
    }

    /** An empty file of a kind with its header. */
    @GetMapping(path = "/api/imports/{type}/template", produces = "text/csv")
    ResponseEntity<String> getImportTemplate(@PathVariable Type type) {
        return file(type.name().toLowerCase(Locale.ROOT) + "-template.csv", CSV)
                .body("\uFEFF" + imports.template(type));
    }

    /** Without units, figures are as they were entered. */
    @GetMapping(path = "/api/exports/{type}", produces = "text/csv")
    ResponseEntity<String> exportCsv(@PathVariable Type type, @RequestParam(required = false) Units units) {
        String name = type.name().toLowerCase(Locale.ROOT) + "-" + LocalDate.now(clock) + ".csv";
        return file(name, CSV).body("\uFEFF" + imports.export(type, Optional.ofNullable(units)));
    }

    /** Everything on record, a row to a line. */
    @GetMapping(path = "/api/export", produces = MediaType.APPLICATION_JSON_VALUE)
    void exportEverything(HttpServletResponse response) throws IOException {
        response.setContentType(MediaType.APPLICATION_JSON_VALUE);
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, attachment("rotagens-" + LocalDate.now(clock) + ".json"));
        whole.write(response.getOutputStream());
    }

    private static ResponseEntity.BodyBuilder file(String name, MediaType type) {
        return ResponseEntity.ok().contentType(type).header(HttpHeaders.CONTENT_DISPOSITION, attachment(name));
    }

    private static String attachment(String name) {
        return ContentDisposition.attachment().filename(name).build().toString();
    }

    /** Fills an empty folder from a whole export. */
    @PostMapping(path = "/api/first-account/export", consumes = "application/octet-stream")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void fillFromExport(
            HttpServletRequest request,
            @RequestHeader(name = "First-Account-Code", required = false) @Nullable String code)
            throws IOException {
        firstAccountCode.refuseOther(code);
        whole.read(request.getInputStream());
        events.publishEvent(new FleetFilled());
    }

    /** The QR code that opens one of our own pages on a phone. */
    @GetMapping(path = "/api/qr", produces = "image/svg+xml")
    ResponseEntity<String> getQrCode(@RequestParam String address, @RequestParam String path) {
        if (!OWN_PATH.matcher(path).matches() || !ADDRESS.matcher(address).matches()) {
            throw ProblemException.field("address", WORDS.say("enterTheAddressPhonesReach"));
        }
        return ResponseEntity.ok()
                .contentType(new MediaType("image", "svg+xml", StandardCharsets.UTF_8))
                .body(QrCode.svg(address + path));
    }
}
