import { ArticleApi } from "./api";
import { Cart } from "./cart";
import { Checkout } from "./checkout";

async function main(): Promise<void> {
  const cart = new Cart();
  for (const article of await new ArticleApi("https://shop.example").all()) cart.add(article);
  const result = new Checkout(cart).pay("4242424242424242");
  console.log(result.ok ? result.number : result.reason, String(cart.total()));
}

void main();
