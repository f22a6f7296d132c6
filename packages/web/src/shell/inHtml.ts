const entities: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' }

/** Text as it stands in HTML, between tags or in a quoted attribute. */
export function inHtml(text: string): string {
  return text.replace(/[&<>"']/g, (c) => entities[c]!)
}
