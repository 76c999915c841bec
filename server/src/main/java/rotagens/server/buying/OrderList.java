package rotagens.server.buying;

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
import rotagens.core.measure.Money;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Units;
import rotagens.core.planning.BayNeeds;
import rotagens.core.planning.Supply;
import rotagens.core.tire.TireModel;
import rotagens.server.buying.Buying.Supplier;
import rotagens.server.exchange.CsvText;
import rotagens.server.paper.Paper;
import rotagens.server.planning.JobViews.Item;
import rotagens.server.planning.JobViews.Job;
import rotagens.server.planning.Jobs;
import rotagens.server.tire.Catalogue;

/** What open jobs need, less what is on the shelf and on its way, by supplier, with the day to order by. */
@Service
public class OrderList {

    static final String NOBODY = "No supplier on file";

    /** @param orderBy so that it is there on the day of the first job that needs it */
    public record OrderListLine(
            long tireModelId,
            String model,
            String sidewall,
            int wanted,
            int onShelf,
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
            String mail,
            int leadDays,
            List<OrderListLine> lines,
            int tires,
            String total,
            long cents) {}

    private record Priced(OrderListLine line, long cents) {}

    private record Wanted(int count, LocalDate first, List<String> jobs) {}

    private final Jobs jobs;
    private final Buying buying;
    private final Catalogue catalogue;
    private final Paper paper;
    private final Clock clock;

    OrderList(Jobs jobs, Buying buying, Catalogue catalogue, Paper paper, Clock clock) {
        this.jobs = jobs;
        this.buying = buying;
        this.catalogue = catalogue;
        this.paper = paper;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<SupplierList> of(Units units) {
        LocalDate today = LocalDate.now(clock);
        Supply supply = buying.supply();
        List<Supplier> suppliers = buying.suppliers();
        Map<Long, TireModel> models = catalogue.byId();
        Map<Optional<Supplier>, List<Priced>> bySupplier = new LinkedHashMap<>();
        wanted(units)
                .forEach((modelId, want) -> bySupplier
                        .computeIfAbsent(
                                Buying.supplierOf(models.get(modelId).maker(), suppliers), one -> new ArrayList<>())
                        .add(priced(modelId, models.get(modelId), want, supply, today)));
        return bySupplier.entrySet().stream()
                .map(entry -> new SupplierList(
                        entry.getKey().map(Supplier::name).orElse(NOBODY),
                        entry.getKey().map(Supplier::mail).orElse(""),
                        entry.getKey().map(Supplier::leadDays).orElse(Supply.USUAL_LEAD_DAYS),
                        entry.getValue().stream()
                                .map(Priced::line)
                                .sorted(java.util.Comparator.comparing(OrderListLine::orderBy)
                                        .thenComparing(OrderListLine::model))
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

    private Priced priced(long modelId, TireModel model, Wanted want, Supply supply, LocalDate today) {
        int toOrder = supply.toOrder(modelId, want.count());
        LocalDate orderBy = supply.orderBy(modelId, want.first());
        Optional<Money> price = catalogue.get(modelId).details().price();
        long cents = price.map(one -> one.cents() * toOrder).orElse(0L);
        return new Priced(
                new OrderListLine(
                        modelId,
                        model.title(),
                        model.sidewall(),
                        want.count(),
                        supply.onShelf(modelId),
                        supply.onOrder(modelId),
                        toOrder,
                        want.first(),
                        orderBy.isBefore(today) ? today : orderBy,
                        toOrder > 0 && orderBy.isBefore(today),
                        price.map(Money::words).orElse(null),
                        price.isPresent() ? Money.sum(cents) : null,
                        want.jobs()),
                cents);
    }

    private Map<Long, Wanted> wanted(Units units) {
        Map<Long, Wanted> wanted = new LinkedHashMap<>();
        for (Job job : jobs.open()) {
            for (Item item : job.items()) {
                if (!BayNeeds.takesTire(item.kind()) || item.tireModelId() == null) {
                    continue;
                }
                String where = (job.unit() + " " + (item.position() == null ? "" : item.position())).strip() + ", "
                        + Phrase.of("{}", job.day()).in(units);
                wanted.merge(item.tireModelId(), new Wanted(1, job.day(), List.of(where)), (one, other) -> {
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
                "to order",
                "needed by",
                "order by",
                "price",
                "on shelf",
                "on order",
                "for"));
        for (SupplierList supplier : of(units)) {
            for (OrderListLine line : supplier.lines()) {
                rows.add(List.of(
                        supplier.supplier(),
                        line.model(),
                        line.sidewall(),
                        String.valueOf(line.toOrder()),
                        line.neededBy().toString(),
                        line.orderBy().toString(),
                        line.price() == null ? "" : line.price(),
                        String.valueOf(line.onShelf()),
                        String.valueOf(line.onOrder()),
                        String.join("; ", line.jobs())));
            }
        }
        return CsvText.write(rows);
    }

    @Transactional(readOnly = true)
    public byte[] pdf(Units units) {
        StringBuilder body = new StringBuilder();
        for (SupplierList supplier : of(units)) {
            body.append("<h2>")
                    .append(Paper.text(supplier.supplier()))
                    .append("</h2><p>")
                    .append(Paper.text(supplier.tires() + " to order, " + supplier.total() + "; lead time "
                            + supplier.leadDays() + " days"))
                    .append(
                            "</p><table><tr><th>Model</th><th>To order</th><th>Order by</th><th>Needed by</th><th>For</th></tr>");
            for (OrderListLine line : supplier.lines()) {
                body.append("<tr><td>")
                        .append(Paper.text(line.model() + " " + line.sidewall()))
                        .append("</td><td>")
                        .append(line.toOrder())
                        .append("</td><td>")
                        .append(Paper.text(Phrase.of("{}", line.orderBy()).in(units)))
                        .append("</td><td>")
                        .append(Paper.text(Phrase.of("{}", line.neededBy()).in(units)))
                        .append("</td><td>")
                        .append(Paper.text(String.join("; ", line.jobs())))
                        .append("</td></tr>");
            }
            body.append("</table>");
        }
        return paper.pdf(
                "Order list", "Made " + Phrase.of("{}", LocalDate.now(clock)).in(units), body.toString());
    }
}
