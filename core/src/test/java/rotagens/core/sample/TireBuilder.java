package rotagens.core.sample;

import java.time.LocalDate;
import java.util.Optional;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.tire.DotWeek;
import rotagens.core.tire.LoadRatings;
import rotagens.core.tire.ServiceDescription;
import rotagens.core.tire.Tire;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;

/** A tire of a made-up model: a rib tire for all axles unless a test says otherwise. */
public final class TireBuilder {

    private final TireSize size;
    private String name = "Tessaly C2";
    private LoadRatings ratings = LoadRatings.UNKNOWN;
    private double moldedPsi = 120;
    private double new32nds = 18;
    private boolean directional;
    private long id = 1;
    private Optional<DotWeek> dotWeek = Optional.empty();
    private boolean retread;

    private TireBuilder(TireSize size) {
        this.size = size;
    }

    public static TireBuilder size(String molded) {
        return new TireBuilder(TireSize.parse(molded));
    }

    public TireBuilder name(String model) {
        name = model;
        return this;
    }

    public TireBuilder service(String description) {
        ratings = new LoadRatings(
                Optional.of(ServiceDescription.parse(description)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return this;
    }

    public TireBuilder rated(double singleLb, double dualLb) {
        ratings = new LoadRatings(
                Optional.empty(), Optional.empty(), Optional.of(Load.lb(singleLb)), Optional.of(Load.lb(dualLb)));
        return this;
    }

    public TireBuilder moldedPsi(double psi) {
        moldedPsi = psi;
        return this;
    }

    public TireBuilder new32nds(double depth) {
        new32nds = depth;
        return this;
    }

    public TireBuilder directional(boolean arrow) {
        directional = arrow;
        return this;
    }

    public TireBuilder id(long onFile) {
        id = onFile;
        return this;
    }

    /** Made in this week; null where nobody has read it. */
    public TireBuilder dot(String week, LocalDate today) {
        dotWeek = Optional.ofNullable(week).map(stamp -> DotWeek.parse(stamp, today));
        return this;
    }

    public TireBuilder retread(boolean retreaded) {
        retread = retreaded;
        return this;
    }

    public TireModel model() {
        return new TireModel(
                "Corvane",
                name,
                size,
                ratings,
                Optional.of(Pressure.psi(moldedPsi)),
                Optional.of(TreadDepth.of32nds(new32nds)),
                directional,
                true);
    }

    public Tire build() {
        return of(model());
    }

    /** The same tire, of a model at hand. */
    public Tire of(TireModel model) {
        return new Tire(id, model, dotWeek, retread, Optional.empty());
    }
}
