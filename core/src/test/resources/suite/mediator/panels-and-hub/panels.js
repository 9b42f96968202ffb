export class MapPanel {
    constructor(hub) {
        this.hub = hub
        this.at = null
    }
    click(ship) {
        this.hub.changed(this, ship)
    }
    centre(ship) {
        this.at = ship
    }
}

export class ListPanel {
    constructor(hub) {
        this.hub = hub
        this.chosen = null
    }
    choose(ship) {
        this.chosen = ship
        this.hub.changed(this, ship)
    }
    select(ship) {
        this.chosen = ship
    }
}

export class DetailPanel {
    constructor(hub) {
        this.hub = hub
        this.text = ""
    }
    show(ship) {
        this.text = "ship " + ship
    }
}
