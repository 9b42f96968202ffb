export interface CraneDto {
  id: number;
  reach: number;
  busy: boolean;
}

export interface Answer<T> {
  status: number;
  body?: T;
  error?: string;
}

export class CraneRepository {
  private rows: CraneDto[] = [];
  async findAll(): Promise<CraneDto[]> {
    return this.rows.slice();
  }
  async find(id: number): Promise<CraneDto | undefined> {
    return this.rows.find((r) => r.id === id);
  }
  async save(row: CraneDto): Promise<void> {
    this.rows = [...this.rows.filter((r) => r.id !== row.id), row];
  }
}

export class CraneController {
  constructor(private readonly cranes: CraneRepository) {}

  async list(): Promise<Answer<CraneDto[]>> {
    return ok(await this.cranes.findAll());
  }

  async show(id: number): Promise<Answer<CraneDto>> {
    const crane = await this.cranes.find(id);
    return crane ? ok(crane) : notFound(`crane ${id}`);
  }

  async reserve(id: number): Promise<Answer<CraneDto>> {
    const crane = await this.cranes.find(id);
    if (!crane) return notFound(`crane ${id}`);
    if (crane.busy) return { status: 409, error: "busy" };
    const next = { ...crane, busy: true };
    await this.cranes.save(next);
    return ok(next);
  }
}

function ok<T>(body: T): Answer<T> {
  return { status: 200, body };
}

function notFound<T>(what: string): Answer<T> {
  return { status: 404, error: `${what} not found` };
}
