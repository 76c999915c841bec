package rotagens.server.storage;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import org.jspecify.annotations.Nullable;

/** Says that a program works on a data folder. The operating system lets go of it however the program ends. */
public final class DataFolderLock {

    private DataFolderLock() {}

    /** Takes it; null where another program holds it. */
    public static @Nullable FileLock take(Path data) throws IOException {
        FileChannel file =
                FileChannel.open(data.resolve("running.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        FileLock lock = null;
        try {
            lock = file.tryLock();
        } catch (OverlappingFileLockException here) {
            // Held by this very process.
        }
        if (lock == null) {
            file.close();
        }
        return lock;
    }
}
