export class Quay {
    #berths = []
    add(name) {
        this.#berths.push(name)
    }
    *backwards() {
        for (let i = this.#berths.length - 1; i >= 0; i--) {
            yield this.#berths[i]
        }
    }
}
