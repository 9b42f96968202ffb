import { Form } from './form.js';
const master = new Form('Dues');
export function issue(ship) {
  const form = master.clone();
  form.row(ship);
  return form;
}
