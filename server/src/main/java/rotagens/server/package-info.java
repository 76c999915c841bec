/**
 * The application: Spring Boot's entry.
 *
 * <p>Not here: nothing else.
 */
package rotagens.server;
