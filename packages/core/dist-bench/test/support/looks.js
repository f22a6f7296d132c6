import { readFileSync } from 'node:fs';
import { newGuest } from '@hestiad/core';
/** A demo look by its file's name. */
export function demoLook(name = 'pearl-anniversary') {
    return JSON.parse(readFileSync(new URL(`../../../../demo/${name}.hestiad.json`, import.meta.url), 'utf8'));
}
export const guests = (count) => Array.from({ length: count }, (_, i) => newGuest(i + 1));
const inch = 25.4;
const bare = {
    name: '',
    leaves: { owned: 0, in: 0, eachMm: 0 },
    support: { kind: 'pedestal' },
    heightMm: 740,
    seatHeightMm: 450,
    heads: 'open',
    color: '#aaaaaa'
};
export const roundTable = (diameterIn) => ({ ...bare, shape: { kind: 'round', diameterMm: diameterIn * inch } });
export const longTable = (lengthIn, widthIn, heads = 'open') => ({
    ...bare,
    heads,
    shape: { kind: 'rectangle', lengthMm: lengthIn * inch, widthMm: widthIn * inch }
});
export const ovalTable = (lengthIn, widthIn) => ({
    ...bare,
    shape: { kind: 'oval', lengthMm: lengthIn * inch, widthMm: widthIn * inch }
});
//# sourceMappingURL=looks.js.map