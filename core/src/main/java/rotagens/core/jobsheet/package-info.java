/**
 * Job sheets: steps put together for vehicle, wheel, tire, sensor and machine, with what each wants on record and which guard somebody's body.
 *
 * <p>Not here: nothing of who works when: that is shop.
 */
package rotagens.core.jobsheet;
