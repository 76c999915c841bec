package rotagens.server.monthlyreport;

import static rotagens.server.monthlyreport.MonthlyreportWords.WORDS;

import java.time.DateTimeException;
import java.time.YearMonth;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.server.importexport.CsvText;
import rotagens.server.monthlyreport.MonthlyReports.MonthlyReportView;
import rotagens.server.web.ProblemException;

@RestController
class MonthlyReportController {

    private final MonthlyReports reports;

    MonthlyReportController(MonthlyReports reports) {
        this.reports = reports;
    }

    /** A month in figures: work, money, miles, what was found. */
    @GetMapping("/api/monthly-report")
    MonthlyReportView getMonthlyReport(
            @RequestParam(required = false) @Nullable String month, @RequestParam(defaultValue = "US") Units units) {
        return reports.of(parsed(month), units);
    }

    /** The month’s figures as CSV. */
    @GetMapping("/api/monthly-report.csv")
    ResponseEntity<byte[]> exportMonthlyReport(
            @RequestParam(required = false) @Nullable String month, @RequestParam(defaultValue = "US") Units units) {
        return CsvText.answer("month", reports.csv(parsed(month), units));
    }

    private static @Nullable YearMonth parsed(@Nullable String month) {
        try {
            return month == null || month.isBlank() ? null : YearMonth.parse(month);
        } catch (DateTimeException e) {
            throw ProblemException.field("month", WORDS.say("enterAMonthSuch"));
        }
    }
}
