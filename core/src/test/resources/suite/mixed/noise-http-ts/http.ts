export interface HttpResponse<T> {
  status: number;
  data: T;
}

export class HttpError extends Error {
  constructor(readonly status: number, message: string) {
    super(message);
    this.name = 'HttpError';
  }
}

export interface ClientOptions {
  baseUrl: string;
  retries?: number;
  timeoutMs?: number;
}

export class HttpClient {
  private readonly options: Required<ClientOptions>;

  constructor(options: ClientOptions) {
    this.options = { retries: 2, timeoutMs: 5000, ...options };
  }

  async get<T>(path: string): Promise<T> {
    return (await this.request<T>('GET', path)).data;
  }

  async post<T>(path: string, body: unknown): Promise<T> {
    return (await this.request<T>('POST', path, body)).data;
  }

  private async request<T>(method: string, path: string, body?: unknown): Promise<HttpResponse<T>> {
    let last: unknown;
    for (let attempt = 0; attempt <= this.options.retries; attempt++) {
      try {
        const response = await fetch(this.options.baseUrl + path, {
          method,
          body: body === undefined ? undefined : JSON.stringify(body),
          signal: AbortSignal.timeout(this.options.timeoutMs),
        });
        if (!response.ok) throw new HttpError(response.status, response.statusText);
        return { status: response.status, data: (await response.json()) as T };
      } catch (error) {
        last = error;
      }
    }
    throw last;
  }
}
