export interface Conditions {
  parkedHours: string
  air: string
  coldest: string
  gas: string
  /** Percent of nitrogen measured after the fill. */
  purity: string
}
