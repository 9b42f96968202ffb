export class Route {
    legs: string[] = []
    speed = 0

    constructor(public name: string) {}

    copy(): Route {
        const other = new Route(this.name)
        other.legs = [...this.legs]
        other.speed = this.speed
        return other
    }
}
