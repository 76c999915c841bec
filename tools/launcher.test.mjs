// The launcher with stand-ins for Java and Maven, in a checkout of a few lines: what it builds, when, and beside what.
import assert from 'node:assert/strict'
import { spawn, spawnSync } from 'node:child_process'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { after, test } from 'node:test'
import { fileURLToPath } from 'node:url'

const launcher = fileURLToPath(new URL('../rotagens', import.meta.url))
const made = []
const running = new Set()

after(() => {
  // With all that they have started themselves.
  for (const child of running) if (child.pid) process.kill(-child.pid, 'SIGKILL')
  for (const folder of made) fs.rmSync(folder, { recursive: true, force: true })
})

/** The commands the launcher needs besides those that are stood in for. */
const COMMANDS =
  'bash cp env dirname readlink mkdir id sed head tail cat find xargs sha256sum sort cut flock mv ln rm stat seq sleep mktemp touch ls tr grep uname tee date'.split(
    ' ',
  )

const JAVA = `#!/bin/bash
case "$*" in
  -version) echo 'openjdk version "17.0.9"' >&2 ;;
  *jarmode=tools*extract*) mkdir -p "\${@: -1}" && cp "$ROOT/server/target/rotagens.jar" "\${@: -1}/rotagens.jar" ;;
  *ArchiveClassesAtExit*) for one in "$@"; do case "$one" in -XX:ArchiveClassesAtExit=*) touch "\${one#*=}" ;; --rotagens.data=*) echo fleet >"\${one#*=}/rotagens.sqlite" ;; esac; done ;;
  *server.port*) echo "$*" >>"$ROOT/served"; exec cat "$ROOT/stop" ;;
  *) for one in "$@"; do case "$one" in */rotagens.jar) cat "$one" ;; esac; done ;;
esac
`
// Says that it builds, and goes on when somebody lets it.
const MAVEN = `#!/bin/bash
echo built >>"$ROOT/builds"
cat "$ROOT/go" >/dev/null
[ -f "$ROOT/broken" ] && { echo 'a class is wrong'; exit 1; }
mkdir -p server/target && cat core/src/main/Rule.java >server/target/rotagens.jar
echo "generated $RANDOM" >frontend/src/api/schema.ts
`

function checkout() {
  const root = fs.mkdtempSync(path.join(os.tmpdir(), 'launcher-'))
  made.push(root)
  fs.chmodSync(root, 0o755)
  const write = (file, text = '', mode = 0o644) => {
    fs.mkdirSync(path.dirname(path.join(root, file)), { recursive: true })
    fs.writeFileSync(path.join(root, file), text, { mode })
  }
  for (const file of [
    'pom.xml',
    'core/pom.xml',
    'server/pom.xml',
    'server/src/main/Server.java',
    'frontend/pom.xml',
    'frontend/build.sh',
    'frontend/package-lock.json',
    'frontend/index.html',
    'frontend/openapi.json',
    'frontend/vite.config.ts',
    'frontend/public/icon.svg',
    'frontend/src/api/schema.ts',
  ])
    write(file)
  write('core/src/main/Rule.java', 'first')
  fs.copyFileSync(launcher, path.join(root, 'rotagens'))
  const bin = path.join(root, 'bin')
  fs.mkdirSync(bin)
  for (const command of COMMANDS) {
    const found = spawnSync('bash', ['-c', `type -P ${command}`], { encoding: 'utf8' }).stdout.trim()
    if (found) fs.symlinkSync(found, path.join(bin, command))
  }
  fs.symlinkSync(fs.realpathSync(process.execPath), path.join(bin, 'node'))
  write('bin/npm', '#!/bin/bash\necho 11.99.0\n', 0o755)
  write('bin/curl', '#!/bin/bash\nexit 0\n', 0o755)
  write('bin/javac', '#!/bin/bash\n', 0o755)
  write('bin/java', JAVA, 0o755)
  write('bin/mvn', MAVEN, 0o755)
  write('go')
  for (const pipe of ['stop']) spawnSync('mkfifo', [path.join(root, pipe)])
  return {
    root,
    write,
    remove: (file) => fs.rmSync(path.join(root, file)),
    has: (file) => fs.existsSync(path.join(root, file)),
    builds: () => (fs.existsSync(path.join(root, 'builds')) ? fs.readFileSync(path.join(root, 'builds'), 'utf8') : '').split('\n').length - 1,
    app: () => fs.readlinkSync(path.join(root, '.rotagens/app')),
    /** Makes the next build wait until it is let go. */
    hold: () => {
      fs.rmSync(path.join(root, 'go'))
      spawnSync('mkfifo', [path.join(root, 'go')])
      return () => fs.writeFileSync(path.join(root, 'go'), 'on')
    },
  }
}

/** Starts the launcher; what it has said so far, and its end. */
function start(tree, args, options = {}) {
  const child = spawn('bash', [path.join(tree.root, 'rotagens'), ...args], {
    env: { PATH: path.join(tree.root, 'bin'), ROOT: tree.root, HOME: tree.root, TMPDIR: os.tmpdir() },
    cwd: tree.root,
    detached: true,
    ...options,
  })
  running.add(child)
  let said = ''
  const heard = []
  const hear = (data) => {
    said += data
    for (const listen of heard) listen()
  }
  child.stdout.on('data', hear)
  child.stderr.on('data', hear)
  return {
    child,
    said: () => said,
    says: (words) =>
      new Promise((resolve, reject) => {
        const look = () => {
          if (said.includes(words)) resolve(said)
        }
        heard.push(look)
        child.on('close', () => reject(new Error(`ended without “${words}”: ${said}`)))
        look()
      }),
    ended: new Promise((resolve) => {
      child.on('close', (code) => {
        running.delete(child)
        resolve({ code, said })
      })
    }),
  }
}

/** A command that needs what is built and ends by itself: it says what the built program holds. */
const backup = (tree, options) => start(tree, ['backup', '--data', path.join(os.tmpdir(), 'none')], options)

test('builds once, and again only when a source has changed: what the build generates is none', async () => {
  const tree = checkout()
  assert.match((await backup(tree).ended).said, /Building[^]*first/)
  assert.match((await backup(tree).ended).said, /^first$/)
  assert.equal(tree.builds(), 1)
  tree.write('frontend/src/api/schema.ts', 'generated anew')
  await backup(tree).ended
  assert.equal(tree.builds(), 1)
  tree.write('core/src/main/Rule.java', 'second')
  assert.match((await backup(tree).ended).said, /second/)
  assert.equal(tree.builds(), 2)
})

test('two starts at once build once', async () => {
  const tree = checkout()
  const go = tree.hold()
  const one = backup(tree)
  await one.says('Building')
  const other = backup(tree)
  await other.says('Another build is running in this checkout; waiting for it')
  go()
  for (const each of [one, other]) {
    const { code, said } = await each.ended
    assert.equal(code, 0, said)
    assert.match(said, /first/)
  }
  assert.equal(tree.builds(), 1)
})

test('a build under a running server leaves what that server runs, until it has ended', async () => {
  const tree = checkout()
  const server = start(tree, ['run', '--port', '18484', '--data', path.join(tree.root, 'data')])
  await server.says('Rotagens is at')
  const first = tree.app()
  tree.write('core/src/main/Rule.java', 'second')
  assert.match((await backup(tree).ended).said, /second/)
  assert.notEqual(tree.app(), first)
  assert.ok(tree.has(`.rotagens/${first}/rotagens.jar`), 'what the server runs is still there')
  fs.writeFileSync(path.join(tree.root, 'stop'), '')
  await server.ended
  tree.write('core/src/main/Rule.java', 'third')
  await backup(tree).ended
  assert.ok(!tree.has(`.rotagens/${first}`), 'nothing runs it any more')
})

test('the demo begins with the fleet its build made the same day; on another day, or on kept data, with its own', async () => {
  const tree = checkout()
  const data = path.join(tree.root, 'demo')
  const demo = async (...more) => {
    const server = start(tree, ['demo', '--port', '18485', '--data', data, ...more])
    await server.says('Rotagens is at')
    fs.writeFileSync(path.join(tree.root, 'stop'), '')
    await server.ended
  }
  await demo()
  assert.equal(fs.readFileSync(path.join(data, 'rotagens.sqlite'), 'utf8'), 'fleet\n')
  fs.writeFileSync(path.join(data, 'rotagens.sqlite'), 'changed')
  await demo('--keep')
  assert.equal(fs.readFileSync(path.join(data, 'rotagens.sqlite'), 'utf8'), 'changed')
  tree.write(`.rotagens/${tree.app()}/demo.day`, '2001-01-01\n')
  await demo()
  assert.ok(!tree.has('demo/rotagens.sqlite'), 'dates in it would be old: the server makes it anew')
})

test('a build that fails says so and leaves what was built before', async () => {
  const tree = checkout()
  await backup(tree).ended
  const built = tree.app()
  tree.write('core/src/main/Rule.java', 'wrong')
  tree.write('broken')
  const { code, said } = await backup(tree).ended
  assert.notEqual(code, 0)
  assert.match(said, /a class is wrong[^]*The build failed[^]*What was built before is untouched/)
  assert.equal(tree.app(), built)
})

test('a checkout built before and read-only now starts, and says so where it would have to build', async () => {
  const tree = checkout()
  await backup(tree).ended
  spawnSync('chmod', ['-R', 'a-w', tree.root])
  // Root may write anywhere, so somebody else tries.
  const somebody = process.getuid() === 0 ? { uid: 65534, gid: 65534 } : {}
  const { code, said } = await backup(tree, somebody).ended
  assert.equal(code, 0, said)
  assert.equal(said, 'first')
  spawnSync('chmod', ['u+w', path.join(tree.root, 'core/src/main/Rule.java')])
  tree.write('core/src/main/Rule.java', 'second')
  const refused = await backup(tree, somebody).ended
  assert.equal(refused.code, 1)
  assert.match(refused.said, /This checkout can't be written, so nothing can be built in it/)
  assert.equal(tree.builds(), 1)
  spawnSync('chmod', ['-R', 'u+w', tree.root])
})

test('without Java it says what to do, in words and not by an exit code of the shell', async () => {
  const tree = checkout()
  tree.remove('bin/java')
  tree.write('bin/apt-get', '#!/bin/bash\nexit 100\n', 0o755)
  const { code, said } = await backup(tree).ended
  assert.equal(code, 1)
  assert.match(
    said,
    process.getuid() === 0
      ? /Installing Java[^]*Check the network and the package sources/
      : /Java is missing. Install it \(on Debian, as root: apt-get install openjdk-17-jdk-headless\)/,
  )
})

test('a Node.js too old is named with the version it fetches, and what to do where that fails', async () => {
  const tree = checkout()
  tree.remove('bin/node')
  tree.write('bin/node', '#!/bin/bash\necho v18.19.0\n', 0o755)
  tree.write('bin/npm', '#!/bin/bash\ncase "$1" in install) exit 1 ;; *) echo 9.2.0 ;; esac\n', 0o755)
  const { code, said } = await backup(tree).ended
  assert.equal(code, 1)
  assert.match(said, /Node\.js 18 with npm 9 is too old: fetching Node\.js 22[^]*could not be fetched\. Install Node\.js 20 or newer/)
  assert.equal(tree.builds(), 0)
})
