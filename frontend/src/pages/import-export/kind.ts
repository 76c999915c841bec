import type { Schemas } from '../../api/client'

export type Kind = Schemas['ImportGuide']['type']
