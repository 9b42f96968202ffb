import { Chart, Draw, Rub, Table } from "./yard";
const chart = new Chart();
const table = new Table();
table.run(new Draw(chart, 0, "abc"));
table.run(new Rub(chart, 1, 1));
table.back();
