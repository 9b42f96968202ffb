const { Logger } = require("./logger");

const logger = new Logger();
logger.allow("info");
const timer = logger.startTimer();
timer.done();
