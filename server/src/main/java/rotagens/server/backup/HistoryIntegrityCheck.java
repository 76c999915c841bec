package rotagens.server.backup;

/** What must hold between a tire's movements and where it is now, as a question to the database. */
final class HistoryIntegrityCheck {

    private static final String BROKEN = """
            SELECT tire.id FROM tire
            LEFT JOIN installation ON installation.tire_id = tire.id
            LEFT JOIN tire_movement last ON last.id =
                (SELECT max(id) FROM tire_movement WHERE tire_id = tire.id AND type <> 'CORRECTED')
            WHERE installation.position_id IS NOT last.to_position_id
            OR (installation.tire_id IS NOT NULL AND EXISTS (SELECT 1 FROM stock WHERE stock.tire_id = tire.id))
            LIMIT 20""";

    /** The table of a backup made before its words changed; a backup is checked as it is, and brought up to date at the start. */
    private static final String EARLIER_TABLE = "fitment";

    static final String IS_EARLIER =
            "SELECT name FROM sqlite_master WHERE type = 'table' AND name = '" + EARLIER_TABLE + "'";

    private HistoryIntegrityCheck() {}

    /**
     * Tires that are not where their newest movement put them, or in two places at once.
     *
     * @param earlier the data folder is from before the tables had today's names
     * @return the query; a tire's id a row, at most twenty
     */
    static String broken(boolean earlier) {
        return earlier
                ? BROKEN.replace("installation", EARLIER_TABLE)
                        .replace("position_id", "place_id")
                        .replace("type <>", "kind <>")
                : BROKEN;
    }
}
