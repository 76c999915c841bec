// How long saves wait while everything slow runs at once. Called by ./rotagens bench: node stalls.mjs PORT PHOTO
// The saves are made and timed on a thread of their own: what the slow work costs this program is no wait of the product's.
import { execFile } from 'node:child_process'
import { readFileSync, writeFileSync } from 'node:fs'
import { promisify } from 'node:util'
import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads'

const [port, photoFile] = isMainThread ? process.argv.slice(2) : [workerData.port]
const base = `http://127.0.0.1:${port}`
const jar = new Map(isMainThread ? [] : workerData.jar)

async function ask(method, path, body, type = 'application/json', headers = {}) {
  const answer = await fetch(base + path, {
    method,
    headers: {
      cookie: [...jar].map(([name, value]) => `${name}=${value}`).join('; '),
      ...(method === 'GET' ? {} : { 'X-XSRF-TOKEN': jar.get('XSRF-TOKEN') ?? '' }),
      ...(body === undefined ? {} : { 'Content-Type': type }),
      ...headers,
    },
    body: body === undefined ? undefined : type === 'application/json' ? JSON.stringify(body) : body,
  })
  for (const cookie of answer.headers.getSetCookie()) {
    const [, name, value] = /^([^=]+)=([^;]*)/.exec(cookie)
    if (value) jar.set(name, value)
  }
  if (answer.ok && path === '/api/export') {
    for await (const part of answer.body) exported += part.length
    return exported
  }
  const text = await answer.text()
  if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${text.slice(0, 300)}`)
  return text.startsWith('{') || text.startsWith('[') ? JSON.parse(text) : text
}

let exported = 0

const percentile = (sorted, p) => sorted[Math.min(sorted.length - 1, Math.ceil(sorted.length * p) - 1)]
function told(name, times) {
  const sorted = [...times].sort((a, b) => a - b)
  const ms = (value) => `${value.toFixed(0)} ms`
  console.log(
    `${name.padEnd(38)}${sorted.length} saves, p50 ${ms(percentile(sorted, 0.5))}, p99 ${ms(percentile(sorted, 0.99))}, ` +
      `p99.9 ${ms(percentile(sorted, 0.999))}, most ${ms(sorted.at(-1))}`,
  )
}

/** One position of a walk-around, on disk and judged: what people in the yard save all day. */
async function saver({ walkId, version: first }) {
  let version = first
  async function save() {
    const began = performance.now()
    const answer = await ask(
      'PUT',
      `/api/walk-arounds/${walkId}/positions/1L`,
      { pressure: '108', thermalState: 'COLD', outer: '12', center: '11', inner: '12' },
      'application/json',
      { 'If-Match': `"${version}"` },
    )
    version = answer.entry.version
    return performance.now() - began
  }

  let isStopped = false
  async function savesUntil(isOver) {
    const times = []
    while (!isOver()) {
      times.push(await save())
      await new Promise((go) => setTimeout(go, 20))
    }
    return times
  }

  parentPort.on('message', async (what) => {
    if (what === 'stop') {
      isStopped = true
      return
    }
    isStopped = false
    if (what === 'alone') {
      for (let i = 0; i < 100; i++) await save()
      let count = 0
      parentPort.postMessage(await savesUntil(() => count++ >= 500))
    } else {
      parentPort.postMessage(await savesUntil(() => isStopped))
    }
  })
}

async function measure() {
  const session = await ask('GET', '/api/session')
  const manager = session.demoPeople.find((person) => person.role === 'MANAGER')
  await ask('POST', '/api/session/demo', { personId: manager.id })
  const walk = await ask('POST', `/api/vehicles/${vehicleId}/walk-arounds`, {})
  const position = walk.positions.find((one) => one.position === '1L')
  const saves = new Worker(new URL(import.meta.url), {
    workerData: { port, jar: [...jar], walkId: walk.id, version: position.entry?.version ?? position.version ?? 0 },
  })
  const asked = (what) => {
    const answer = new Promise((done, failed) => {
      saves.once('message', done)
      saves.once('error', failed)
    })
    saves.postMessage(what)
    return answer
  }

  told('saves with nothing else running', await asked('alone'))
  const times = []
  for (let round = 0; round < ROUNDS; round++) {
    writeFileSync(`${photoFile}.csv`, odometers(round).join('\n'))
    const under = asked('start')
    await allOfIt(round)
    saves.postMessage('stop')
    times.push(...(await under))
  }
  for (const [name, seconds] of Object.entries(took)) {
    console.log(`${name.padEnd(38)}${seconds.map((one) => one.toFixed(1)).join(', ')} s`)
  }
  told('saves while all of these run', times)
  await saves.terminate()
}

const vehicleId = 3

/** As often as all of it runs, each time with a file of later days: one run is over after a few hundred saves. */
const ROUNDS = 4
const DAYS = 15
const FILE_ROWS = 50_000

function odometers(round) {
  const rows = ['unit,day,odometer']
  for (let v = 1; v <= 3334; v++) {
    for (let at = round * DAYS; at < (round + 1) * DAYS; at++) {
      const day = new Date(Date.now() - (ROUNDS * DAYS - at) * 86_400_000).toISOString().slice(0, 10)
      rows.push(`BX-${String(v).padStart(4, '0')},${day},${50_000 + at * 120} mi`)
    }
  }
  rows.length = Math.min(rows.length, FILE_ROWS + 1)
  return rows
}
const photo = isMainThread ? readFileSync(photoFile) : null

async function importOdometers() {
  // By curl: this program's own fetch gives up after five minutes.
  const { stdout } = await promisify(execFile)(
    'curl',
    ['-sf', '-H', `Cookie: ${[...jar].map(([name, value]) => `${name}=${value}`).join('; ')}`]
      .concat(['-H', `X-XSRF-TOKEN: ${jar.get('XSRF-TOKEN')}`, '-H', 'Content-Type: application/octet-stream'])
      .concat(['--data-binary', `@${photoFile}.csv`, `${base}/api/imports/ODOMETERS?dryRun=false`]),
    { maxBuffer: 1e9 },
  )
  const answer = JSON.parse(stdout)
  if (answer.added !== FILE_ROWS) throw new Error(`only ${answer.added} rows came in`)
}

const work = {
  'a file of 50,000 odometers': importOdometers,
  'four photos of 48 million pixels': () =>
    Promise.all([1, 2, 3, 4].map(() => ask('POST', `/api/vehicles/${vehicleId}/notes/photos`, photo, 'image/jpeg'))),
  'a backup': () => ask('POST', '/api/backups'),
  'a plan': async () => {
    await ask('POST', '/api/shop/proposal', { takeDue: true, weeks: 8 })
    for (;;) {
      await new Promise((go) => setTimeout(go, 500))
      const now = await ask('GET', '/api/shop/proposal')
      if (now.failed) throw new Error(now.failed)
      if (!now.running) return
    }
  },
  'a whole export': () => ask('GET', '/api/export'),
}
const took = Object.fromEntries(Object.keys(work).map((name) => [name, []]))
async function allOfIt(round) {
  await Promise.all(
    Object.entries(work).map(async ([name, run]) => {
      const began = performance.now()
      try {
        await run(round)
        took[name].push((performance.now() - began) / 1000)
      } catch (error) {
        console.log(`${name.padEnd(38)}failed: ${error.message}`)
      }
    }),
  )
}

if (isMainThread) await measure()
else await saver(workerData)
