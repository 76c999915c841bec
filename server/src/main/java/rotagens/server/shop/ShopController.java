package rotagens.server.shop;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.server.shop.ShopViews.AcceptedPlan;
import rotagens.server.shop.ShopViews.AwayForm;
import rotagens.server.shop.ShopViews.PlaceJob;
import rotagens.server.shop.ShopViews.PlacedJob;
import rotagens.server.shop.ShopViews.PlanWish;
import rotagens.server.shop.ShopViews.ScheduleView;
import rotagens.server.shop.ShopViews.ShopPlanView;
import rotagens.server.shop.ShopViews.ShopSetupForm;
import rotagens.server.shop.ShopViews.ShopSetupView;
import rotagens.server.shop.ShopViews.WhyView;
import rotagens.server.web.OnceOnly;
import rotagens.server.web.Version;

@RestController
class ShopController {

    private final Schedule schedule;
    private final ShopSetups setups;
    private final Planner planner;
    private final Aways aways;
    private final OnceOnly onceOnly;
    private final TransactionTemplate writing;

    ShopController(
            Schedule schedule,
            ShopSetups setups,
            Planner planner,
            Aways aways,
            OnceOnly onceOnly,
            PlatformTransactionManager transactions) {
        this.schedule = schedule;
        this.setups = setups;
        this.planner = planner;
        this.aways = aways;
        this.onceOnly = onceOnly;
        this.writing = new TransactionTemplate(transactions);
    }

    @GetMapping("/api/shop/schedule")
    ScheduleView schedule(
            @RequestParam(required = false) @Nullable LocalDate from,
            @RequestParam(defaultValue = "1") int weeks,
            @RequestParam(defaultValue = "US") Units units) {
        return schedule.view(from, weeks, units);
    }

    @PutMapping("/api/shop/jobs/{id}/place")
    PlacedJob place(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader("If-Match") String seen,
            @RequestBody PlaceJob wanted) {
        return schedule.place(id, Version.seen(seen), wanted, units);
    }

    /** Why a job stands on its day, and what stops an earlier one. */
    @GetMapping("/api/shop/jobs/{id}/why")
    WhyView why(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return schedule.why(id, units);
    }

    @GetMapping("/api/shop/setup")
    ShopSetupView setup(@RequestParam(defaultValue = "US") Units units) {
        return setups.view(units);
    }

    @PutMapping("/api/shop/setup")
    ShopSetupView save(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader("If-Match") String seen,
            @RequestBody ShopSetupForm form) {
        return setups.save(Version.seen(seen), form, units);
    }

    @PostMapping("/api/shop/plan")
    ShopPlanView plan(@RequestParam(defaultValue = "US") Units units, @RequestBody PlanWish wish) {
        return planner.start(wish, units);
    }

    @GetMapping("/api/shop/plan")
    ShopPlanView plan(@RequestParam(defaultValue = "US") Units units) {
        return planner.view(units);
    }

    @PostMapping("/api/shop/plan/stop")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop() {
        planner.stop();
    }

    @PostMapping("/api/shop/plan/accept")
    AcceptedPlan accept(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return onceOnly.write(key, List.of("accept plan"), AcceptedPlan.class, () -> planner.accept(writing, units));
    }

    @PostMapping("/api/shop/away")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void away(@RequestBody AwayForm form) {
        aways.add(form);
    }

    @DeleteMapping("/api/shop/away/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void back(@PathVariable long id) {
        aways.remove(id);
    }
}
