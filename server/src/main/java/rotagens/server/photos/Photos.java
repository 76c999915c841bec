package rotagens.server.photos;

import static rotagens.server.photos.PhotosWords.WORDS;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.function.Function;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import rotagens.core.measure.InvalidInputException;
import rotagens.server.web.ProblemException;

/** Photos of tires: files in the data folder, made small and free of what cameras write beside the picture. */
@Service
public class Photos {

    /** One photo. */
    public record Photo(long id, long placeId, int width, int height, Instant at, String by) {}

    private static final int MOST_AT_A_PLACE = 8;
    private static final Pattern NAME = Pattern.compile("[0-9a-f-]{36}\\.jpg");

    private final PhotoStore store;
    private final List<PhotoFiles> elsewhere;
    private final Path folder;
    private final Clock clock;
    /** One picture is taken apart at a time: each needs memory, and the server has little. */
    private final Semaphore one = new Semaphore(1);

    Photos(PhotoStore store, List<PhotoFiles> elsewhere, @Value("${rotagens.data}") Path data, Clock clock) {
        this.store = store;
        this.elsewhere = elsewhere;
        this.folder = data.resolve("photos");
        this.clock = clock;
    }

    /** A picture that was taken apart and whose files are on disk; no record names it yet. */
    public static final class ReadyPhoto {
        private final String name;
        private final PhotoImage image;
        private boolean isNamed;

        private ReadyPhoto(String name, PhotoImage image) {
            this.name = name;
            this.image = image;
        }
    }

    /**
     * Takes a picture apart and does something with it: the slow part first, outside any transaction, so that nobody’s save
     * waits for it. Where no record names the picture afterwards, its files go again.
     *
     * @throws ProblemException at the field {@code photo} where it is none, or too large
     */
    public <T> T with(byte[] file, Function<ReadyPhoto, T> use) {
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            throw new IllegalStateException("a picture is taken apart outside any transaction");
        }
        String name = UUID.randomUUID() + ".jpg";
        ReadyPhoto ready = new ReadyPhoto(name, keep(file, name, false));
        try {
            return use.apply(ready);
        } finally {
            if (!ready.isNamed) {
                delete(name);
            }
        }
    }

    /** Keeps a photo at a place of a walk-around. Its file is on disk before its line is. */
    @Transactional
    public Photo add(long walkAroundId, long placeId, ReadyPhoto photo, long personId) {
        if (store.countAt(walkAroundId, placeId) >= MOST_AT_A_PLACE) {
            throw ProblemException.field("photo", WORDS.say("thereArePhotos", "mostAtAPlace", MOST_AT_A_PLACE));
        }
        return store.add(walkAroundId, placeId, name(photo), photo.image, clock.instant(), personId);
    }

    /** The name under which the running transaction’s record keeps a photo; rolled back, the files go. */
    public String name(ReadyPhoto photo) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                photo.isNamed = status == STATUS_COMMITTED;
            }
        });
        return photo.name;
    }

    /** @param asIs whether the file is one of ours already, to be kept byte for byte */
    private PhotoImage keep(byte[] file, String name, boolean asIs) {
        one.acquireUninterruptibly();
        try {
            PhotoImage photoImage = PhotoImage.read(file);
            Files.createDirectories(folder);
            write(name, asIs ? file : photoImage.jpeg());
            write(
                    small(name),
                    PhotoImage.small(ImageIO.read(new ByteArrayInputStream(photoImage.jpeg())))
                            .jpeg());
            return photoImage;
        } catch (InvalidInputException e) {
            throw ProblemException.field("photo", e.getMessage());
        } catch (IOException e) {
            throw new UncheckedIOException("The photo could not be written to the data folder", e);
        } finally {
            one.release();
        }
    }

    private void write(String name, byte[] jpeg) throws IOException {
        Path half = folder.resolve(name + ".part");
        try (var out = java.nio.channels.FileChannel.open(
                half,
                java.nio.file.StandardOpenOption.CREATE,
                java.nio.file.StandardOpenOption.WRITE,
                java.nio.file.StandardOpenOption.TRUNCATE_EXISTING)) {
            out.write(java.nio.ByteBuffer.wrap(jpeg));
            out.force(true); // acknowledged means durable, for files as for lines
        }
        Files.move(half, folder.resolve(name), StandardCopyOption.ATOMIC_MOVE);
    }

    private static String small(String name) {
        return "small-" + name;
    }

    private void forgetUnlessCommitted(String name) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                if (status != STATUS_COMMITTED) {
                    delete(name);
                }
            }
        });
    }

    private void delete(String name) {
        try {
            Files.deleteIfExists(folder.resolve(name));
            Files.deleteIfExists(folder.resolve(small(name)));
        } catch (IOException e) {
            throw new UncheckedIOException("The photo’s file could not be removed from the data folder", e);
        }
    }

    /** All photos of a walk-around. */
    @Transactional(readOnly = true)
    public List<Photo> ofWalkAround(long walkAroundId) {
        return store.ofWalkAround(walkAroundId);
    }

    /** All photos of a tire from finished walk-arounds, newest first. */
    @Transactional(readOnly = true)
    public List<Photo> ofTire(long tireId) {
        return store.ofTire(tireId).stream()
                .sorted(java.util.Comparator.comparing(Photo::at).reversed())
                .toList();
    }

    /** The photos of a place belong to the tire that was there. */
    @Transactional
    public void belongTo(long walkAroundId, long placeId, long tireId) {
        store.belongTo(walkAroundId, placeId, tireId);
    }

    /** Takes a photo away; whether its walk-around is still open is the caller's to know. */
    @Transactional
    public void drop(long walkAroundId, long id) {
        String name = store.taken(id)
                .filter(photo -> photo.walkAroundId() == walkAroundId)
                .orElseThrow(Photos::unknown)
                .file();
        store.remove(id);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                delete(name);
            }
        });
    }

    /** The picture of a photo, whole or small. */
    @Transactional(readOnly = true)
    public byte[] picture(long id, boolean small) {
        String name = store.taken(id).orElseThrow(Photos::unknown).file();
        try {
            return Files.readAllBytes(folder.resolve(small ? small(name) : name));
        } catch (IOException e) {
            throw ProblemException.notFound(WORDS.say("photosFileIsNoLonger"));
        }
    }

    /**
     * A photo as it is kept.
     *
     * @param placeId the position it shows; null for one of a visit
     */
    public record OnFile(@Nullable Long placeId, String file, Instant at, String by) {}

    /** Every photo of a vehicle's walk-arounds and visits. */
    @Transactional(readOnly = true)
    public List<OnFile> ofVehicle(long vehicleId) {
        List<OnFile> all = new ArrayList<>(store.ofVehicle(vehicleId));
        elsewhere.forEach(records -> all.addAll(records.photosOfVehicle(vehicleId)));
        return all;
    }

    /** The name of every photo's file, for an export. */
    @Transactional(readOnly = true)
    public List<String> files() {
        List<String> files = new ArrayList<>(store.files());
        elsewhere.forEach(records -> files.addAll(records.photoFiles()));
        return files;
    }

    /** The bytes of a photo's file; empty where it is gone. */
    public byte[] bytes(String name) {
        try {
            Path file = folder.resolve(ours(name));
            return Files.exists(file) ? Files.readAllBytes(file) : new byte[0];
        } catch (IOException e) {
            throw new UncheckedIOException("A photo could not be read", e);
        }
    }

    /** Puts a photo's file back from an export; what isn't a photo is refused. */
    @Transactional
    public void restore(String name, byte[] file) {
        keep(file, ours(name), true);
        forgetUnlessCommitted(name);
    }

    private static String ours(String name) {
        if (!NAME.matcher(name).matches()) {
            throw ProblemException.field("file", WORDS.say("photoInItHasNo"));
        }
        return name;
    }

    private static ProblemException unknown() {
        return ProblemException.notFound(WORDS.say("thereIsNoSuchPhoto"));
    }
}
