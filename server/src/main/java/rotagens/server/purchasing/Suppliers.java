package rotagens.server.purchasing;

import static rotagens.server.purchasing.PurchasingWords.WORDS;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Message;
import rotagens.core.measure.Money;
import rotagens.core.measure.Units;
import rotagens.core.planning.DiscountProgram;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.outbox.Outbox;
import rotagens.server.people.People;
import rotagens.server.purchasing.OrderNeeds.OrderNeedRow;
import rotagens.server.purchasing.OrderNeeds.SupplierList;
import rotagens.server.purchasing.OrderViews.OrderLineRequest;
import rotagens.server.purchasing.OrderViews.OrderRequest;
import rotagens.server.purchasing.SupplierStore.StoredSupplier;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** Suppliers, discount programs, and orders sent to them; mail goes into the outbox that stands in for a mail service. */
@Service
public class Suppliers {

    record SupplierView(long id, int version, String name, String email, int leadDays, String manufacturers) {}

    public record SupplierRequest(
            @Nullable Long id,
            @Nullable Integer version,
            @Nullable String name,
            @Nullable String email,
            @Nullable Integer leadDays,
            @Nullable String manufacturers) {}

    /** @param says whether it pays for what is to be ordered now */
    record DiscountProgramView(
            long id, String name, String fee, String saving, long breakEven, long toOrder, String statement) {}

    public record DiscountProgramRequest(
            @Nullable String name,
            @Nullable String fee,
            @Nullable String saving) {}

    record SendOrderRequest(
            @Nullable String supplier, @Nullable String yard) {}

    record SentOrderView(long orderId, long messageId, int tires) {}

    private static final int LONGEST = 80;
    private static final int MOST_LEAD = 365;

    private final SupplierStore store;
    private final OrderNeeds list;
    private final Orders orders;
    private final Outbox outbox;
    private final People people;
    private final ChangeTracker changeTracker;

    Suppliers(
            SupplierStore store,
            OrderNeeds list,
            Orders orders,
            Outbox outbox,
            People people,
            ChangeTracker changeTracker) {
        this.outbox = outbox;
        this.store = store;
        this.list = list;
        this.orders = orders;
        this.people = people;
        this.changeTracker = changeTracker;
    }

    @Transactional(readOnly = true)
    public List<SupplierView> all() {
        return store.all().stream()
                .map(one -> new SupplierView(
                        one.id(), one.version(), one.name(), one.email(), one.leadDays(), one.manufacturers()))
                .toList();
    }

    @Transactional
    public void save(SupplierRequest form) {
        changeTracker.only();
        InputValidator wrong = new InputValidator();
        String name = wrong.text("name", form.name(), LONGEST);
        wrong.unless(!name.isEmpty(), "name", WORDS.say("enterTheSuppliersName"));
        String mail = wrong.text("email", form.email(), LONGEST);
        wrong.unless(mail.isEmpty() || mail.matches("[^@\\s]+@[^@\\s]+"), "email", WORDS.say("thisIsNoMailAddress"));
        wrong.unless(
                form.leadDays() != null && form.leadDays() >= 0 && form.leadDays() <= MOST_LEAD,
                "leadDays",
                WORDS.say("enterTheDaysFromOrder", "mostLead", MOST_LEAD));
        String makers = wrong.text("manufacturers", form.manufacturers(), 300);
        wrong.unless(
                !store.isNamedOtherThan(form.id() == null ? -1L : form.id(), name),
                "name",
                WORDS.say("anotherSupplierIsCalledAlready", "name", name));
        wrong.refuseIfWrong();
        if (form.id() == null) {
            store.add(name, mail, form.leadDays(), makers);
            return;
        }
        boolean changed = store.change(new StoredSupplier(
                form.id(), form.version() == null ? 0 : form.version(), name, mail, form.leadDays(), makers));
        if (!changed) {
            throw ProblemException.changedMeanwhile(WORDS.say("anotherUserChangedThisSupplier"), all());
        }
    }

    @Transactional(readOnly = true)
    public List<DiscountProgramView> programs(Units units) {
        long toOrder = list.of(units).stream().mapToLong(SupplierList::tires).sum();
        return store.programs().stream()
                .map(one -> {
                    DiscountProgram program = one.program();
                    long gains = program.gains(toOrder);
                    return new DiscountProgramView(
                            one.id(),
                            one.name(),
                            program.fee().label(),
                            program.saving().label(),
                            program.breakEven(),
                            toOrder,
                            gains >= 0
                                    ? WORDS.say("paysGained", "gains", Money.sum(gains), "toOrder", toOrder)
                                    : WORDS.say("doesntPayYetShort", "gains", Money.sum(-gains), "toOrder", toOrder));
                })
                .toList();
    }

    @Transactional
    public void addProgram(DiscountProgramRequest form) {
        changeTracker.only();
        InputValidator wrong = new InputValidator();
        String name = wrong.text("name", form.name(), LONGEST);
        wrong.unless(!name.isEmpty(), "name", WORDS.say("enterTheProgramsName"));
        Optional<Money> fee = wrong.required("fee", form.fee(), Money::parse);
        Optional<Money> saving = wrong.required("saving", form.saving(), Money::parse);
        if (fee.isPresent() && saving.isPresent()) {
            try {
                new DiscountProgram(fee.get(), saving.get());
            } catch (InvalidInputException e) {
                wrong.wrong("saving", e.getMessage());
            }
        }
        wrong.unless(!store.isProgram(name), "name", WORDS.say("anotherProgramIsCalledAlready", "name", name));
        wrong.refuseIfWrong();
        store.add(name, new DiscountProgram(fee.orElseThrow(), saving.orElseThrow()));
    }

    /** Orders what a supplier's list asks for, and writes the mail. */
    @Transactional
    public SentOrderView send(SendOrderRequest wanted, Units units) {
        changeTracker.only();
        SupplierList from = list.of(units).stream()
                .filter(one -> one.supplier().equals(wanted.supplier())
                        && !one.supplier().equals(OrderNeeds.NOBODY))
                .findFirst()
                .orElseThrow(() -> ProblemException.field("supplier", WORDS.say("chooseASupplierWithSomething")));
        List<OrderNeedRow> lines =
                from.lines().stream().filter(line -> line.toOrder() > 0).toList();
        if (lines.isEmpty()) {
            throw ProblemException.field("supplier", WORDS.say("nothingIsLeftToOrder", "supplier", from.supplier()));
        }
        long order = orders.order(
                new OrderRequest(
                        from.supplier(),
                        null,
                        wanted.yard(),
                        WORDS.say("fromTheOrderList"),
                        lines.stream()
                                .map(line -> new OrderLineRequest(line.tireModelId(), line.toOrder(), line.price()))
                                .toList()),
                people.me());
        StringBuilder body = new StringBuilder(WORDS.say("pleaseDeliver"))
                .append(wanted.yard())
                .append(":\n\n");
        lines.forEach(line -> body.append(line.toOrder())
                .append(" × ")
                .append(line.model())
                .append(' ')
                .append(line.sidewall())
                .append(WORDS.say("by"))
                .append(Message.of("{}", line.neededBy()).in(units))
                .append('\n'));
        body.append(WORDS.say("tiresNotOlderThanAsked"));
        long mail = outbox.add(
                from.email().isEmpty() ? from.supplier() : from.email(),
                WORDS.say("orderTires", "order", order, "tires", from.tires()),
                body.toString(),
                people.me());
        return new SentOrderView(order, mail, from.tires());
    }
}
