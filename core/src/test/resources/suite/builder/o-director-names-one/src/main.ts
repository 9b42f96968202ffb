import { Kitchen } from "./kitchen";
import { ChildMeal, VeganMeal } from "./meals";

for (const builder of [new VeganMeal(), new ChildMeal()]) {
  console.log(new Kitchen(builder).cook().courses.join(", "));
}
