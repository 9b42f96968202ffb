import { Route } from './route';

export class Planner {
  private routes: Route[] = [];

  plan(text: string): number {
    const route = Route.parse(text);
    this.routes.push(route);
    return route.legs();
  }

  shuttle(a: string, b: string): void {
    this.routes.push(Route.between(a, b));
  }
}
