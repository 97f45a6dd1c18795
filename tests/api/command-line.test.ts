import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import { planOf, planOfHive } from '#core/yard'
import { L, build } from '../helpers/hives'
import { DEMO, demoPlan } from '../helpers/wire'

const home = mkdtempSync(join(tmpdir(), 'duvet-cli-'))
afterAll(() => rmSync(home, { recursive: true, force: true }))

function assess(...args: string[]) {
  const { status, stdout, stderr } = spawnSync(process.execPath, ['scripts/run.mjs', 'assess', ...args], {
    encoding: 'utf8',
  })
  return { status, stdout, stderr }
}
function file(name: string, content: unknown): string {
  const path = join(home, name)
  writeFileSync(path, typeof content === 'string' ? content : JSON.stringify(content))
  return path
}

describe('npm run assess', () => {
  it('prints every hive’s findings as sentences, and ends well where there is no stop', () => {
    const quay = file('quay.json', planOf([demoPlan().yards[0]!]))
    const { status, stdout } = assess(quay)
    expect(status).toBe(0)
    expect(stdout).toContain('Calico (Sallow Quay), flow, 838.9 mm high')
    expect(stdout).toContain('Mend: Super 2 over super 1. 15.88 mm here')
    expect(stdout).toContain('Remedy: Swap super 1 for a National super, bottom space: 9.53 mm')
  })

  it('ends with 1 where there is a stop', () => {
    const { status, stdout } = assess(file('stop.json', planOf([build([L.deep, L.crown, L.roof]).yard])))
    expect(status).toBe(1)
    expect(stdout).toContain('Stop: No floor.')
    expect(assess(DEMO).status).toBe(1)
  })

  it('gives data with --json, in the reader’s units and words', () => {
    const demo = demoPlan()
    const { stdout } = assess(
      file('one.json', planOfHive(demo.yards[1]!, demo.yards[1]!.hives[3]!)),
      '--json',
      '--inches',
      '--american',
    )
    const { hives } = JSON.parse(stdout) as {
      hives: { worst: string; findings: { words: { remedies: string[] } }[] }[]
    }
    expect(hives).toHaveLength(1)
    expect(hives[0]!.findings[1]!.words.remedies).toEqual(['Add an inner cover: 1/4 in'])
  })

  it('ends with 2 and a sentence where the file is none', () => {
    expect(assess(file('bad.json', '{'))).toMatchObject({ status: 2, stdout: '' })
    expect(assess(join(home, 'nowhere.json')).stderr).toContain('cannot be read')
    expect(assess(file('other.json', { ...demoPlan(), version: 9 })).stderr).toContain('version is 9')
  })
})
