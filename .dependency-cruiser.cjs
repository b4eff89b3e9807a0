// Where the rules look; their own test gives them a tree that breaks each one (tests/Library/layers.test.ts).
const root = process.env.LAYERS_ROOT ?? 'resources/js';
const steps = 'bench|board|checks|coach|home|library|method|people|person|practice|reading|review|rules|session|sheet|squad|week|weeks';

module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'steps-do-not-know-each-other',
      severity: 'error',
      from: { path: `^${root}/(${steps})/`, pathNot: `^${root}/home/` },
      to: { path: `^${root}/(${steps})/`, pathNot: `^${root}/$1/` },
    },
    {
      // A person at home has the player of the floor, and nothing else of the desk.
      name: 'home-knows-the-player-alone',
      severity: 'error',
      from: { path: `^${root}/home/` },
      to: { path: `^${root}/(${steps})/`, pathNot: `^${root}/(home|coach)/` },
    },
    {
      name: 'what-steps-share-knows-no-step',
      severity: 'error',
      from: { path: `^${root}/(frame|editor|offline|clock|figure|ui|api)/` },
      to: { path: `^${root}/(${steps})/` },
    },
    { name: 'ui-knows-no-frame', severity: 'error', from: { path: `^${root}/(ui|figure|api)/` }, to: { path: `^${root}/(frame|editor|offline)/` } },
    { name: 'api-is-the-ground', severity: 'error', from: { path: `^${root}/api/` }, to: { path: `^${root}/(ui|figure)/` } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'types', 'default'] },
  },
};
