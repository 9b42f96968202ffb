const { createLight } = require("./light");

const light = createLight();
for (let i = 0; i < 5; i++) {
  light.tick();
  console.log(light.colour(), light.mayDrive());
}
