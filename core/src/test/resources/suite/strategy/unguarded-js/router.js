export class Shortest { pick(legs) { return legs[0]; } }
export class Calmest { pick(legs) { return legs[legs.length - 1]; } }
export class Router {
  setChoice(choice) { this.choice = choice; }
  route(legs) {
    if (this.choice instanceof Calmest) legs = legs.slice(1);
    return this.choice.pick(legs);
  }
  fallback() { this.choice = new Shortest(); }
}
const router = new Router();
router.setChoice(new Shortest());
router.route(['a']);
router.setChoice(new Calmest());
