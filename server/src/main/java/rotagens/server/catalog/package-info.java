/**
 * The tire models: reading a sidewall marking or a DOT code, adding and changing a model, what follows from a model's data.
 *
 * <p>Not here: the tires themselves ({@code tire}), and no rule of size, load or age: those are core's.
 */
package rotagens.server.catalog;
