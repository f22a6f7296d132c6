/** Waits until a picture has been drawn, so that what follows has the time to the next one; not longer than a hidden page would make it wait. */
export function afterFrame(): Promise<void> {
  return new Promise((resolve) => {
    const late = setTimeout(resolve, 100)
    if (typeof requestAnimationFrame === 'undefined') return
    requestAnimationFrame(() => {
      clearTimeout(late)
      setTimeout(resolve)
    })
  })
}
