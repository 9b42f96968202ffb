import { Launch, Tug } from "./boats"
import { Diesel, Electric } from "./engines"

export function trial(): void {
    const tug = new Tug(new Diesel())
    const launch = new Launch(new Electric())
    tug.go(10)
    launch.go(4)
    tug.stop()
}
