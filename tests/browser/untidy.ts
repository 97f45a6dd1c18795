import type { Page } from 'playwright-core'

/** The smallest letters that are read at arm's length, px. */
const SMALLEST_PX = 11

/** What is wrong with how a page is laid out: wider than the screen, words cut, letters too small, things over words. */
export function untidy(page: Page): Promise<string[]> {
  return page.evaluate((smallestPx) => {
    const wrong: string[] = []
    const over = document.documentElement.scrollWidth - window.innerWidth
    if (over > 0) wrong.push(`the page is ${over} px wider than the screen`)
    const named = (element: Element) => `“${(element.textContent ?? '').replace(/\s+/g, ' ').trim().slice(0, 60)}”`
    const main = document.querySelector('main')
    if (!main) return ['no view']
    const isHidden = (element: Element) => element.closest('[aria-hidden="true"], .el-input-number__decrease') !== null
    for (const element of main.querySelectorAll<HTMLElement>('*')) {
      if (!element.checkVisibility({ opacityProperty: true, visibilityProperty: true }) || isHidden(element)) continue
      const style = getComputedStyle(element)
      const isWider = element.clientWidth > 1 && element.scrollWidth > element.clientWidth + 1
      if (style.textOverflow === 'ellipsis' && isWider && element.textContent.trim() !== '')
        wrong.push(`cut: ${named(element)}`)
      const own = [...element.childNodes].filter(
        (node) => node.nodeType === Node.TEXT_NODE && (node.textContent ?? '').trim() !== '',
      )
      if (own.length === 0) continue
      const isDrawn = element instanceof SVGElement
      if (!isDrawn && Number.parseFloat(style.fontSize) < smallestPx)
        wrong.push(`${style.fontSize} letters: ${named(element)}`)
      const isHiding = /hidden|clip/.test(style.overflowX) && style.textOverflow !== 'ellipsis'
      if (!isDrawn && isHiding && isWider) wrong.push(`cut: ${named(element)}`)
      const range = document.createRange()
      range.selectNodeContents(own[0]!)
      const box = range.getBoundingClientRect()
      if (isDrawn || box.width === 0 || box.right <= window.innerWidth + 1) continue
      let isInScroller = false
      for (let up: Element | null = element; up && up !== main; up = up.parentElement)
        isInScroller ||= /auto|scroll|hidden/.test(getComputedStyle(up).overflowX)
      if (!isInScroller) wrong.push(`beyond the right edge: ${named(element)}`)
    }
    return wrong
  }, SMALLEST_PX)
}
