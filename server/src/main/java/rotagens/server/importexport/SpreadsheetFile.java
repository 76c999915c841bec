package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import com.github.miachm.sods.SpreadSheet;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import rotagens.server.importexport.CsvText.Row;
import rotagens.server.web.ProblemException;

/** Sheets of a spreadsheet file, XLSX or ODS, as text: a formula by the value it had when it was saved, a day as {@code 2026-07-28}. */
final class SpreadsheetFile {

    /** One sheet. */
    record Sheet(String name, List<Row> rows) {}

    private static final int MOST_SHEETS = 20;
    private static final int MOST_ROWS = 60_000;
    private static final int MOST_CELLS = 100;
    private static final int MOST_PARTS = 500;
    private static final long MOST_BYTES = 120L << 20;
    private static final Pattern REPEATED = Pattern.compile("number-(?:rows|columns)-repeated=\"(\\d+)\"");
    private static final Pattern DAY_FORMAT = Pattern.compile("(?i).*[dmy].*");
    private static final Pattern NOT_DAY = Pattern.compile("\"[^\"]*\"|\\[[^\\]]*]|(?i)general");

    private SpreadsheetFile() {}

    /** Whether a file is a zip file, as spreadsheets are. */
    static boolean isOne(byte[] file) {
        return file.length >= 4 && file[0] == 'P' && file[1] == 'K' && file[2] == 3 && file[3] == 4;
    }

    /**
     * Every sheet that holds something.
     *
     * @throws ProblemException where it is no spreadsheet, is damaged, or is larger unpacked than any list of vehicles
     */
    static List<Sheet> read(byte[] file) {
        Looked looked = looked(file);
        boolean isOds = looked.isOds();
        try {
            List<Sheet> sheets = isOds ? ods(file) : xlsx(file, looked.hasStyles());
            if (sheets.isEmpty()) {
                throw refused(WORDS.say("itHoldsNoRows"));
            }
            return sheets;
        } catch (ProblemException e) {
            throw e;
        } catch (IOException | RuntimeException damaged) {
            throw refused(WORDS.say("itCantBeRead"));
        }
    }

    private record Looked(boolean isOds, boolean hasStyles) {}

    /** Looks at what is in it before any of it is unpacked into memory. */
    private static Looked looked(byte[] file) {
        long size = 0;
        int parts = 0;
        boolean isOds = false;
        boolean isXlsx = false;
        boolean hasStyles = false;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry part = zip.getNextEntry(); part != null; part = zip.getNextEntry()) {
                if (++parts > MOST_PARTS) {
                    throw refused(WORDS.say("itHoldsTooManyParts"));
                }
                isOds |= part.getName().equals("content.xml");
                isXlsx |= part.getName().equals("xl/workbook.xml");
                hasStyles |= part.getName().equals("xl/styles.xml");
                size += looked(zip, part.getName(), size);
            }
        } catch (IOException e) {
            throw refused(WORDS.say("itIsDamaged"));
        }
        if (!isOds && !isXlsx) {
            throw refused(WORDS.say("itIsNeitherAnXlsx"));
        }
        return new Looked(isOds, hasStyles);
    }

    private static long looked(InputStream part, String name, long before) throws IOException {
        byte[] some = new byte[64 * 1024];
        long size = 0;
        String rest = "";
        for (int read = part.read(some); read > 0; read = part.read(some)) {
            size += read;
            if (before + size > MOST_BYTES) {
                throw refused(WORDS.say("unpackedItIsLargerThan"));
            }
            if (name.endsWith(".xml")) {
                String text = rest + new String(some, 0, read, StandardCharsets.ISO_8859_1);
                if (text.contains("<!DOCTYPE") || text.contains("<!ENTITY")) {
                    throw refused(WORDS.say("itHoldsDefinitions"));
                }
                rest = text.substring(Math.max(0, text.length() - 80));
            }
        }
        return size;
    }

    /** @param hasStyles without them nothing says that a figure is shown as a day */
    private static List<Sheet> xlsx(byte[] file, boolean hasStyles) throws IOException {
        List<Sheet> sheets = new ArrayList<>();
        try (ReadableWorkbook book =
                new ReadableWorkbook(new ByteArrayInputStream(file), new ReadingOptions(hasStyles, true))) {
            for (org.dhatim.fastexcel.reader.Sheet sheet :
                    book.getSheets().limit(MOST_SHEETS).toList()) {
                List<Row> rows = new ArrayList<>();
                try (Stream<org.dhatim.fastexcel.reader.Row> lines = sheet.openStream()) {
                    lines.limit(MOST_ROWS).forEach(line -> {
                        List<String> cells = new ArrayList<>();
                        for (int at = 0; at < Math.min(line.getCellCount(), MOST_CELLS); at++) {
                            cells.add(line.getOptionalCell(at)
                                    .map(SpreadsheetFile::text)
                                    .orElse(""));
                        }
                        add(rows, line.getRowNum(), cells);
                    });
                }
                addSheet(sheets, sheet.getName(), rows);
            }
        }
        return sheets;
    }

    private static String text(Cell cell) {
        return switch (cell.getType()) {
            case NUMBER, FORMULA -> number(cell);
            case BOOLEAN -> Boolean.TRUE.equals(cell.asBoolean()) ? "yes" : "no";
            case STRING -> cell.asString();
            case ERROR, EMPTY -> "";
        };
    }

    private static String number(Cell cell) {
        String raw = cell.getRawValue();
        if (raw == null) {
            return "";
        }
        BigDecimal figure;
        try {
            figure = new BigDecimal(raw);
        } catch (NumberFormatException words) {
            return raw;
        }
        if (isDay(cell.getDataFormatString())) {
            return cell.asDate().toLocalDate().toString();
        }
        // What a sheet shows as 5.4 is kept as 5.4000000000000004.
        return plain(figure.round(new java.math.MathContext(12)));
    }

    private static boolean isDay(String format) {
        return format != null
                && DAY_FORMAT.matcher(NOT_DAY.matcher(format).replaceAll("")).matches();
    }

    private static String plain(BigDecimal figure) {
        return figure.signum() == 0 ? "0" : figure.stripTrailingZeros().toPlainString();
    }

    private static List<Sheet> ods(byte[] file) throws IOException {
        refuseEndless(file);
        List<Sheet> sheets = new ArrayList<>();
        for (com.github.miachm.sods.Sheet sheet : new SpreadSheet(new ByteArrayInputStream(file))
                .getSheets().stream().limit(MOST_SHEETS).toList()) {
            List<Row> rows = new ArrayList<>();
            Object[][] values = sheet.getDataRange().getValues();
            for (int line = 0; line < Math.min(values.length, MOST_ROWS); line++) {
                List<String> cells = new ArrayList<>();
                for (int at = 0; at < Math.min(values[line].length, MOST_CELLS); at++) {
                    cells.add(text(values[line][at]));
                }
                add(rows, line + 1, cells);
            }
            addSheet(sheets, sheet.getName(), rows);
        }
        return sheets;
    }

    /** A cell may say that it is repeated a million times: what isn't empty then would fill the memory. */
    private static void refuseEndless(byte[] file) throws IOException {
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry part = zip.getNextEntry(); part != null; part = zip.getNextEntry()) {
                if (part.getName().equals("content.xml")) {
                    Matcher repeated = REPEATED.matcher(new String(zip.readAllBytes(), StandardCharsets.UTF_8));
                    while (repeated.find()) {
                        boolean isMany =
                                repeated.group(1).length() > 7 || Integer.parseInt(repeated.group(1)) > 2_000_000;
                        if (isMany) {
                            throw refused(WORDS.say("itRepeatsARowMore"));
                        }
                    }
                }
            }
        }
    }

    private static String text(Object value) {
        if (value == null) {
            return "";
        }
        if (value instanceof LocalDateTime moment) {
            return moment.toLocalDate().toString();
        }
        if (value instanceof LocalDate day) {
            return day.toString();
        }
        if (value instanceof Double figure) {
            return plain(BigDecimal.valueOf(figure).round(new java.math.MathContext(12)));
        }
        if (value instanceof Boolean yes) {
            return yes ? "yes" : "no";
        }
        return String.valueOf(value);
    }

    private static void add(List<Row> rows, long line, List<String> cells) {
        List<String> clean =
                cells.stream().map(cell -> CsvText.undefuse(cell.strip())).toList();
        if (clean.stream().anyMatch(cell -> !cell.isEmpty())) {
            rows.add(new Row(line, clean));
        }
    }

    private static void addSheet(List<Sheet> sheets, String name, List<Row> rows) {
        if (!rows.isEmpty()) {
            sheets.add(new Sheet(name, rows));
        }
    }

    private static ProblemException refused(String why) {
        return ProblemException.field("file", WORDS.say("thisSpreadsheetCantBeRead", "why", why));
    }
}
