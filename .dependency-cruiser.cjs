const core = '^packages/core/src'
const subjects = '(seating|linens|settings|serving|sewing|centerpiece|composition|stability|florals|light|sight|money|buying|cupboard)'

/** Imports point one way: units -> geometry -> (reference, design) -> solids -> subjects -> assess; formats reads design; web and server import core, never each other. */
module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    { name: 'units-know-nothing', severity: 'error', from: { path: `${core}/units` }, to: { path: core, pathNot: `${core}/units` } },
    { name: 'geometry-knows-units', severity: 'error', from: { path: `${core}/geometry` }, to: { path: core, pathNot: `${core}/(units|geometry)` } },
    {
      name: 'design-and-reference-are-low',
      severity: 'error',
      from: { path: `${core}/(design|reference)` },
      to: { path: `${core}/(solids|assess|formats|${subjects})` }
    },
    { name: 'solids-know-no-subject', severity: 'error', from: { path: `${core}/solids` }, to: { path: `${core}/(assess|formats|${subjects})` } },
    { name: 'subjects-know-no-assess', severity: 'error', from: { path: `${core}/${subjects}/` }, to: { path: `${core}/(assess|formats)` } },
    { name: 'assess-knows-no-formats', severity: 'error', from: { path: `${core}/assess` }, to: { path: `${core}/formats` } },
    { name: 'core-is-alone', severity: 'error', from: { path: core }, to: { path: '^packages/(server|web)' } },
    { name: 'core-needs-no-node', severity: 'error', from: { path: core }, to: { dependencyTypes: ['core'] } },
    { name: 'server-and-web-are-strangers', severity: 'error', from: { path: '^packages/server' }, to: { path: '^packages/web' } },
    { name: 'web-and-server-are-strangers', severity: 'error', from: { path: '^packages/web' }, to: { path: '^packages/server' } },
    { name: 'only-the-page-of-files-reads-formats', severity: 'error', from: { path: '^packages/web/src' }, to: { path: `${core}/formats` } }
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|dist-bench|node_modules|test|bench)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['source', 'import', 'default', 'types'],
      extensions: ['.ts', '.js', '.vue', '.json']
    }
  }
}
