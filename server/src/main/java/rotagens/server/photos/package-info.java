/**
 * Photos as files in the data folder, made small and free of EXIF.
 *
 * <p>Not here: no judgement from a picture.
 */
package rotagens.server.photos;
