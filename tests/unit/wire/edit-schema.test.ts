import Ajv2020 from 'ajv/dist/2020'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { keysOf } from '#core/units'
import { applyEdit, EDIT_KINDS, type Edit } from '#core/yard'
import { submissionSchema } from '#wire/edit-schema'
import { openApiDocument } from '#wire/openapi'
import { readWith } from '#wire/read'
import { someEdit, twoHives } from '../../helpers/edits'
import { counter } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const sent = (edit: unknown, more: Record<string, unknown> = {}) =>
  JSON.parse(
    JSON.stringify({
      baseRevision: 0,
      device: 'desk',
      edits: [{ id: 'e1', madeAt: '2026-05-01T09:30:00.000Z', kind: 'do', edit, ...more }],
    }),
  ) as unknown

const own = (mm: number) => ({ mm, plusMinusMm: 0, source: { mark: 'own', text: 'own' } })

/** An edit by the schema that is published. */
const published = (() => {
  const { components } = JSON.parse(JSON.stringify(openApiDocument())) as { components: { schemas: object } }
  const ajv = new Ajv2020({ strict: false })
  return ajv.compile({ $ref: '#/components/schemas/edit', components })
})()

describe('the wire', () => {
  it('publishes what every kind of edit looks like', () => {
    const told = JSON.stringify(openApiDocument())
    for (const kind of keysOf(EDIT_KINDS)) expect(told, kind).toContain(`"enum":["${kind}"]`)
  })

  it('carries every edit that applies, and the inverse of each, so that undo is never refused', () => {
    const steps = fc.array(fc.tuple(fc.nat(200), fc.nat(50), fc.nat(50), fc.nat(200)), { minLength: 1, maxLength: 12 })
    const kinds = new Set<Edit['kind']>()
    fc.assert(
      fc.property(steps, (numbers) => {
        const makeId = counter('n')
        let yard = twoHives()
        for (const four of numbers) {
          const edit = someEdit(yard, four, makeId)
          const applied = applyEdit(yard, edit)
          if (!applied.ok) continue
          for (const one of [edit, applied.inverse]) {
            const read = readWith(submissionSchema, sent(one))
            if (!read.ok) throw new Error(`${one.kind}: ${read.problem.sentence}`)
            const asSent: unknown = JSON.parse(JSON.stringify(one))
            expect(
              published(asSent),
              `${one.kind} ${JSON.stringify(asSent)} ${JSON.stringify(published.errors?.filter(({ keyword }) => keyword !== 'required' && keyword !== 'enum'))}`,
            ).toBe(true)
            kinds.add(one.kind)
          }
          yard = applied.yard
        }
      }),
      { numRuns: runs(150) },
    )
    for (const kind of [
      'add-part',
      'discard-part',
      'take-off',
      'place-part',
      'move-part',
      'set-placement',
      'set-hive',
      'accept-finding',
      'remove-hive',
      'add-hive',
      'batch',
    ] as const)
      expect(kinds, kind).toContain(kind)
  })

  it.each<[string, unknown]>([
    ['an edit of no kind', {}],
    ['null', null],
    ['a list', []],
    ['a kind that is no word', { kind: 7 }],
    ['a kind of every object', { kind: 'toString' }],
    ['a field too many', { kind: 'take-off', hiveId: 'h', partId: 'p', also: 1 }],
    ['a place below zero', { kind: 'move-part', partId: 'p', fromHiveId: 'h', toHiveId: 'h', at: -1 }],
    ['a place that is a text', { kind: 'move-part', partId: 'p', fromHiveId: 'h', toHiveId: 'h', at: '1' }],
    ['a figure that would make masses infinite', { kind: 'set-override', key: 'limit.honeyDensity', length: own(0) }],
    ['a figure that cannot be', { kind: 'set-figure', name: 'honeyDensityKgPerLitre', value: 0 }],
    ['a figure that there is not', { kind: 'set-figure', name: 'honeyDensity', value: 1.4 }],
    ['a figure without a value', { kind: 'set-figure', name: 'wideMm' }],
    ['an override without a figure', { kind: 'set-override', key: 'limit.wide' }],
    ['an override with a figure of no shape', { kind: 'set-override', key: 'limit.wide', length: { mm: 1 } }],
    [
      'batches without end',
      {
        kind: 'batch',
        edits: [
          {
            kind: 'batch',
            edits: [
              {
                kind: 'batch',
                edits: [{ kind: 'batch', edits: [{ kind: 'batch', edits: [{ kind: 'batch', edits: [] }] }] }],
              },
            ],
          },
        ],
      },
    ],
  ])('refuses %s', (_name, edit) => {
    const read = readWith(submissionSchema, sent(edit))
    expect(read.ok).toBe(false)
    if (!read.ok) expect(read.problem.sentence).toMatch(/\.$/)
  })

  it('takes a figure away with null, and refuses what is neither', () => {
    expect(readWith(submissionSchema, sent({ kind: 'set-override', key: 'limit.wide', length: null })).ok).toBe(true)
    const cells = { kind: 'set-override', key: 'limit.broodNeedMend', length: own(42_000) }
    expect(readWith(submissionSchema, sent(cells)).ok).toBe(true)
    for (const value of [null, 42_000])
      expect(readWith(submissionSchema, sent({ kind: 'set-figure', name: 'broodNeedMendCells', value })).ok).toBe(true)
    expect(readWith(submissionSchema, sent({ kind: 'set-pattern', patternId: 'own', pattern: null })).ok).toBe(true)
    expect(readWith(submissionSchema, sent({ kind: 'set-pattern', patternId: 'own', pattern: 'mine' })).ok).toBe(false)
  })

  it.each([
    ['kind', 'redone'],
    ['madeAt', '1 May'],
    ['id', ''],
    ['id', '\u0000a'],
    ['targetId', '\u0000a'],
    ['targetId', 7],
  ])('refuses an entry whose %s is %j', (field, value) => {
    expect(readWith(submissionSchema, sent({ kind: 'remove-hive', hiveId: 'h' }, { [field]: value })).ok).toBe(false)
  })

  it('answers with a sentence whatever one field of an edit is, and when it is not there', () => {
    const odd: readonly unknown[] = [null, 7, 'x', '\u0000', [], {}, { toString: null }, [null], 1e308]
    let refused = 0
    for (let kind = 0; kind < 27; kind++) {
      const whole = sent(someEdit(twoHives(), [kind, 0, 0, 3], counter('n')))
      for (const path of pathsIn(whole))
        for (const value of [undefined, ...odd]) {
          const read = readWith(submissionSchema, changedAt(whole, path, value))
          if (read.ok) continue
          refused++
          expect(read.problem.sentence, path.join('.')).toMatch(/^[^\n]{1,300}[.…]$/)
        }
    }
    expect(refused).toBeGreaterThan(1000)
  })
})

const isOpen = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null

function pathsIn(value: unknown): string[][] {
  if (!isOpen(value)) return []
  return Object.entries(value).flatMap(([key, inner]) => [[key], ...pathsIn(inner).map((rest) => [key, ...rest])])
}

function changedAt(value: unknown, path: readonly string[], to: unknown): unknown {
  const copy = structuredClone(value)
  const within = path.slice(0, -1).reduce<unknown>((at, key) => (isOpen(at) ? at[key] : undefined), copy)
  if (isOpen(within)) {
    if (to === undefined) Reflect.deleteProperty(within, path.at(-1)!)
    else within[path.at(-1)!] = to
  }
  return copy
}
