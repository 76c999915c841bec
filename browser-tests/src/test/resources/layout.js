// What a reader would stumble over on the page as it stands, one line each. Run in the page; `limits` says how high it may be in
// screens and how large a target must be.
(limits) => {
  const faults = []
  const say = (element, what) => {
    const words = (element.textContent || element.getAttribute('aria-label') || element.tagName).trim().replace(/\s+/g, ' ')
    faults.push(`${what}: “${words.slice(0, 60)}” <${element.tagName.toLowerCase()}${element.className.baseVal === undefined && element.className ? '.' + String(element.className).split(' ')[0] : ''}>`)
  }
  const shown = (element) => element.checkVisibility({ opacityProperty: true, visibilityProperty: true })
  const fixed = (element) => {
    for (let one = element; one; one = one.parentElement) {
      if (['fixed', 'sticky'].includes(getComputedStyle(one).position)) return true
    }
    return false
  }
  /** What is left of a rectangle inside everything that cuts off what runs over. */
  const seen = (element, rect) => {
    let { left, top, right, bottom } = rect
    for (let one = element; one && one !== document.body; one = one.parentElement) {
      const style = getComputedStyle(one)
      if (style.overflowX !== 'visible' || style.overflowY !== 'visible' || style.clipPath !== 'none') {
        const box = one.getBoundingClientRect()
        left = Math.max(left, box.left)
        right = Math.min(right, box.right)
        top = Math.max(top, box.top)
        bottom = Math.min(bottom, box.bottom)
      }
    }
    return { left, top, right, bottom }
  }
  const texts = []
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
  while (walker.nextNode()) {
    const node = walker.currentNode
    const element = node.parentElement
    if (!node.textContent.trim() || !element || ['SCRIPT', 'STYLE', 'LEGEND', 'NOSCRIPT'].includes(element.tagName)) continue
    if (element.closest('legend, [hidden]') || !shown(element)) continue
    const style = getComputedStyle(element)
    let size = parseFloat(style.fontSize)
    if (element instanceof SVGElement) {
      const matrix = element.getScreenCTM?.()
      if (matrix) size *= Math.hypot(matrix.a, matrix.b)
    }
    const range = document.createRange()
    range.selectNodeContents(node)
    const rects = [...range.getClientRects()].map((rect) => seen(element, rect)).filter((rect) => rect.right - rect.left > 1 && rect.bottom - rect.top > 1)
    if (rects.length === 0) continue
    if (size < 11.95) say(element, `text of ${size.toFixed(1)} px`)
    if (!fixed(element)) for (const rect of rects) texts.push({ element, node, rect, size })
    const overflows = element.scrollWidth > element.clientWidth + 1 && style.overflowX !== 'visible' && style.overflowX !== 'auto' && style.overflowX !== 'scroll'
    if (overflows && style.textOverflow !== 'ellipsis' && element.clientWidth > 1) say(element, 'clipped text')
    const label = element.closest('.MuiInputLabel-root')
    if (label && label.scrollWidth > label.clientWidth + 1 && !label.classList.contains('MuiInputLabel-shrink')) say(label, 'a label cut off in its field')
  }
  texts.sort((one, other) => one.rect.top - other.rect.top)
  const reported = new Set()
  for (let at = 0; at < texts.length; at++) {
    const one = texts[at]
    for (let next = at + 1; next < texts.length && texts[next].rect.top < one.rect.bottom - 3; next++) {
      const other = texts[next]
      if (one.node === other.node) continue
      const wide = Math.min(one.rect.right, other.rect.right) - Math.max(one.rect.left, other.rect.left)
      // The line box is higher than its letters: only where letters meet.
      const high = Math.min(one.rect.bottom, other.rect.bottom) - Math.max(one.rect.top, other.rect.top)
      if (wide < 3 || high < Math.min(one.size, other.size) * 0.45) continue
      const key = `${one.node.textContent}|${other.node.textContent}`
      if (reported.has(key)) continue
      reported.add(key)
      const adornment = [one, other].some((text) => text.element.closest('.MuiInputAdornment-root'))
      say(one.element, adornment ? `a label under “${other.node.textContent.trim()}”` : `text over “${other.node.textContent.trim().slice(0, 40)}”`)
    }
  }
  const wide = document.documentElement.scrollWidth - innerWidth
  if (wide > 0) faults.push(`${wide} px too wide at ${innerWidth}`)
  if (!/^.+ · Rotagens$/.test(document.title)) faults.push(`the title is “${document.title}”`)
  if (document.querySelectorAll('main').length !== 1) faults.push('not one main landmark')
  const screens = document.documentElement.scrollHeight / innerHeight
  if (limits.screens && screens > limits.screens) faults.push(`${screens.toFixed(1)} screens high, at most ${limits.screens}`)
  for (const element of document.querySelectorAll('a[href], button, input, select, textarea, summary, [role=button], [role=tab], [role=combobox]')) {
    if (!shown(element) || element.disabled || element.type === 'hidden') continue
    // A link in a line of text is as high as the line.
    const inline = element.tagName === 'A' && getComputedStyle(element).display === 'inline'
    if (inline) continue
    const field = element.tagName === 'INPUT' || element.tagName === 'TEXTAREA' || element.getAttribute('role') === 'combobox'
    const box = (field && element.closest('.MuiInputBase-root, label, .MuiButtonBase-root')) || element
    const rect = box.getBoundingClientRect()
    if (rect.width < 2 || rect.height < 2 || rect.right < 0 || element.closest('[aria-hidden=true]')) continue
    const clipped = seen(box, rect)
    if (clipped.right - clipped.left < 2 || clipped.bottom - clipped.top < 2) continue
    // What is drawn is hit on its stroke, too, which its box leaves out.
    let stroke = 0
    if (element instanceof SVGElement) {
      const matrix = element.getScreenCTM()
      const strokes = [...element.querySelectorAll('*')].map((one) => parseFloat(getComputedStyle(one).strokeWidth) || 0)
      stroke = Math.max(0, ...strokes) * Math.hypot(matrix.a, matrix.b)
    }
    if (rect.height + stroke < limits.target - 0.5 || rect.width + stroke < Math.min(limits.target, 24) - 0.5) {
      say(element, `a target of ${rect.width.toFixed(0)} × ${rect.height.toFixed(0)} px`)
    }
  }
  return [...new Set(faults)]
}
