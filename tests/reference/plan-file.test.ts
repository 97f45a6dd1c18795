import { readFileSync } from 'node:fs'
import { Validator } from '@seriousme/openapi-schema-validator'
import Ajv2020 from 'ajv/dist/2020'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE, DIMENSION_NAMES, HANGING_FIGURES, sizeLimitOf } from '#core/parts'
import { emptyYard, planOf, planOfHive, startHive, type Plan } from '#core/yard'
import { openApiDocument } from '#wire/openapi'
import { planJsonSchema as published } from '#wire/plan-json-schema'
import { planSchema } from '#wire/plan-schema'
import { readPlan, readPlanValue, readWith } from '#wire/read'
import { anyYard } from '../helpers/any-yard'
import { counter } from '../helpers/hives'
import { runs } from '../helpers/runs'

const planJsonSchema = published() as { $defs: Record<string, { properties: object }> }
const ajv = new Ajv2020({ allErrors: false, strict: true, allowUnionTypes: true })
const validate = ajv.compile(planJsonSchema)
const demo = JSON.parse(readFileSync(new URL('../../demo/demo-plan.json', import.meta.url), 'utf8')) as Plan
const bothAgree = (value: unknown) => {
  const byAjv = validate(value)
  const byYup = readWith(planSchema, value).ok
  return { byAjv, byYup }
}

/** Every place in a value, as a path. */
function places(value: unknown, path: (string | number)[] = []): (string | number)[][] {
  if (value === null || typeof value !== 'object') return [path]
  return [
    path,
    ...Object.entries(value).flatMap(([key, inner]) =>
      places(inner, [...path, Array.isArray(value) ? Number(key) : key]),
    ),
  ]
}

/** A copy of a plan with one place replaced, or removed when `put` is undefined. */
function withPlace(plan: unknown, path: readonly (string | number)[], put: unknown): unknown {
  if (path.length === 0) return put
  const [key, ...rest] = path as [string | number, ...(string | number)[]]
  if (Array.isArray(plan))
    return plan.flatMap((item, i) =>
      i !== key ? [item] : rest.length === 0 && put === undefined ? [] : [withPlace(item, rest, put)],
    )
  const copy = { ...(plan as Record<string, unknown>) }
  if (rest.length === 0 && put === undefined) delete copy[key]
  else copy[key] = withPlace(copy[key], rest, put)
  return copy
}

const small = (): Plan => {
  const makeId = counter()
  const { hive, parts } = startHive('national', 'Twill', CATALOGUE, makeId)
  const [first, ...others] = parts
  const measured = {
    ...first!,
    name: 'Box 7',
    measured: {
      depth: { mm: 199.5, plusMinusMm: 0.5, source: { mark: 'measured' as const, text: 'rule' }, inches: '7 7/8' },
    },
  }
  const attachment = { partId: 'want:mouse-guard/0', place: 'entrance' as const }
  const season = {
    way: { supers: 2, winterTop: 'absorbing' as const },
    byHand: {
      winter: {
        layers: [{ placement: hive.stack[0]!, patternId: first!.patternId }],
        attachments: [{ ...attachment, patternId: 'mouse-guard' }],
        writtenFrom: 'x',
      },
    },
  }
  const visit = {
    id: 'v',
    toStage: 'winter' as const,
    startedOn: '2026-10-01',
    done: 1,
    steps: [
      {
        partId: hive.stack[0]!.partId,
        patternId: first!.patternId,
        from: 'hive' as const,
        to: 2,
        kg: 3.5,
        turned: false,
        placement: hive.stack[0]!,
      },
      {
        partId: 'p',
        patternId: 'mouse-guard',
        from: 'van' as const,
        to: 'hive' as const,
        kg: 0,
        turned: false,
        part: { ...others[0]!, contents: [] },
        attachment,
      },
    ],
  }
  const calendar = {
    climate: 'cool-maritime' as const,
    firstPollen: '03-01',
    flowStart: '05-20',
    flowEnd: '07-31',
    secondFlow: { start: '08-20', end: '09-01' },
    firstFrost: '11-01',
    lastFrost: null,
    moved: { supering: '04-20' },
  }
  return planOf([
    {
      ...emptyYard('yard', 'Sallow Quay'),
      season: { calendar, way: { broodForm: 'double' } },
      hives: [{ ...hive, season, visit, accepted: [{ findingKey: 'k', measuredMm: null, reason: 'known' }] }],
      parts: [measured, ...others.map((part) => ({ ...part, contents: part.contents.slice(0, 1) }))],
    },
  ])
}

describe('the plan file’s schema', () => {
  it('takes the demo and a small plan, by ajv and by Yup', () => {
    for (const plan of [demo, small(), planOf([])]) expect(bothAgree(plan)).toEqual({ byAjv: true, byYup: true })
  })

  it('is agreed on by ajv and Yup for plans with anything anywhere', () => {
    const plan = small()
    const everywhere = places(plan)
    const anything = fc.oneof(
      fc.constantFrom<unknown>(
        undefined,
        null,
        '',
        'x',
        'new:1',
        0,
        -1,
        1.5,
        7,
        1e9,
        Number.NaN,
        Infinity,
        true,
        [],
        {},
        'brood',
        'winter',
        'range',
        90,
        'open',
        '😀'.repeat(80),
        'a'.repeat(81),
        'é'.repeat(300),
        [1],
        { id: 'x' },
      ),
      fc.jsonValue({ maxDepth: 1 }),
    )
    let refused = 0
    fc.assert(
      fc.property(fc.constantFrom(...everywhere), anything, (path, put) => {
        const { byAjv, byYup } = bothAgree(withPlace(plan, path, put))
        if (!byYup) refused++
        expect(byYup).toBe(byAjv)
      }),
      { numRuns: runs(3000) },
    )
    expect(refused).toBeGreaterThan(500)
  })

  it('is agreed on where a field is added that a plan does not have', () => {
    const plan = small()
    fc.assert(
      fc.property(
        fc.constantFrom(...places(plan)),
        fc.constantFrom('extra', '__proto__x', 'toString'),
        (path, name) => {
          const { byAjv, byYup } = bothAgree(withPlace(plan, [...path, name], 1))
          expect(byYup).toBe(byAjv)
        },
      ),
    )
  })
})

/** Every field that a schema names, wherever it stands. */
function fieldsOf(schema: unknown, found = new Set<string>()): Set<string> {
  if (schema === null || typeof schema !== 'object') return found
  for (const [key, inner] of Object.entries(schema)) {
    if (key === 'properties') for (const field of Object.keys(inner as object)) found.add(field)
    fieldsOf(inner, found)
  }
  return found
}

describe('any yard that can be made', () => {
  const { bookEntry: _, ...defs } = planJsonSchema.$defs
  const named = fieldsOf({ ...planJsonSchema, $defs: defs })
  const made = new Set<string>()
  it('is taken by the published schema, and comes back the same (property)', () => {
    fc.assert(
      fc.property(anyYard, (yard) => {
        const plan = JSON.parse(JSON.stringify(planOf([yard]))) as Plan
        expect(validate(plan), JSON.stringify(validate.errors)).toBe(true)
        const read = readPlanValue(plan)
        expect(read).toEqual({ ok: true, value: plan })
        for (const path of places(plan)) made.add(String(path.at(-1)))
      }),
      { numRuns: runs(300), seed: 31 },
    )
  })
  it('has every field that is published, so that none is refused or forgotten unseen', () => {
    expect([...named].filter((field) => !made.has(field)).sort()).toEqual(['books', 'entries'])
  })
})

describe('reading a plan', () => {
  it('gives back what was written: export then import is identity', () => {
    const read = readPlan(JSON.stringify(demo))
    expect(read.ok && read.value).toEqual(demo)
    const one = planOfHive(demo.yards[0]!, demo.yards[0]!.hives[0]!)
    const readOne = readPlan(JSON.stringify(one))
    expect(readOne.ok && JSON.stringify(readOne.value)).toBe(JSON.stringify(one))
  })

  it.each<[string, unknown, RegExp]>([
    ['another version', { ...demo, version: 9 }, /version is 9: this Duvet reads version 8/],
    ['another format', { ...demo, format: 'hives' }, /format is not “duvet-plan”/],
    ['no object', 7, /the whole of it/],
    ['a list', [], /the whole of it/],
    ['missing parts', { ...demo, yards: [{ ...demo.yards[0], parts: undefined }] }, /yards\[0\]\.parts is missing/],
    ['a name that is none', { ...demo, yards: [{ ...demo.yards[0], name: '' }] }, /yards\[0\]\.name/],
    [
      'a part that is not there',
      { ...demo, yards: [{ ...demo.yards[0], parts: demo.yards[0]!.parts.slice(1) }] },
      /which is not among the yard’s parts/,
    ],
    [
      'a part in two places',
      {
        ...demo,
        yards: [
          {
            ...demo.yards[0],
            hives: [demo.yards[0]!.hives[0], { ...demo.yards[0]!.hives[1]!, stack: demo.yards[0]!.hives[0]!.stack }],
          },
        ],
      },
      /already stands in another place/,
    ],
    ['one identity twice', { ...demo, yards: [demo.yards[0], demo.yards[0]] }, /another thing in the file has already/],
    [
      'ten thousand parts',
      { ...demo, yards: [{ ...demo.yards[0], parts: Array.from({ length: 10_000 }, () => demo.yards[0]!.parts[0]) }] },
      /10000 parts: a plan may hold 9999/,
    ],
    [
      'a figure that is none',
      {
        ...demo,
        yards: [
          {
            ...demo.yards[0],
            hives: [
              {
                ...demo.yards[0]!.hives[0]!,
                stack: [{ ...demo.yards[0]!.hives[0]!.stack[0], offsetMm: { x: null, y: 0 } }],
              },
            ],
          },
        ],
      },
      /offsetMm\.x/,
    ],
  ])('refuses %s in one sentence that names the field', (_name, value, sentence) => {
    const read = readPlanValue(JSON.parse(JSON.stringify(value)))
    expect(read.ok).toBe(false)
    if (!read.ok) {
      expect(read.problem.sentence).toMatch(sentence)
      expect(read.problem.sentence).not.toMatch(/\n|\$\{/)
    }
  })

  it('refuses what is no JSON, and NaN, which JSON does not have', () => {
    for (const text of ['', '{', 'duvet', '{"format":"duvet-plan","version":NaN}'])
      expect(readPlan(text)).toMatchObject({ ok: false, problem: { field: 'file' } })
  })

  it('keeps a pattern that this catalogue lacks', () => {
    const plan = small()
    const later = withPlace(plan, ['yards', 0, 'parts', 2, 'patternId'], 'box-of-tomorrow')
    expect(readPlanValue(later).ok).toBe(true)
  })
})

describe('the OpenAPI document', () => {
  it('is valid by the schema of OpenAPI 3.1', async () => {
    const { valid, errors } = await new Validator().validate(openApiDocument() as never)
    expect(errors).toBeUndefined()
    expect(valid).toBe(true)
  })
})

describe('the sizes of the published schema', () => {
  const sizes = { ...planJsonSchema.$defs.dimensions!.properties, ...planJsonSchema.$defs.hanging!.properties }
  it.each([...DIMENSION_NAMES, ...HANGING_FIGURES])('%s has the limits that are read by', (name) => {
    const { leastMm, mostMm } = sizeLimitOf(name)!
    const { properties } = (sizes as Record<string, { properties: object }>)[name]!
    const limit = { type: 'number', minimum: leastMm, maximum: mostMm }
    expect(properties).toMatchObject({ mm: limit, otherMm: limit })
  })
})
