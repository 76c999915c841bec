package rotagens.server.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;

/**
 * Writes a large file onto the disk a little at a time. Brought there all at once at its end, it would hold up every save of that
 * moment: they wait for the same disk. Closed, all of it is on the disk.
 */
final class SteadyOutput extends OutputStream {

    private static final int A_LITTLE = 1024 * 1024;

    private final FileChannel file;
    private int waiting;

    SteadyOutput(FileChannel file) {
        this.file = file;
    }

    @Override
    public void write(int one) throws IOException {
        write(new byte[] {(byte) one}, 0, 1);
    }

    @Override
    public void write(byte[] bytes, int from, int length) throws IOException {
        ByteBuffer left = ByteBuffer.wrap(bytes, from, length);
        while (left.hasRemaining()) {
            waiting += file.write(left);
        }
        if (waiting >= A_LITTLE) {
            file.force(false);
            waiting = 0;
        }
    }

    @Override
    public void close() throws IOException {
        file.force(true);
        file.close();
    }
}
