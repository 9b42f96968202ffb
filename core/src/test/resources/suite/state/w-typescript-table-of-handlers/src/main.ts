import { Turnstile } from "./turnstile";

const turnstile = new Turnstile();
turnstile.coin();
turnstile.push();
console.log(turnstile.coins);
