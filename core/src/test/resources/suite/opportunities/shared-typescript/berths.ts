import { Connection } from './conn';
export class Berths { private db = new Connection('db://aldera'); all() { return this.db.query('berths'); } }
