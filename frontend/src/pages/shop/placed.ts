import type { Schemas } from '../../api/client'

export type Placed = Schemas['JobSlotView']
