package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.StringWriter;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import rotagens.server.web.ProblemException;

/**
 * CSV as people's programs write it: comma, semicolon or tab, quotes, either line end, with or without a byte order mark, UTF-8
 * or the old Western encoding. A cell that a spreadsheet would take for a formula goes out with an apostrophe before it and
 * comes in without.
 */
public final class CsvText {

    /** One line with its number in the file. */
    record Row(long line, List<String> cells) {}

    private static final Pattern FORMULA = Pattern.compile("(?s)'*[=+\\-@\\t\\r].*");
    private static final Pattern DEFUSED = Pattern.compile("(?s)'+[=+\\-@\\t\\r].*");
    private static final Pattern SEPARATOR_LINE = Pattern.compile("\\A(?i:sep)=([,;\t|])[ \\t]*\\r?\\n");
    private static final int MOST_CELLS = 100;

    private CsvText() {}

    /** Every line that isn't empty. Refuses what is no CSV in words. */
    static List<Row> read(byte[] file) {
        String text = decode(file);
        Matcher named = SEPARATOR_LINE.matcher(text);
        boolean isNamed = named.find();
        char separator = isNamed ? named.group(1).charAt(0) : separator(text);
        // The line that names the separator is for spreadsheet programs; what follows keeps its line numbers.
        text = isNamed ? text.substring(named.end()) : text;
        int before = isNamed ? 1 : 0;
        List<Row> rows = new ArrayList<>();
        try (CsvReader<CsvRecord> reader = CsvReader.builder()
                .fieldSeparator(separator)
                .allowExtraFields(true)
                .allowMissingFields(true)
                .allowUnclosedQuote(false)
                .ofCsvRecord(text)) {
            for (CsvRecord record : reader) {
                if (record.getFieldCount() > MOST_CELLS) {
                    throw notCsv(WORDS.say("lineHasMoreThanColumns", "mostCells", MOST_CELLS));
                }
                List<String> cells = record.getFields().stream()
                        .map(cell -> undefuse(cell.strip()))
                        .toList();
                if (cells.stream().anyMatch(cell -> !cell.isEmpty())) {
                    rows.add(new Row(record.getStartingLineNumber() + before, cells));
                }
            }
        } catch (CsvParseException e) {
            throw notCsv(WORDS.say("quotationMarkIsOpened"));
        } catch (java.io.IOException e) {
            throw notCsv(WORDS.say("itCantBeRead2"));
        }
        return rows;
    }

    private static String decode(byte[] file) {
        boolean little = file.length >= 2 && (file[0] & 0xFF) == 0xFF && (file[1] & 0xFF) == 0xFE;
        boolean big = file.length >= 2 && (file[0] & 0xFF) == 0xFE && (file[1] & 0xFF) == 0xFF;
        String text;
        if (little || big) {
            text = new String(file, 2, file.length - 2, little ? StandardCharsets.UTF_16LE : StandardCharsets.UTF_16BE);
        } else {
            try {
                text = StandardCharsets.UTF_8
                        .newDecoder()
                        .onMalformedInput(CodingErrorAction.REPORT)
                        .onUnmappableCharacter(CodingErrorAction.REPORT)
                        .decode(ByteBuffer.wrap(file))
                        .toString();
            } catch (CharacterCodingException e) {
                text = new String(file, Charset.forName("windows-1252"));
            }
        }
        if (text.startsWith("\uFEFF")) {
            text = text.substring(1);
        }
        if (text.chars().anyMatch(letter -> letter < ' ' && letter != '\t' && letter != '\n' && letter != '\r')) {
            throw notCsv(WORDS.say("itHoldsData"));
        }
        if (text.isBlank()) {
            throw notCsv(WORDS.say("itIsEmpty"));
        }
        return text;
    }

    /** The separator that stands most often in the first line, outside quotes. */
    private static char separator(String text) {
        int commas = 0;
        int semicolons = 0;
        int tabs = 0;
        boolean quoted = false;
        for (int at = 0; at < text.length(); at++) {
            char letter = text.charAt(at);
            if (letter == '"') {
                quoted = !quoted;
            } else if (!quoted && (letter == '\n' || letter == '\r')) {
                break;
            } else if (!quoted) {
                commas += letter == ',' ? 1 : 0;
                semicolons += letter == ';' ? 1 : 0;
                tabs += letter == '\t' ? 1 : 0;
            }
        }
        return tabs > commas && tabs > semicolons ? '\t' : semicolons > commas ? ';' : ',';
    }

    /** Comma-separated, CRLF, formulas defused. */
    public static String write(List<List<String>> rows) {
        StringWriter text = new StringWriter();
        try (CsvWriter csv =
                CsvWriter.builder().lineDelimiter(LineDelimiter.CRLF).build(text)) {
            for (List<String> row : rows) {
                csv.writeRecord(row.stream().map(CsvText::defuse).toList());
            }
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        return text.toString();
    }

    /** A file to take away. */
    public static ResponseEntity<byte[]> answer(String name, String csv) {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name + ".csv")
                                .build()
                                .toString())
                .body(csv.getBytes(StandardCharsets.UTF_8));
    }

    static String defuse(String cell) {
        return FORMULA.matcher(cell).matches() ? "'" + cell : cell;
    }

    static String undefuse(String cell) {
        return DEFUSED.matcher(cell).matches() ? cell.substring(1) : cell;
    }

    private static ProblemException notCsv(String why) {
        return ProblemException.field("file", WORDS.say("thisFileCantBeRead", "why", why));
    }
}
