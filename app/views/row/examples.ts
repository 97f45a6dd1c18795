import plan from '#demo/demo-plan.json?url'

/** The example yards that ship with Duvet, as the plan file that they are. */
export async function exampleYards(): Promise<File> {
  const answer = await fetch(plan)
  return new File([await answer.blob()], 'examples.json', { type: 'application/json' })
}
