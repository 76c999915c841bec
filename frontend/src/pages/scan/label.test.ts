import { describe, expect, it } from 'vitest'
import { labelCode, pageOf } from './label'

describe('a scanned label', () => {
  it('leads to its vehicle or tire on whichever server reads it', () => {
    expect(pageOf('https://old-server:8484/vehicles/12')).toBe('/vehicles/12')
    expect(pageOf(' http://192.168.1.5/tires/7 ')).toBe('/tires/7')
  })

  it('leads by its short code, with whatever address before it or none', () => {
    expect(pageOf('https://old-server:8484/s/V12')).toBe('/vehicles/12')
    expect(pageOf('http://192.168.1.5/s/T7')).toBe('/tires/7')
    expect(pageOf('T7')).toBe('/tires/7')
    expect(pageOf(`https://fleet.example/s/${labelCode('vehicle', 3)}`)).toBe('/vehicles/3')
  })

  it('leads nowhere else, whatever the code says', () => {
    for (const code of [
      'https://example.test/vehicles/12/edit',
      'https://example.test/people',
      'https://example.test/vehicles/0',
      'javascript:alert(1)',
      'https://example.test/s/V0',
      'https://example.test/s/X1',
      'https://example.test/s/V1/edit',
      'V0',
      'vehicles/12',
      '0821',
      '',
    ]) {
      expect(pageOf(code), code).toBeUndefined()
    }
  })
})
