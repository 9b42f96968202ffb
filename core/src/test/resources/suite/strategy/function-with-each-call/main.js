import { Ledger } from "./ledger.js"

const ferry = metres => metres * 2
const yacht = metres => metres * 7 + 10

const ledger = new Ledger()
ledger.enter(90, ferry)
ledger.enter(12, yacht)
console.log(ledger.largest((a, b) => a - b))
