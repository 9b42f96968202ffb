export interface Request {
  user?: string;
  body: Record<string, unknown>;
}

export type Handler = (request: Request) => Promise<unknown>;

export interface Guard {
  allows(request: Request): boolean;
}

export class LoggedIn implements Guard {
  allows(request: Request): boolean {
    return request.user !== undefined;
  }
}

export class HasFields implements Guard {
  constructor(private readonly names: string[]) {}

  allows(request: Request): boolean {
    return this.names.every((name) => name in request.body);
  }
}

export class Router {
  private readonly routes: { path: string; guards: Guard[]; handler: Handler }[] = [];

  route(path: string, guards: Guard[], handler: Handler): this {
    this.routes.push({ path, guards, handler });
    return this;
  }

  async dispatch(path: string, request: Request): Promise<unknown> {
    const route = this.routes.find((each) => each.path === path);
    if (!route) throw new Error(`no route ${path}`);
    for (const guard of route.guards) {
      if (!guard.allows(request)) throw new Error('forbidden');
    }
    return route.handler(request);
  }
}
