module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    { name: 'ui-knows-no-step', severity: 'error', from: { path: '^resources/js/(ui|api)/' }, to: { path: '^resources/js/(frame|bench|person|board|session|sheet|coach|review)/' } },
    { name: 'steps-know-each-other-only-by-address', severity: 'error', from: { path: '^resources/js/(bench|person|board|session|sheet|coach|review)/' }, to: { path: '^resources/js/(bench|person|board|session|sheet|coach|review)/', pathNot: '^resources/js/$1/' } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'types', 'default'] },
  },
};
