class Device {
    start() { throw new Error("not implemented") }
    stop() { throw new Error("not implemented") }
    calibrate() { throw new Error("not implemented") }
    reading() { throw new Error("not implemented") }
}

class Siren extends Device {
    constructor() {
        super()
        this.on = false
    }
    start() { this.on = true }
    stop() { this.on = false }
    calibrate() { }
    reading() { throw new Error("a siren reads nothing") }
}

class Anemometer extends Device {
    constructor() {
        super()
        this.zero = 0
    }
    start() { }
    stop() { }
    calibrate() { this.zero = 1 }
    reading() { return 12 - this.zero }
}

class TideRod extends Device {
    start() { this.level = 3 }
    stop() { this.level = 0 }
    calibrate() { this.level = 1 }
    reading() { return this.level }
}

class Station {
    constructor(devices) {
        this.devices = devices
    }
    begin() {
        for (const device of this.devices) {
            device.start()
            device.calibrate()
        }
    }
}

new Station([new Siren(), new Anemometer(), new TideRod()]).begin()
