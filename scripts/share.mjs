// Serving the home network: the address, a certificate for it, and a picture of the address for a phone.
import { X509Certificate } from 'node:crypto'
import { createServer } from 'node:http'
import { get, request } from 'node:https'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { hostname, networkInterfaces } from 'node:os'
import { join } from 'node:path'

const FOLDER = 'data/share'
const DAYS = 800
const DAY_MS = 86_400_000
/** A certificate that ends sooner is made anew. */
const LEAST_DAYS = 30

const option = (args, name) => {
  const at = args.indexOf(`--${name}`)
  return at < 0 ? undefined : args[at + 1]
}

/** The address of this machine in the home network. */
function homeAddress() {
  const all = Object.values(networkInterfaces()).flat()
  return all.find(({ family, internal }) => family === 'IPv4' && !internal)?.address
}

/** The names by which others may ask for this machine. */
const namesOf = (address) => [...new Set([address, hostname(), `${hostname()}.local`])]

/** A certificate that is given by its files. */
function given(cert, key) {
  for (const [name, file] of [
    ['--cert', cert],
    ['--key', key],
  ])
    if (!file || !existsSync(file))
      throw new Error(`${name} names no file: give both, --cert certificate.pem and --key key.pem, or neither.`)
  return { cert: readFileSync(cert, 'utf8'), key: readFileSync(key, 'utf8') }
}

/** A certificate of one's own, kept from start to start so that a phone has to trust it once. */
async function made(address) {
  const [cert, key] = [join(FOLDER, 'certificate.pem'), join(FOLDER, 'key.pem')]
  if (existsSync(cert) && existsSync(key)) {
    const known = { cert: readFileSync(cert, 'utf8'), key: readFileSync(key, 'utf8') }
    const read = new X509Certificate(known.cert)
    const endsInDays = (Date.parse(read.validTo) - Date.now()) / DAY_MS
    if (read.checkIP(address) !== undefined && endsInDays > LEAST_DAYS) return known
  }
  const { generate } = await import('selfsigned')
  const fresh = await generate([{ name: 'commonName', value: 'Duvet at home' }], {
    keyType: 'ec',
    algorithm: 'sha256',
    notAfterDate: new Date(Date.now() + DAYS * DAY_MS),
    extensions: [
      { name: 'basicConstraints', cA: true, critical: true },
      { name: 'keyUsage', digitalSignature: true, keyCertSign: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      {
        name: 'subjectAltName',
        altNames: [
          { type: 7, ip: address },
          ...namesOf(address)
            .filter((name) => name !== address)
            .map((value) => ({ type: 2, value })),
        ],
      },
    ],
  })
  mkdirSync(FOLDER, { recursive: true })
  writeFileSync(cert, fresh.cert)
  writeFileSync(key, fresh.private, { mode: 0o600 })
  return { cert: fresh.cert, key: fresh.private }
}

/**
 * What serving others takes: the host, and the environment with the certificate and the names that are answered to.
 * Throws with a sentence where it cannot be done.
 */
export async function sharing(args) {
  const address = option(args, 'address') ?? homeAddress()
  if (!address) throw new Error('This machine is in no network: name its address with --address, such as 192.168.1.20.')
  const own = option(args, 'cert') ?? option(args, 'key')
  const { cert, key } = own ? given(option(args, 'cert'), option(args, 'key')) : await made(address)
  const hosts = [...namesOf(address), ...(process.env.DUVET_HOSTS ?? '').split(',').filter(Boolean)]
  return { host: address, env: { NITRO_SSL_CERT: cert, NITRO_SSL_KEY: key, DUVET_HOSTS: hosts.join(',') } }
}

/** This machine itself is asked: nobody stands between who asks and who answers. */
const HERE = { rejectUnauthorized: false }

/** True once the server answers; false where it has ended before. */
export async function isUp(server, host, port) {
  const answers = () =>
    new Promise((resolve) => {
      const asked = get({ host, port, path: '/api/health', ...HERE }, (answer) => {
        answer.resume()
        resolve(answer.statusCode === 200)
      })
      asked.on('error', () => resolve(false))
    })
  while (server.exitCode === null && server.signalCode === null) {
    if (await answers()) return true
    await new Promise((resolve) => setTimeout(resolve, 200))
  }
  return false
}

/**
 * The address that this machine had alone goes on to answer here: what waits in its browser under the old address is
 * sent from there, and its app leads to the same yards.
 */
export function alsoHere(host, port, say) {
  const hands = createServer((asked, answer) => {
    const headers = { ...asked.headers, 'x-forwarded-proto': 'http' }
    const on = request({ host, port, path: asked.url, method: asked.method, headers, ...HERE }, (found) => {
      answer.writeHead(found.statusCode, found.headers)
      found.pipe(answer)
    })
    on.on('error', () => answer.destroy())
    asked.on('error', () => on.destroy())
    asked.pipe(on)
  })
  hands.on('error', () => say(`http://127.0.0.1:${port} is taken by another program: there Duvet does not answer.`))
  hands.listen(Number(port), '127.0.0.1', () =>
    say(`On this machine http://127.0.0.1:${port} answers as before: what waits in its browser is sent from there.`),
  )
}

/** Says where a phone finds it, as an address and as a picture to point its camera at. */
export async function sayWhere(say, url) {
  const { default: qrcode } = await import('qrcode')
  say(`Duvet listens on ${url}`)
  say(await qrcode.toString(url, { type: 'terminal', small: true, errorCorrectionLevel: 'M' }))
  say(`Open ${url} on the phone, in the same network, and sign in.`)
  say(
    `Where the certificate was made here, the phone warns until it trusts ${FOLDER}/certificate.pem; only then does Duvet ` +
      'work there without the server. See docs/hosting.md.',
  )
}
