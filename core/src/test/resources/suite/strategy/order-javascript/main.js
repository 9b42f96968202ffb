import { Rota } from "./rota.js"

const byName = (a, b) => a.localeCompare(b)
const byLength = (a, b) => a.length - b.length

const day = new Rota(byName)
day.enter("Ines")
const night = new Rota(byLength)
night.enter("Bo")
console.log(day.watches(), night.watches())
