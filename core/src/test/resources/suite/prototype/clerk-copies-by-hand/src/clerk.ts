import { Route } from "./route"

export class Clerk {
    private shelf: Route[] = []

    keep(route: Route): void {
        this.shelf.push(route.copy())
    }

    again(route: Route): Route {
        const other = new Route(route.name)
        other.legs = route.legs
        other.speed = route.speed
        return other
    }
}
