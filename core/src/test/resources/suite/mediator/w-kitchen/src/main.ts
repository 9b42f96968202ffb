import { Grill, HeadChef, Salads, Waiter } from "./kitchen";

const chef = new HeadChef();
chef.hire(new Grill(chef, "steak"));
chef.hire(new Salads(chef, "salad"));
new Waiter(chef).order("steak medium");
