export interface Request { ship: string; papers: boolean; }
export interface Handler {
  setNext(handler: Handler): Handler;
  handle(request: Request): string | null;
}

export abstract class BaseHandler implements Handler {
  private nextHandler: Handler | null = null;

  setNext(handler: Handler): Handler {
    this.nextHandler = handler;
    return handler;
  }

  handle(request: Request): string | null {
    if (this.nextHandler) {
      return this.nextHandler.handle(request);
    }
    return null;
  }
}

export class Papers extends BaseHandler {
  handle(request: Request): string | null {
    return request.papers ? super.handle(request) : 'no papers';
  }
}

export class Known extends BaseHandler {
  private readonly known = new Set(['Alma']);

  handle(request: Request): string | null {
    if (!this.known.has(request.ship)) {
      return 'unknown';
    }
    return super.handle(request);
  }
}

const first = new Papers();
first.setNext(new Known());
first.handle({ ship: 'Alma', papers: true });
