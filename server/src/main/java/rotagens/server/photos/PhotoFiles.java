package rotagens.server.photos;

import java.util.List;
import rotagens.server.photos.Photos.OnFile;

/** Records of another package that keep pictures among ours. */
public interface PhotoFiles {

    /** The name of every picture they keep, the oldest first. */
    List<String> photoFiles();

    /** Those of a vehicle that stand with its photos. */
    default List<OnFile> photosOfVehicle(long vehicleId) {
        return List.of();
    }
}
