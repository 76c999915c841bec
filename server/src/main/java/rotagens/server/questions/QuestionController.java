package rotagens.server.questions;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.core.planning.Question;
import rotagens.server.importexport.CsvText;
import rotagens.server.questions.QuestionService.AnswerView;
import rotagens.server.questions.QuestionService.QuestionListView;
import rotagens.server.questions.QuestionService.QuestionRequest;
import rotagens.server.questions.QuestionService.SaveQuestionRequest;

@RestController
class QuestionController {

    private final QuestionService questionService;

    QuestionController(QuestionService questionService) {
        this.questionService = questionService;
    }

    /** Every standing question with how many vehicles it concerns, and those kept under a name. */
    @GetMapping("/api/questions")
    QuestionListView listQuestions(@RequestParam(defaultValue = "US") Units units) {
        return questionService.all(units);
    }

    /** One question, or several combined. */
    @GetMapping("/api/questions/answers")
    AnswerView answerQuestions(
            @RequestParam List<Question> ask,
            @RequestParam(defaultValue = "true") boolean together,
            @RequestParam(required = false) @Nullable String vehicleClass,
            @RequestParam(required = false) @Nullable String yard,
            @RequestParam(required = false) @Nullable Double years,
            @RequestParam(required = false) @Nullable LocalDate by,
            @RequestParam(defaultValue = "US") Units units) {
        return questionService.answer(new QuestionRequest(ask, together, vehicleClass, yard, years, by), units);
    }

    /** The answers to a question as CSV. */
    @GetMapping("/api/questions/answers.csv")
    ResponseEntity<byte[]> exportAnswers(
            @RequestParam List<Question> ask,
            @RequestParam(defaultValue = "true") boolean together,
            @RequestParam(required = false) @Nullable String vehicleClass,
            @RequestParam(required = false) @Nullable String yard,
            @RequestParam(required = false) @Nullable Double years,
            @RequestParam(required = false) @Nullable LocalDate by,
            @RequestParam(defaultValue = "US") Units units) {
        String csv = questionService.csv(new QuestionRequest(ask, together, vehicleClass, yard, years, by), units);
        return CsvText.answer("question", csv);
    }

    /** Keeps a question to be asked again. */
    @PostMapping("/api/saved-questions")
    QuestionListView saveQuestion(
            @RequestParam(defaultValue = "US") Units units, @RequestBody SaveQuestionRequest kept) {
        questionService.keep(kept);
        return questionService.all(units);
    }

    /** Forgets a kept question. */
    @DeleteMapping("/api/saved-questions/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteSavedQuestion(@PathVariable long id) {
        questionService.forget(id);
    }
}
