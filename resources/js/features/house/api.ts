import { putJson } from '../../shared/api/http'
import { houseShape, type House } from '../../shared/house/house'

export const changeHouse = async (version: number, rules: Record<string, string>, timezone: string): Promise<House> =>
  houseShape.parse(await putJson('house', { version, rules, timezone }))
