import type { Schemas } from '../api/client'

export type Result = Schemas['ItemResult']
