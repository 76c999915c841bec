package rotagens.server.planning;

import static rotagens.server.storage.generated.Tables.FOLLOW_UP;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import rotagens.core.measure.Distance;
import rotagens.core.shop.DayWindow;
import rotagens.server.planning.JobViews.FollowUpView;

/** What jobs follow: the work before them, and the days they are meant for. */
@Repository
class FollowUpStore {

    private final DSLContext db;

    FollowUpStore(DSLContext db) {
        this.db = db;
    }

    void put(long jobId, LocalDate workDone, Optional<DayWindow> window, Optional<Distance> odometer) {
        db.insertInto(FOLLOW_UP)
                .set(FOLLOW_UP.JOB_ID, jobId)
                .set(FOLLOW_UP.WORK_DONE_DATE, workDone)
                .set(FOLLOW_UP.FROM_DATE, window.map(DayWindow::from).orElse(null))
                .set(FOLLOW_UP.TO_DATE, window.map(DayWindow::to).orElse(null))
                .set(FOLLOW_UP.ODOMETER, odometer.orElse(null))
                .execute();
    }

    Map<Long, FollowUpView> of(Collection<Long> jobIds) {
        return db.selectFrom(FOLLOW_UP)
                .where(FOLLOW_UP.JOB_ID.in(jobIds))
                .fetchMap(
                        FOLLOW_UP.JOB_ID,
                        row -> new FollowUpView(
                                row.getWorkDoneDate(),
                                row.getFromDate(),
                                row.getToDate(),
                                Optional.ofNullable(row.getOdometer())
                                        .map(Distance::asEntered)
                                        .orElse(null)));
    }
}
