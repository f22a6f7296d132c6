/** Median time of a piece of work over some rounds, after two to warm up. */
export function medianMs(rounds, work) {
    if (rounds > 1)
        for (let i = 0; i < 4; i++)
            work(i);
    const times = Array.from({ length: rounds }, (_, i) => {
        const start = performance.now();
        work(i);
        return performance.now() - start;
    }).sort((a, b) => a - b);
    return times[Math.floor(times.length / 2)];
}
//# sourceMappingURL=benchLine.js.map