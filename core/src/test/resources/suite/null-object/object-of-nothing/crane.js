import { FileLog, noLog } from "./log.js"

export class Crane {
    constructor(log = noLog) {
        this.log = log
        this.load = 0
    }
    lift(tons) {
        this.load = tons
        this.log.write("lifted " + tons)
    }
}

new Crane(new FileLog("/var/crane")).lift(3)
new Crane().lift(4)
