import { assessBenches } from './assess.bench.js';
process.stdout.write(JSON.stringify(assessBenches()));
//# sourceMappingURL=main.js.map