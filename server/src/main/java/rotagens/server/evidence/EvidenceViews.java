package rotagens.server.evidence;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.LocalDate;
import java.util.HexFormat;
import java.util.List;
import rotagens.core.measure.Units;

/** What an evidence pack holds. */
public final class EvidenceViews {

    private EvidenceViews() {}

    /** What a section is about. */
    public enum EvidenceSectionCode {
        TIRES,
        READINGS,
        PRESSURES,
        SCALE_TICKETS,
        INSPECTIONS,
        MOVES,
        WORK,
        TORQUE,
        BEAD_GAPS,
        GAS,
        SUSPENSION,
        PHOTOS,
        OVERRIDES,
        ALERTS,
        OPEN_WORK
    }

    /**
     * One part of the pack.
     *
     * @param rows cells under the heads, oldest first; none where nothing is on record
     */
    public record EvidenceSection(
            EvidenceSectionCode code, String title, List<String> heads, List<List<String>> rows) {}

    /**
     * What is on record of a vehicle over a span of time.
     *
     * @param asOf the day tires, verdicts, alerts and open work are told of
     * @param checksum SHA-256 over the pack's own lines, see {@link #checksum}
     */
    public record EvidencePackView(
            long vehicleId,
            String unit,
            String description,
            String yard,
            LocalDate from,
            LocalDate to,
            LocalDate asOf,
            Units units,
            List<EvidenceSection> sections,
            String checksum) {}

    /**
     * The checksum of a pack, to be worked out by whoever holds its JSON: UTF-8 lines, each ended by a line feed; first unit, from,
     * to, day and units, then of each section its code, and of each row its cells; parts of a line joined by a tab.
     */
    static String checksum(
            String unit, LocalDate from, LocalDate to, LocalDate asOf, Units units, List<EvidenceSection> sections) {
        StringBuilder lines = new StringBuilder();
        lines.append(String.join("\t", unit, from.toString(), to.toString(), asOf.toString(), units.name()))
                .append('\n');
        for (EvidenceSection section : sections) {
            lines.append(section.code()).append('\n');
            section.rows().forEach(row -> lines.append(String.join("\t", row)).append('\n'));
        }
        return sha256(lines.toString().getBytes(StandardCharsets.UTF_8));
    }

    static String sha256(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
