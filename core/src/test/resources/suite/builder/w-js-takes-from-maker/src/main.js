const { LetterWriter } = require("./letter");

const writer = new LetterWriter();
writer.address("the harbour master");
writer.line("the crane is late");
console.log(writer.finish().lines);
