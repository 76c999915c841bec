import assert from 'node:assert/strict'
import { test } from 'node:test'
import { affects, compare, faults, mayShip } from './audit.mjs'

const advisory = {
  id: 'EXAMPLE-1',
  summary: 'reads too far',
  affected: [
    { package: { name: 'org.example:reader' }, ranges: [{ events: [{ introduced: '2.0' }, { fixed: '2.4.1' }] }] },
  ],
}
const reader = (version, licence) => ({
  group: 'org.example',
  name: 'reader',
  version,
  licenses: licence ? [{ license: { id: licence } }] : [],
})

test('versions are compared figure by figure', () => {
  assert.equal(compare('2.10.0', '2.9.9'), 1)
  assert.equal(compare('2.4', '2.4.0'), 0)
  assert.equal(compare('3.0-rc1', '3.0'), -1)
})

test('a version inside an advisory’s range is a fault, one before or after is none', () => {
  assert.ok(affects(advisory, 'org.example:reader', '2.4.0'))
  assert.ok(!affects(advisory, 'org.example:reader', '2.4.1'))
  assert.ok(!affects(advisory, 'org.example:reader', '1.9'))
  assert.ok(!affects(advisory, 'org.example:writer', '2.4.0'))
})

test('names what may not ship, what says no licence and what is known to be bad', () => {
  assert.deepEqual(faults([reader('3.0', 'MIT')], [advisory]), [])
  assert.match(faults([reader('2.1', 'MIT')], [advisory])[0], /EXAMPLE-1 reads too far/)
  assert.match(faults([reader('3.0', 'SSPL-1.0')], [])[0], /may not ship/)
  assert.match(faults([reader('3.0')], [])[0], /no licence/)
})

test('of several licences offered one that may ship is enough; of several that all hold each must', () => {
  assert.ok(mayShip('(MIT OR Apache-2.0)'))
  assert.ok(mayShip('Unicode-3.0'), 'the Unicode licence asks for its notice alone, as MIT does')
  assert.ok(mayShip('SSPL-1.0 OR MIT'))
  assert.ok(!mayShip('(SSPL-1.0 OR AGPL-3.0-only)'))
  assert.ok(!mayShip('MIT AND SSPL-1.0'))
  assert.ok(!mayShip('(SSPL-1.0 OR MIT) AND AGPL-3.0-only'))
  assert.ok(mayShip('(GPL-2.0-only WITH Classpath-exception-2.0 OR MIT)'))
  assert.ok(mayShip('Eclipse Public License v2.0'))
})
