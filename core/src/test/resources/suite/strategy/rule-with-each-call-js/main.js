import { FerryRate, Ledger, YachtRate } from "./dues.js"

const ledger = new Ledger()
ledger.enter(90, new FerryRate())
ledger.enter(12, new YachtRate())
