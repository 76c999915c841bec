package rotagens.server.purchasing;

import static rotagens.server.purchasing.PurchasingWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Message;
import rotagens.core.measure.Money;
import rotagens.core.measure.Units;
import rotagens.core.planning.JobRequirements;
import rotagens.core.planning.TireAtWheel;
import rotagens.core.planning.TireSupply;
import rotagens.core.tire.TireModel;
import rotagens.server.importexport.CsvText;
import rotagens.server.pdf.PdfRenderer;
import rotagens.server.planning.JobViews.JobItemView;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.Jobs;
import rotagens.server.purchasing.Purchasing.Supplier;
import rotagens.server.tire.TireCatalog;

/** What open jobs need, less what is on the shelf and on its way, by supplier, with the day to order by. */
@Service
public class OrderNeeds {

    static final String NOBODY = WORDS.say("noSupplierOnFile");

    /** @param orderBy so that it is there on the day of the first job that needs it */
    public record OrderNeedRow(
            long tireModelId,
            String model,
            String sidewall,
            int wanted,
            int inStock,
            int onOrder,
            int toOrder,
            LocalDate neededBy,
            LocalDate orderBy,
            boolean late,
            @Nullable String price,
            @Nullable String total,
            List<String> jobs) {}

    public record SupplierList(
            String supplier,
            String email,
            int leadDays,
            List<OrderNeedRow> lines,
            int tires,
            String total,
            long cents) {}

    private record Priced(OrderNeedRow line, long cents) {}

    private record Wanted(int count, LocalDate first, List<String> jobs) {}

    private final Jobs jobs;
    private final Purchasing purchasing;
    private final TireCatalog tireCatalog;
    private final PdfRenderer pdfRenderer;
    private final Clock clock;

    OrderNeeds(Jobs jobs, Purchasing purchasing, TireCatalog tireCatalog, PdfRenderer pdfRenderer, Clock clock) {
        this.jobs = jobs;
        this.purchasing = purchasing;
        this.tireCatalog = tireCatalog;
        this.pdfRenderer = pdfRenderer;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<SupplierList> of(Units units) {
        LocalDate today = LocalDate.now(clock);
        TireSupply tireSupply = purchasing.supply();
        List<Supplier> suppliers = purchasing.suppliers();
        Map<Long, TireModel> models = tireCatalog.byId();
        Map<Optional<Supplier>, List<Priced>> bySupplier = new LinkedHashMap<>();
        wanted(units)
                .forEach((modelId, want) -> bySupplier
                        .computeIfAbsent(
                                Purchasing.supplierOf(models.get(modelId).manufacturer(), suppliers),
                                one -> new ArrayList<>())
                        .add(priced(modelId, models.get(modelId), want, tireSupply, today)));
        return bySupplier.entrySet().stream()
                .map(entry -> new SupplierList(
                        entry.getKey().map(Supplier::name).orElse(NOBODY),
                        entry.getKey().map(Supplier::email).orElse(""),
                        entry.getKey().map(Supplier::leadDays).orElse(TireSupply.USUAL_LEAD_DAYS),
                        entry.getValue().stream()
                                .map(Priced::line)
                                .sorted(java.util.Comparator.comparing(OrderNeedRow::orderBy)
                                        .thenComparing(OrderNeedRow::model))
                                .toList(),
                        entry.getValue().stream()
                                .mapToInt(one -> one.line().toOrder())
                                .sum(),
                        Money.sum(cents(entry.getValue())),
                        cents(entry.getValue())))
                .toList();
    }

    /** What all that is to be ordered costs, as far as prices are on file. */
    @Transactional(readOnly = true)
    public long cents(Units units) {
        return of(units).stream().mapToLong(SupplierList::cents).sum();
    }

    private static long cents(List<Priced> lines) {
        return lines.stream().mapToLong(Priced::cents).sum();
    }

    private Priced priced(long modelId, TireModel model, Wanted want, TireSupply tireSupply, LocalDate today) {
        int toOrder = tireSupply.toOrder(modelId, want.count());
        LocalDate orderBy = tireSupply.orderBy(modelId, want.first());
        Optional<Money> price = tireCatalog.get(modelId).details().price();
        long cents = price.map(one -> one.cents() * toOrder).orElse(0L);
        return new Priced(
                new OrderNeedRow(
                        modelId,
                        model.title(),
                        model.sidewall(),
                        want.count(),
                        tireSupply.onShelf(modelId),
                        tireSupply.onOrder(modelId),
                        toOrder,
                        want.first(),
                        orderBy.isBefore(today) ? today : orderBy,
                        toOrder > 0 && orderBy.isBefore(today),
                        price.map(Money::label).orElse(null),
                        price.isPresent() ? Money.sum(cents) : null,
                        want.jobs()),
                cents);
    }

    private Map<Long, Wanted> wanted(Units units) {
        Map<Long, Wanted> wanted = new LinkedHashMap<>();
        List<JobView> open = jobs.open();
        for (JobView jobView : open) {
            for (JobItemView jobItemView : jobView.items()) {
                Long modelId = jobItemView.tireModelId();
                boolean isInStock = jobItemView.tireSource() == TireAtWheel.Source.STOCK;
                if (!JobRequirements.takesTire(jobItemView.workType()) || modelId == null || isInStock) {
                    continue;
                }
                String where =
                        (jobView.unit() + " " + (jobItemView.position() == null ? "" : jobItemView.position())).strip()
                                + ", " + Message.of("{}", jobView.day()).in(units);
                wanted.merge(modelId, new Wanted(1, jobView.day(), List.of(where)), (one, other) -> {
                    List<String> all = new ArrayList<>(one.jobs());
                    all.addAll(other.jobs());
                    return new Wanted(
                            one.count() + 1, one.first().isBefore(other.first()) ? one.first() : other.first(), all);
                });
            }
        }
        return wanted;
    }

    @Transactional(readOnly = true)
    public String csv(Units units) {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of(
                "supplier",
                "model",
                "sidewall",
                WORDS.say("toOrder"),
                WORDS.say("neededBy"),
                WORDS.say("orderBy"),
                "price",
                WORDS.say("onShelf"),
                WORDS.say("onOrder"),
                "for"));
        for (SupplierList supplier : of(units)) {
            for (OrderNeedRow line : supplier.lines()) {
                rows.add(List.of(
                        supplier.supplier(),
                        line.model(),
                        line.sidewall(),
                        String.valueOf(line.toOrder()),
                        line.neededBy().toString(),
                        line.orderBy().toString(),
                        line.price() == null ? "" : line.price(),
                        String.valueOf(line.inStock()),
                        String.valueOf(line.onOrder()),
                        String.join("; ", line.jobs())));
            }
        }
        return CsvText.write(rows);
    }

    @Transactional(readOnly = true)
    public byte[] pdf(Units units) {
        return pdfRenderer.pdf(
                "order-list",
                WORDS.say("orderList"),
                WORDS.say("made", "day", day(LocalDate.now(clock), units)),
                Map.of(
                        "suppliers",
                        of(units).stream().map(one -> onPaper(one, units)).toList()));
    }

    /** A supplier's part of the order list on paper. */
    public record PaperSupplier(String name, String summary, List<PaperLine> lines) {}

    /** One model to order, on paper. */
    public record PaperLine(String model, int toOrder, String orderBy, String neededBy, String jobs) {}

    private static PaperSupplier onPaper(SupplierList supplier, Units units) {
        return new PaperSupplier(
                supplier.supplier(),
                WORDS.say(
                        "toOrderLeadTimeDays",
                        "tires",
                        supplier.tires(),
                        "total",
                        supplier.total(),
                        "leadDays",
                        supplier.leadDays()),
                supplier.lines().stream()
                        .map(line -> new PaperLine(
                                line.model() + " " + line.sidewall(),
                                line.toOrder(),
                                day(line.orderBy(), units),
                                day(line.neededBy(), units),
                                String.join("; ", line.jobs())))
                        .toList());
    }

    private static String day(LocalDate day, Units units) {
        return Message.of("{}", day).in(units);
    }
}
