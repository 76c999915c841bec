package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleRole;
import rotagens.server.importexport.CsvFormat.Cells;
import rotagens.server.vehicle.VehicleRegister.AxleOnFile;
import rotagens.server.vehicle.VehicleRegister.Entry;
import rotagens.server.vehicle.VehicleRequest.AxleRequest;
import rotagens.server.web.InputValidator;

/** The cells of a row that are about a vehicle's axles, the parts of one cell separated by a bar. */
final class AxleCells {

    private static final Pattern AXLE = Pattern.compile("([a-z]+)\\s*([0-9]+)?\\s*(dual|duals)?");
    private static final Pattern TIRES_ONLY = Pattern.compile("[24](\\s*[/-]\\s*[24])+");

    /** {@code 2/4/2} by its tires alone: steer, drive, and behind them drives where they are duals and tags where not. */
    private static String named(String text, boolean isTrailer) {
        if (!TIRES_ONLY.matcher(text.strip()).matches()) {
            return text;
        }
        List<String> named = new ArrayList<>();
        for (String tires : text.strip().split("\\s*[/-]\\s*")) {
            String role = isTrailer
                    ? "trailer"
                    : named.isEmpty() ? "steer" : named.size() == 1 || tires.equals("4") ? "drive" : "tag";
            named.add(role + " " + tires);
        }
        return String.join(" | ", named);
    }

    /**
     * The axles a row draws, each with its rating and placard; what the row leaves out stays as it is on file.
     *
     * @param old the vehicle as it is on file; empty for a new one
     * @param wrong takes what is wrong, each at its column
     */
    static List<AxleRequest> read(Cells row, Optional<Entry> old, InputValidator wrong) {
        List<AxleRequest> known = old.map(
                        one -> one.axles().stream().map(AxleCells::form).toList())
                .orElse(List.of());
        List<AxleRequest> axles = new ArrayList<>(known);
        row.get("axles").ifPresent(text -> {
            axles.clear();
            int at = 0;
            boolean isTrailer =
                    row.get("kind").filter("trailer"::equalsIgnoreCase).isPresent();
            for (String part : named(text, isTrailer).toLowerCase(Locale.ROOT).split("\\s*[|,;]\\s*")) {
                int number = at++;
                wrong.attempt("axles", () -> axle(part))
                        .ifPresent(axle -> axles.add(
                                number < known.size()
                                        ? new AxleRequest(
                                                axle.role(),
                                                axle.tires(),
                                                known.get(number).gawr(),
                                                known.get(number).placardSize(),
                                                known.get(number).placardPressure())
                                        : axle));
            }
        });
        List<String> ratings = parts(row, "axle ratings", axles.size(), wrong);
        List<String> sizes = parts(row, "placard sizes", axles.size(), wrong);
        List<String> pressures = parts(row, "placard pressures", axles.size(), wrong);
        List<AxleRequest> filled = new ArrayList<>();
        for (int at = 0; at < axles.size(); at++) {
            AxleRequest axle = axles.get(at);
            filled.add(new AxleRequest(
                    axle.role(),
                    axle.tires(),
                    ratings.isEmpty() ? axle.gawr() : ratings.get(at),
                    sizes.isEmpty() ? axle.placardSize() : sizes.get(at),
                    pressures.isEmpty() ? axle.placardPressure() : pressures.get(at)));
        }
        return filled;
    }

    private static AxleRequest form(AxleOnFile one) {
        return new AxleRequest(
                one.axle().role(),
                one.axle().tires(),
                one.gawr().map(load -> load.asEntered()).orElse(null),
                one.placardSize().map(TireSize::molded).orElse(null),
                one.placardPressure().map(pressure -> pressure.asEntered()).orElse(null));
    }

    private static AxleRequest axle(String part) {
        Matcher axle = AXLE.matcher(part.strip());
        Optional<AxleRole> role = axle.matches()
                ? Arrays.stream(AxleRole.values())
                        .filter(one -> one.label().equals(axle.group(1)))
                        .findFirst()
                : Optional.empty();
        if (role.isEmpty()) {
            throw new InvalidInputException(WORDS.say("isNoAxleWriteSteer", "part", part.strip()));
        }
        int tires = axle.group(2) == null ? (axle.group(3) == null ? 2 : 4) : Integer.parseInt(axle.group(2));
        Axle.ofTires(role.get(), tires);
        return new AxleRequest(role.get(), tires, null, null, null);
    }

    /** One part for all axles, or one for each. */
    private static List<String> parts(Cells row, String column, int axles, InputValidator wrong) {
        Optional<String> cell = row.get(column);
        if (cell.isEmpty() || axles == 0) {
            return List.of();
        }
        List<String> parts = Arrays.stream(cell.get().split("\\s*\\|\\s*", -1))
                .map(String::strip)
                .toList();
        if (parts.size() == 1) {
            return Collections.nCopies(axles, parts.get(0));
        }
        if (parts.size() != axles) {
            wrong.wrong(column, WORDS.say("writeOneForAllAxles", "axles", axles));
            return List.of();
        }
        return parts;
    }

    private AxleCells() {}
}
