const { LightTheme, DarkTheme } = require("./themes");
const { Form } = require("./form");

const form = new Form();
form.useTheme(process.env.NIGHT ? new DarkTheme() : new LightTheme());
console.log(form.render());
