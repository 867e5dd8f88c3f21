// Stands in the page as it is (nuxt.config.ts). Plain JavaScript: it runs before anything else is there.
(function () {
  const held = []
  const typed = new Map()
  let said
  const SELF = 'a[href], form[action] *'
  const PRESSED = 'button, [role=button], [role=option], [role=radio], [role=tab], [role=menuitem], [role=switch], summary'
  const WRITTEN = 'input:not([type=file]), textarea, select'
  const say = () => {
    if (said) return
    said = document.createElement('div')
    said.setAttribute('role', 'status')
    said.className = 'waking-says'
    said.textContent = 'One moment: this page is waking. What you did is kept.'
    document.documentElement.append(said)
  }
  const hold = (event, again) => {
    event.preventDefault()
    event.stopImmediatePropagation()
    held.push(again)
    say()
  }
  const on = {
    click(event) {
      const target = event.target.closest?.(PRESSED)
      if (!target || target.closest(SELF)) return
      const { clientX, clientY, shiftKey, ctrlKey, metaKey, altKey } = event
      hold(event, () => target.isConnected && target.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true, composed: true, detail: 1, clientX, clientY, shiftKey, ctrlKey, metaKey, altKey })))
    },
    submit(event) {
      const { target: form, submitter } = event
      if (form.hasAttribute('action')) return
      hold(event, () => form.isConnected && form.requestSubmit(submitter?.isConnected ? submitter : undefined))
    },
    keydown(event) {
      const { target, key, code, shiftKey, ctrlKey, metaKey, altKey } = event
      const writes = target.matches?.(WRITTEN)
      // Enter in a line of a form submits it, which is held by itself; Tab and letters are the browser's.
      // So are its own keys, and the arrows where nothing has the focus: they turn the page.
      const own = ctrlKey || metaKey ? key.toLowerCase() === 'z' : target !== document.body && /^(?:Arrow|Delete|Escape)/.test(key)
      if (!(writes ? key === 'Enter' && (target.matches('textarea') || !target.form) : own)) return
      hold(event, () => target.isConnected && target.dispatchEvent(new KeyboardEvent('keydown', { key, code, shiftKey, ctrlKey, metaKey, altKey, bubbles: true, cancelable: true })))
    },
    input({ target }) { if (target.matches?.(WRITTEN)) remember(target) },
    change(event) {
      const { target } = event
      if (target.matches?.(WRITTEN)) remember(target)
      // Files that were chosen stay in their field; who takes them is told once it is there.
      else if (target.type === 'file' && target.files.length)
        hold(event, () => target.isConnected && target.dispatchEvent(new Event('change', { bubbles: true })))
    },
    dragover(event) { event.preventDefault() },
    drop(event) {
      const { target, clientX, clientY, dataTransfer } = event
      const files = [...(dataTransfer?.files ?? [])]
      if (!files.length) return
      hold(event, () => {
        const again = new DataTransfer()
        files.forEach(file => again.items.add(file))
        target.dispatchEvent(new DragEvent('drop', { bubbles: true, cancelable: true, clientX, clientY, dataTransfer: again }))
      })
    },
  }
  function remember(el) {
    const tick = el.type === 'checkbox' || el.type === 'radio'
    let cursor
    try { cursor = [el.selectionStart, el.selectionEnd] }
    catch { /* numbers and dates have none */ }
    typed.set(el, { value: el.value, checked: el.checked, tick, cursor })
    keep()
  }
  function write(el, { value, checked, tick, cursor }) {
    if (!el.isConnected) return
    if (tick) {
      if (el.checked !== checked) el.click()
      return
    }
    el.value = value
    if (cursor && cursor[0] !== null && document.activeElement === el) el.setSelectionRange(cursor[0], cursor[1])
    el.dispatchEvent(new Event('input', { bubbles: true }))
    if (el.tagName === 'SELECT' || document.activeElement !== el) el.dispatchEvent(new Event('change', { bubbles: true }))
  }
  // A page that is taken away before it woke: what was typed waits in the browser for the next time it is opened.
  const KEPT = `dendle-waking:${location.pathname}`
  const addressOf = el => [el.id, el.name, el.getAttribute('aria-label') ?? '', el.tagName].join(' ')
  const keep = () => {
    const fields = [...typed].map(([el, { value, checked, tick }]) => ({ address: addressOf(el), was: el.defaultValue ?? '', value, checked, tick }))
    try { if (fields.length) localStorage.setItem(KEPT, JSON.stringify(fields)) }
    catch { return false }
    return true
  }
  // A browser that keeps nothing: it asks before it goes.
  const asks = event => keep() || event.preventDefault()
  function restore() {
    let fields
    try { fields = JSON.parse(localStorage.getItem(KEPT) ?? '[]') }
    catch { return }
    const there = new Map([...document.querySelectorAll(WRITTEN)].map(el => [addressOf(el), el]))
    const homeless = []
    for (const { address, was, value, checked, tick } of fields) {
      const el = there.get(address)
      if (el && !typed.has(el) && (tick || el.defaultValue === undefined || el.defaultValue === was)) {
        if (!tick) el.value = value
        typed.set(el, { value, checked, tick })
      }
      else if (!tick && value !== el?.value) homeless.push(value)
    }
    if (!homeless.length) return
    const told = document.createElement('div')
    told.setAttribute('role', 'status')
    told.className = 'waking-says'
    told.textContent = `You typed this here before the page was awake, and its field has other words now: ${homeless.join(' · ')} `
    const seen = document.createElement('button')
    seen.textContent = 'I have it'
    seen.onclick = () => { told.remove(); localStorage.removeItem(KEPT) }
    told.append(seen)
    document.documentElement.append(told)
    return true
  }
  /** Words that found no field stand in the page until they are seen. */
  let shows = false
  const begin = () => { shows = restore() }
  addEventListener('DOMContentLoaded', begin)
  addEventListener('beforeunload', asks)
  for (const type of Object.keys(on)) addEventListener(type, on[type], true)
  document.documentElement.dataset.waking = ''
  // Scripts that do not come at all: nothing is done with what is held, and that is said.
  const late = setTimeout(() => {
    say()
    said.textContent = 'This page could not wake: its scripts did not come. Copy what you typed here, and load it again.'
  }, 30000)

  /** Called once the page is awake. */
  window.dendleAwake = function () {
    for (const type of Object.keys(on)) removeEventListener(type, on[type], true)
    removeEventListener('beforeunload', asks)
    delete document.documentElement.dataset.waking
    delete window.dendleAwake
    clearTimeout(late)
    said?.remove()
    const focused = document.activeElement
    if (focused && focused !== document.body) {
      focused.dispatchEvent(new FocusEvent('focus'))
      focused.dispatchEvent(new FocusEvent('focusin', { bubbles: true }))
    }
    typed.forEach((was, el) => write(el, was))
    // The page has it now, and keeps it in its own way.
    if (!shows) try { localStorage.removeItem(KEPT) } catch { /* it was kept nowhere */ }
    // One after the other: what the first opens, the second is meant for.
    let wait = Promise.resolve()
    held.forEach((again) => { wait = wait.then(again).then(() => new Promise(done => setTimeout(done, 30))) })
  }
})()
