import type { Schemas } from '../../api/client'

export type Chart = Schemas['ChartView']
