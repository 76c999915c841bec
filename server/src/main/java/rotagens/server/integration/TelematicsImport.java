package rotagens.server.integration;

import static rotagens.server.integration.IntegrationWords.WORDS;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import rotagens.core.measure.Units;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.importexport.Imports;
import rotagens.server.importexport.Imports.OdometersTaken;

/**
 * Odometers from a telematics system that drops CSV files into the folder {@code telematics} of the data folder. Files read are
 * moved aside, never deleted. The simulated system drops one as a real one would.
 */
@Service
class TelematicsImport {

    record TelematicsImportView(int files, int readings, List<String> faults) {}

    record SimulatedFileView(String file) {}

    private static final int MOST_FILES = 50;
    private static final int MOST_BYTES = 4_000_000;
    private static final int MOST_FAULTS = 30;

    private final Imports imports;
    private final FleetCache fleet;
    private final Clock clock;
    private final Path folder;

    TelematicsImport(Imports imports, FleetCache fleet, Clock clock, @Value("${rotagens.data}") Path data) {
        this.imports = imports;
        this.fleet = fleet;
        this.clock = clock;
        this.folder = data.resolve("telematics");
    }

    /** Reads every file that lies there. */
    TelematicsImportView read() {
        List<String> faults = new ArrayList<>();
        int files = 0;
        int readings = 0;
        for (Path file : waiting()) {
            try {
                if (Files.size(file) > MOST_BYTES) {
                    faults.add(WORDS.say("largerThan4MbLeft", "fileName", file.getFileName()));
                    continue;
                }
                OdometersTaken taken = imports.odometers(Files.readAllBytes(file), Units.US);
                readings += taken.taken();
                taken.faults().stream()
                        .limit(MOST_FAULTS)
                        .forEach(fault -> faults.add(file.getFileName() + ": " + fault));
                Files.createDirectories(folder.resolve("read"));
                Files.move(file, folder.resolve("read").resolve(UUID.randomUUID() + "-" + file.getFileName()));
                files++;
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            } catch (RuntimeException e) {
                faults.add(file.getFileName() + ": " + e.getMessage());
            }
        }
        return new TelematicsImportView(files, readings, faults);
    }

    private List<Path> waiting() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> Files.isRegularFile(file)
                            && file.getFileName()
                                    .toString()
                                    .toLowerCase(Locale.ROOT)
                                    .endsWith(".csv"))
                    .sorted()
                    .limit(MOST_FILES)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The simulated system: every vehicle that rolls has driven its usual miles since its last reading. */
    SimulatedFileView simulate() {
        LocalDate today = LocalDate.now(clock);
        StringBuilder csv = new StringBuilder("unit,day,odometer\r\n");
        for (VehicleAssessment vehicleAssessment : fleet.all()) {
            var vehicle = vehicleAssessment.onFile();
            vehicle.odometer().ifPresent(last -> {
                long days = Math.max(1, ChronoUnit.DAYS.between(last.on(), today));
                double driven = vehicle.facts().parkedSince().isPresent()
                        ? 0
                        : vehicle.facts().milesPerDay().orElse(0) * days;
                csv.append(vehicle.facts().unit())
                        .append(',')
                        .append(today)
                        .append(',')
                        .append(Math.round(last.reading().miles() + driven))
                        .append(" mi\r\n");
            });
        }
        try {
            Files.createDirectories(folder);
            String name = "odometers-" + today + "-" + UUID.randomUUID() + ".csv";
            Files.write(folder.resolve(name), csv.toString().getBytes(StandardCharsets.UTF_8));
            return new SimulatedFileView(name);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
