/**
 * Who may ask what, line by line; sign-in, sessions, throttle, content policy, token, known hosts.
 *
 * <p>Not here: no account data beyond asking people.
 */
package rotagens.server.security;
