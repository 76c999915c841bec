package rotagens.server.storage;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/**
 * Which failures a connection must not outlive. Where a transaction couldn't be begun (another program held the file) or SQLite
 * ended it by itself (the disk was full), the driver still believes in one: the next work on that connection would be stored
 * line by line, even where it fails in the end. A new connection costs a few milliseconds.
 */
public final class ConnectionEvictor implements SQLExceptionOverride {

    @java.lang.Override
    public Override adjudicate(SQLException failure) {
        boolean onlyRefused = failure instanceof SQLiteException sqlite
                && (sqlite.getResultCode().code & 0xff) == SQLiteErrorCode.SQLITE_CONSTRAINT.code;
        return onlyRefused ? Override.DO_NOT_EVICT : Override.MUST_EVICT;
    }
}
