const core = '^packages/core/src'
/** The folders of the core from the lowest to the highest; what stands on one line knows nothing of its neighbors there but what folder rules allow. */
const layers = [
  ['units', 'geometry', 'design', 'color'],
  ['reference', 'subject', 'sewing', 'journal'],
  ['solids', 'placing'],
  ['seating'],
  ['settings'],
  ['centerpiece'],
  ['intent', 'room', 'florals', 'light', 'arranging', 'sight', 'linens', 'menu', 'composition', 'stability', 'wall'],
  ['money'],
  ['buying', 'cupboard', 'assess', 'palette'],
  ['composer', 'formats', 'lists'],
  ['wholeLook'],
  ['changes']
]
const above = (line) => layers.slice(line + 1).flat()
const folders = (names) => `${core}/(${names.join('|')})/`

/** Imports point one way, folders form no ring, and no folder of the core is unknown here. */
module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    { name: 'no-rings-of-folders', severity: 'error', scope: 'folder', from: { path: core }, to: { circular: true } },
    { name: 'every-folder-is-known', severity: 'error', from: { path: `${core}/`, pathNot: [folders(layers.flat()), `${core}/[^/]+$`] }, to: {} },
    { name: 'geometry-knows-units', severity: 'error', from: { path: folders(['geometry']) }, to: { path: core, pathNot: folders(['geometry', 'units']) } },
    { name: 'units-and-colors-know-nothing', severity: 'error', from: { path: folders(['units']) }, to: { path: core, pathNot: folders(['units']) } },
    ...layers.slice(0, -1).map((names, line) => ({
      name: `${names.join('-')}-below`,
      severity: 'error',
      from: { path: folders(names) },
      to: { path: folders(above(line)) }
    })),
    { name: 'core-is-alone', severity: 'error', from: { path: core }, to: { path: '^packages/(server|web|api)' } },
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
