import { createHmac } from 'node:crypto'

/** Sends what a device says, signed with its key. */
export function sendSigned(address: string, keyHex: string, report: object): Promise<Response> {
  const text = JSON.stringify(report)
  const signature = createHmac('sha256', Buffer.from(keyHex, 'hex')).update(text, 'utf8').digest('hex')
  return fetch(address, {
    method: 'POST',
    body: text,
    headers: { 'content-type': 'application/json', 'x-signature': signature },
  })
}

/** Sends reports one after the other, waits where it is told to, and says what became of each. */
export async function sendAll<R extends { readonly sequence: number; readonly batteryPercent: number }>(
  reports: readonly R[],
  send: (report: R) => Promise<Response>,
): Promise<void> {
  for (const report of reports) {
    for (;;) {
      const response = await send(report).catch(() => undefined)
      if (!response) {
        process.stderr.write(
          'No Duvet answers at that address: say where it runs with --url, such as http://127.0.0.1:3000\n',
        )
        process.exitCode = 1
        return
      }
      const answer = (await response.json().catch(() => ({ sentence: 'no Duvet answered' }))) as Record<string, unknown>
      const said = response.ok
        ? `${String(answer.added)} kept, ${String(answer.repeated)} repeated`
        : `${response.status} ${String(answer.sentence)}`
      process.stdout.write(`report ${report.sequence}, battery ${report.batteryPercent} %: ${said}\n`)
      if (response.status !== 429) break
      await new Promise((resolve) => setTimeout(resolve, Number(response.headers.get('retry-after') ?? 5) * 1000))
    }
  }
}

/** Sends one report of a device, signed. */
export const sendReport = (url: string, id: string, keyHex: string, report: object): Promise<Response> =>
  sendSigned(`${url}/api/devices/${encodeURIComponent(id)}/readings`, keyHex, report)
