/**
 * What tests build readings and tires with. Vehicles, racks and ledgers of tests (`Sample`, `Rack`, `TireLedgerFixture`) are put
 * together from these, so that a field more in a reading or a tire is added in one place.
 */
package rotagens.core.sample;
