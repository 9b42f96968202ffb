import { Connection } from './conn';
export class Ships { private readonly connection = new Connection('db://aldera'); all() { return this.connection.query('ships'); } }
