export class Hub {
    constructor() {
        this.map = null
        this.list = null
        this.detail = null
    }
    join(map, list, detail) {
        this.map = map
        this.list = list
        this.detail = detail
    }
    changed(sender, ship) {
        if (sender === this.list) {
            this.map.centre(ship)
            this.detail.show(ship)
        } else if (sender === this.map) {
            this.list.select(ship)
            this.detail.show(ship)
        }
    }
}
