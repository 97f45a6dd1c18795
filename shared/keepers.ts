/** The parts that a keeper may play in a yard, each with all that those before it may do. */
export const PLAYED = ['reader', 'helper', 'keeper', 'owner'] as const
/** What a keeper may do in a yard. */
export type Played = (typeof PLAYED)[number]

/** Whether a part that is played is enough for what needs another. */
export function mayPlay(has: Played | undefined, needs: Played): boolean {
  return has !== undefined && PLAYED.indexOf(has) >= PLAYED.indexOf(needs)
}

export const PASSPHRASE = { least: 10, most: 200 } as const
export const NAME_MOST = 60

/** Who asks: nobody in particular where no keeper was made, else who is signed in. */
export interface Me {
  /** Whether one has to sign in here. */
  readonly on: boolean
  readonly keeper: { readonly id: string; readonly name: string } | null
  /** Whether a first keeper can be made here and now. */
  readonly mayBegin: boolean
  readonly plays: Readonly<Record<string, Played>>
}

/** A keeper of a yard. */
export interface YardKeeper {
  readonly id: string
  readonly name: string
  readonly part: Played
  readonly since: string
}

/** An invitation that was made: the token is told this once. */
export interface Invited {
  readonly token: string
  readonly endsAt: string
}

/** What an invitation says of itself before it is taken up. */
export interface Invitation {
  readonly yards: readonly string[]
  readonly inviter: string
  readonly part: Played
  readonly endsAt: string
}

/** A key of a device that signs a keeper in. */
export interface KeptPasskey {
  readonly id: string
  readonly madeAt: string
  /** The device on which it was made, by its name. */
  readonly device: string
  /** The name of the server that it is for. */
  readonly host: string
}
