import type { Schemas } from '../../api/client'

export type LoadPressureView = Schemas['LoadPressure']
export type AxleSheet = Schemas['AxleSheet']
