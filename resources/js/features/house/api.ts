import { keptPut } from '../../shared/outbox/kept'
import { houseShape, type House } from '../../shared/house/house'

export const changeHouse = async (version: number, rules: Record<string, string>, timezone: string): Promise<House> =>
  houseShape.parse(await keptPut('house', { version, rules, timezone }, { stream: 'house', about: 'House rules', at: '/house', reload: 'house' }))
