import { Quay } from "./quay.js"

const quay = new Quay()
quay.add("west")
for (const name of quay.backwards()) {
    console.log(name)
}
