package rotagens.server.storage;

import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/** The data, or for the thread that tries something out, its copy of them. */
final class RoutedDataSource extends DelegatingDataSource {

    private final ThreadLocal<DataSource> copy = new ThreadLocal<>();

    RoutedDataSource(DataSource data) {
        super(data);
    }

    @Override
    public Connection getConnection() throws SQLException {
        DataSource tried = copy.get();
        return tried == null ? super.getConnection() : tried.getConnection();
    }

    /** From now on this thread works on a copy; with null on the data again. */
    void turn(@Nullable DataSource to) {
        if (to == null) {
            copy.remove();
        } else {
            copy.set(to);
        }
    }

    boolean isTurned() {
        return copy.get() != null;
    }
}
