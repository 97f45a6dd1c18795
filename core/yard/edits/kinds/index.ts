import { ADD_PART, type AddPart } from './add-part'
import { DISCARD_PART, type DiscardPart } from './discard-part'
import { PLACE_PART, type PlacePart } from './place-part'
import { TAKE_OFF, type TakeOff } from './take-off'
import { MOVE_PART, type MovePart } from './move-part'
import { SET_PLACEMENT, type SetPlacement } from './set-placement'
import { ATTACH_PART, type AttachPart } from './attach-part'
import { DETACH_PART, type DetachPart } from './detach-part'
import { SET_PART, type SetPart } from './set-part'
import { CHANGE_PART, type ChangePart } from './change-part'
import { SET_HIVE, type SetHive } from './set-hive'
import { ACCEPT_FINDING, type AcceptFinding } from './accept-finding'
import { WITHDRAW_ACCEPTANCE, type WithdrawAcceptance } from './withdraw-acceptance'
import { ADD_HIVE, type AddHive } from './add-hive'
import { REMOVE_HIVE, type RemoveHive } from './remove-hive'
import { REPLACE_HIVE, type ReplaceHive } from './replace-hive'
import { RESTORE_HIVE, type RestoreHive } from './restore-hive'
import { SET_YARD, type SetYard } from './set-yard'
import { SET_FIGURE, type SetFigure } from './set-figure'
import { SET_OVERRIDE, type SetOverride } from './set-override'
import { SET_PATTERN, type SetPattern } from './set-pattern'
import { SET_HANGING, type SetHanging } from './set-hanging'
import { STOCK_PART, type StockPart } from './stock-part'
import { DROP_PART, type DropPart } from './drop-part'
import { LEND_PART, type LendPart } from './lend-part'
import { TAKE_BACK, type TakeBack } from './take-back'
import { BORROW_PART, type BorrowPart } from './borrow-part'
import { GIVE_BACK, type GiveBack } from './give-back'
import { SET_YEAR, type SetYear } from './set-year'
import { SET_WAY, type SetWay } from './set-way'
import { SET_VISIT, type SetVisit } from './set-visit'

/** Every kind of edit that is none of others: one file a kind, one line here. */
export const EDIT_KINDS = {
  'add-part': ADD_PART,
  'discard-part': DISCARD_PART,
  'place-part': PLACE_PART,
  'take-off': TAKE_OFF,
  'move-part': MOVE_PART,
  'set-placement': SET_PLACEMENT,
  'attach-part': ATTACH_PART,
  'detach-part': DETACH_PART,
  'set-part': SET_PART,
  'change-part': CHANGE_PART,
  'set-hive': SET_HIVE,
  'accept-finding': ACCEPT_FINDING,
  'withdraw-acceptance': WITHDRAW_ACCEPTANCE,
  'add-hive': ADD_HIVE,
  'remove-hive': REMOVE_HIVE,
  'replace-hive': REPLACE_HIVE,
  'restore-hive': RESTORE_HIVE,
  'set-yard': SET_YARD,
  'set-override': SET_OVERRIDE,
  'set-figure': SET_FIGURE,
  'set-pattern': SET_PATTERN,
  'set-hanging': SET_HANGING,
  'stock-part': STOCK_PART,
  'drop-part': DROP_PART,
  'lend-part': LEND_PART,
  'take-back': TAKE_BACK,
  'borrow-part': BORROW_PART,
  'give-back': GIVE_BACK,
  'set-year': SET_YEAR,
  'set-way': SET_WAY,
  'set-visit': SET_VISIT,
} as const

/** An edit that is no group of others. */
export type PlainEdit =
  | AddPart
  | DiscardPart
  | PlacePart
  | TakeOff
  | MovePart
  | SetPlacement
  | AttachPart
  | DetachPart
  | SetPart
  | ChangePart
  | SetHive
  | AcceptFinding
  | WithdrawAcceptance
  | AddHive
  | RemoveHive
  | ReplaceHive
  | RestoreHive
  | SetYard
  | SetOverride
  | SetFigure
  | SetPattern
  | SetHanging
  | StockPart
  | DropPart
  | LendPart
  | TakeBack
  | BorrowPart
  | GiveBack
  | SetYear
  | SetWay
  | SetVisit
