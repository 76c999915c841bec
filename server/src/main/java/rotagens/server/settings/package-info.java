/**
 * How the whole fleet works with the product: paper, week, how dates and money are written, the morning's mail.
 *
 * <p>Not here: policy, which judges; what one person or device prefers.
 */
package rotagens.server.settings;
