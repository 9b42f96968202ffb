import { Dish, Menu, MenuPart } from "./menu";

const lunch: MenuPart = new Menu("lunch");
lunch.add(new Dish("soup", 450));
const sweets = new Menu("sweets");
sweets.add(new Dish("flan", 380));
lunch.add(sweets);
lunch.print();
console.log(lunch.price());
