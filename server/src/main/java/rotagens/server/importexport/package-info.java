/**
 * CSV in and out, everything as JSON, QR codes.
 *
 * <p>Not here: no way round the doors that people use: a row is taken as if it were typed.
 */
package rotagens.server.importexport;
