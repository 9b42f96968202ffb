import { Pages, Shelf } from "./pages.js";

const shelf = new Shelf();
shelf.add("tides");
for (const book of shelf) {
  console.log(book);
}
for await (const row of new Pages(async (page) => (page < 3 ? [page, page] : []))) {
  console.log(row);
}
