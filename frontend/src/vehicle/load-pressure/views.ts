import type { Schemas } from '../../api/client'

export type LoadPressureView = Schemas['LoadPressureView']
export type AxleSheet = Schemas['AxlePressureView']
