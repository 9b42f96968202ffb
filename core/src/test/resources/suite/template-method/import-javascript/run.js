const { LineImporter, JsonImporter } = require('./importers');

console.log(new LineImporter().import({ content: 'a\nb' }));
console.log(new JsonImporter().import({ content: '[1]' }));
