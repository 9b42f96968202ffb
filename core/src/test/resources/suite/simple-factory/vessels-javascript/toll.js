const { Registry } = require('./vessels');

const registry = new Registry();
console.log(['barge', 'yacht'].map((kind) => registry.enter(kind).toll()));
