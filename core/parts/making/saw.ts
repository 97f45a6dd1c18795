import type { Panel } from './box-bill'

/** One setting of the saw, in the order they are made; lengths in mm. */
export interface SawSetting {
  readonly saw: 'rip' | 'cross-cut' | 'rabbet' | 'frame-rest' | 'fingers'
  readonly for: Panel['name']
  /** Fence or stop from the blade. */
  readonly fenceMm: number
  /** Height of the blade or cutter; null where it goes through. */
  readonly heightMm: number | null
}

/** How the saw is set for the boards of a box, each setting once. */
export function sawSettings(panels: readonly Panel[]): SawSetting[] {
  const settings: SawSetting[] = []
  const add = (setting: SawSetting) => {
    if (
      !settings.some(
        (one) =>
          one.saw === setting.saw &&
          alike(one.fenceMm, setting.fenceMm) &&
          alike(one.heightMm ?? 0, setting.heightMm ?? 0),
      )
    )
      settings.push(setting)
  }
  for (const panel of panels) add({ saw: 'rip', for: panel.name, fenceMm: panel.widthMm, heightMm: null })
  for (const panel of panels) add({ saw: 'cross-cut', for: panel.name, fenceMm: panel.lengthMm, heightMm: null })
  for (const panel of panels) {
    for (const cut of panel.cuts) {
      if (cut.cut === 'rabbet') add({ saw: 'rabbet', for: panel.name, fenceMm: cut.widthMm, heightMm: cut.depthMm })
      if (cut.cut === 'fingers') add({ saw: 'fingers', for: panel.name, fenceMm: cut.widthMm, heightMm: cut.depthMm })
      if (cut.cut === 'frame-rest')
        add({ saw: 'frame-rest', for: panel.name, fenceMm: cut.depthMm, heightMm: cut.widthMm })
    }
  }
  return settings
}

/** One setting does for sizes that no saw tells apart. */
function alike(aMm: number, bMm: number): boolean {
  return Math.abs(aMm - bMm) < 0.005
}
