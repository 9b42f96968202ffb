import { SlipDesk } from "./slip"

export class Yard {
    private readonly desk = new SlipDesk()
    work(): void {
        this.desk.launch(2)
        this.desk.haul()
    }
}
