/**
 * Checked copies of database and photos, made every day; restoring one; a command line of its own.
 *
 * <p>Not here: no schema.
 */
package rotagens.server.backup;
