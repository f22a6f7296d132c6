const digitsKnown = new Map<string, number>()

/** Digits after the point of a currency: ISO 4217 by way of the runtime's own table, asked once a currency; 2 for an unknown code. */
export function currencyDigits(currency: string): number {
  const known = digitsKnown.get(currency)
  if (known !== undefined) return known
  const digits = askedDigits(currency)
  if (digitsKnown.size < 500) digitsKnown.set(currency, digits)
  return digits
}

function askedDigits(currency: string): number {
  try {
    return new Intl.NumberFormat('en-US', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ?? 2
  } catch {
    return 2
  }
}

/** Writes integer minor units (cents) as a plain amount: 13920 in USD is `139.20`. */
export function formatAmount(cents: number, currency: string): string {
  const digits = currencyDigits(currency)
  const sign = cents < 0 ? '-' : ''
  const text = String(Math.abs(cents)).padStart(digits + 1, '0')
  return digits === 0 ? sign + text : `${sign}${text.slice(0, -digits)}.${text.slice(-digits)}`
}

const writers = new Map<string, (cents: number) => string>()

/** Writes integer minor units with the sign of their currency, as people read sums: 13920 in USD is `$139.20`, in an unknown currency `139.20 XQX`. */
export function formatMoney(cents: number, currency: string): string {
  const known = writers.get(currency)
  if (known) return known(cents)
  const write = writerOf(currency)
  if (writers.size < 500) writers.set(currency, write)
  return write(cents)
}

function writerOf(currency: string): (cents: number) => string {
  try {
    const format = new Intl.NumberFormat('en-US', { style: 'currency', currency, currencyDisplay: 'narrowSymbol' })
    const scale = 10 ** currencyDigits(currency)
    return (cents) => format.format(cents / scale)
  } catch {
    return (cents) => `${formatAmount(cents, currency)} ${currency}`
  }
}

/** Reads a typed amount as integer minor units, without passing through a float; `undefined` when it is not an amount. */
export function parseAmount(text: string, currency: string): number | undefined {
  const digits = currencyDigits(currency)
  const match = /^\s*(-?)(\d{1,9})(?:[.,](\d+))?\s*$/.exec(text)
  if (!match) return undefined
  const fraction = match[3] ?? ''
  if (fraction.length > digits) return undefined
  const cents = Number(match[2]! + fraction.padEnd(digits, '0'))
  return match[1] ? -cents : cents
}
