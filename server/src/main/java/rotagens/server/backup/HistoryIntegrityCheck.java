package rotagens.server.backup;

/** The invariant of the tire ledger as a question to the database. */
final class HistoryIntegrityCheck {

    /** Tires whose present place isn't where the newest movement put them, or that lie in two places. */
    static final String BROKEN = """
            SELECT tire.id FROM tire
            LEFT JOIN fitment ON fitment.tire_id = tire.id
            LEFT JOIN tire_movement last ON last.id =
                (SELECT max(id) FROM tire_movement WHERE tire_id = tire.id AND kind <> 'CORRECTED')
            WHERE fitment.place_id IS NOT last.to_place_id
            OR (fitment.tire_id IS NOT NULL AND EXISTS (SELECT 1 FROM stock WHERE stock.tire_id = tire.id))
            LIMIT 20""";

    private HistoryIntegrityCheck() {}
}
