import type { Schemas } from '../../api/client'

export type TireWear = Schemas['TireWear']
