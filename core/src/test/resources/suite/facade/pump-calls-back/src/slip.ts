import { Cradle, Gate, Pump } from "./parts"

export class SlipDesk {
    private readonly pump = new Pump(this)
    private readonly gate = new Gate()
    private readonly cradle = new Cradle()

    note(text: string): void {
        console.log(text)
    }
    launch(draught: number): void {
        this.pump.start()
        this.cradle.lower(draught)
        this.gate.swing()
        this.pump.stop()
    }
    haul(): void {
        this.gate.swing()
        this.cradle.lower(-3)
    }
}
